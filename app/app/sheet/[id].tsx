import { kitchenPage } from '@/kitchenPage';

export default kitchenPage(({ PrintSheet }) => PrintSheet);
