export { SimmerScreen as default } from '@/features/simmer/SimmerScreen';
