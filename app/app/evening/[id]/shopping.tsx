export { ShoppingScreen as default } from '@/features/shopping/ShoppingScreen';
