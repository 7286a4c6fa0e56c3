import { kitchenPage } from '@/kitchenPage';

export default kitchenPage(({ EveningShell }) => EveningShell);
