import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ BrothScreen }) => BrothScreen);
