/**
 * Everything that computes and everything that an evening is cooked with, in one piece of the application: the list of
 * evenings is there without it. Whatever needs it asks the door.
 */
export { AfterScreen } from '@/features/after/AfterScreen';
export { BrothScreen } from '@/features/broth/BrothScreen';
export { ChooseScreen } from '@/features/choose/ChooseScreen';
export { EveningShell } from '@/features/evening/EveningShell';
export { LocalCard } from '@/features/evenings/LocalCard';
export { makeEvening } from '@/features/evenings/makeEvening';
export { readEveningFile } from '@/features/evenings/readEveningFile';
export { PotScreen } from '@/features/pot/PotScreen';
export { PrepScreen } from '@/features/prep/PrepScreen';
export { PrintSheet } from '@/features/prep/PrintSheet';
export { ShoppingScreen } from '@/features/shopping/ShoppingScreen';
export { SimmerScreen } from '@/features/simmer/SimmerScreen';
export { StoveScreen } from '@/features/stove/StoveScreen';
export { WhoScreen } from '@/features/who/WhoScreen';
export * from '@/state/reading';
