export { ChooseScreen as default } from '@/features/choose/ChooseScreen';
