import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ PotScreen }) => PotScreen);
