import { kitchenPage } from '@/kitchenPage';

export default kitchenPage(({ BuildCard }) => BuildCard);
