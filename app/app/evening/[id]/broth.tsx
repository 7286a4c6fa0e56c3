export { BrothScreen as default } from '@/features/broth/BrothScreen';
