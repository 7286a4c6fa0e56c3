import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ AfterScreen }) => AfterScreen);
