import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ RehearsalScreen }) => RehearsalScreen);
