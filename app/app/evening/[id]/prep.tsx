export { PrepScreen as default } from '@/features/prep/PrepScreen';
