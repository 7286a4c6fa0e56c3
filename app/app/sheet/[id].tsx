export { PrintSheet as default } from '@/features/prep/PrintSheet';
