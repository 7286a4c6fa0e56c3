import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ PrepScreen }) => PrepScreen);
