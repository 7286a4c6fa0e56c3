import { inKitchen } from '@/kitchenDoor';

export default inKitchen(({ EveningShell }) => EveningShell);
