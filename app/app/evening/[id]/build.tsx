import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ BuildScreen }) => BuildScreen);
