import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ ChooseScreen }) => ChooseScreen);
