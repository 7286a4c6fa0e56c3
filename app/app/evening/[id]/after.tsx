export { AfterScreen as default } from '@/features/after/AfterScreen';
