import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ SimmerScreen }) => SimmerScreen);
