export { StoveScreen as default } from '@/features/stove/StoveScreen';
