export { PotScreen as default } from '@/features/pot/PotScreen';
