export { WhoScreen as default } from '@/features/who/WhoScreen';
