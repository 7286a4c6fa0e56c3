import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ WhoScreen }) => WhoScreen);
