import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ ShoppingScreen }) => ShoppingScreen);
