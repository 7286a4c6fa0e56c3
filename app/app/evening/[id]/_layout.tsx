export { EveningShell as default } from '@/features/evening/EveningShell';
