export { EveningsScreen as default } from '@/features/evenings/EveningsScreen';
