import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ StoveScreen }) => StoveScreen);
