import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ PrintSheet }) => PrintSheet);
