import { eveningSchema } from '@elixa/contract/evening';
import { liveEventSchema } from '@elixa/contract/live';
import { planSchema } from '@elixa/contract/plan';
import { readEvening } from '@elixa/contract';
import { z } from 'zod';
import { EveningShell } from '@/features/shell/EveningShell';

/**
 * Everything that computes and everything that an evening is cooked with, in one piece of the application: the list of
 * evenings is there without it. Whatever needs it asks the door.
 */
export { AfterScreen } from '@/features/after/AfterScreen';
export { BrothScreen } from '@/features/broth/BrothScreen';
export { BuildCard } from '@/features/build/BuildCard';
export { BuildScreen } from '@/features/build/BuildScreen';
export { ChooseScreen } from '@/features/choose/ChooseScreen';
export { EveningShell } from '@/features/shell/EveningShell';
export { LocalCard } from '@/features/evenings/LocalCard';
export { makeEvening } from '@/features/evenings/makeEvening';
export { readEveningFile } from '@/features/evenings/readEveningFile';
export { PotScreen } from '@/features/pot/PotScreen';
export { PrepScreen } from '@/features/prep/PrepScreen';
export { PrintSheet } from '@/features/prep/PrintSheet';
export { RehearsalScreen } from '@/features/rehearsal/RehearsalScreen';
export { ShoppingScreen } from '@/features/shopping/ShoppingScreen';
export { SimmerScreen } from '@/features/simmer/SimmerScreen';
export { StoveScreen } from '@/features/stove/StoveScreen';
export { WhoScreen } from '@/features/who/WhoScreen';
export * from '@/state/reading';

/**
 * What every page in here begins with, from the bottom up. A module is run when something of it is first touched: touched
 * one after another, none of them keeps a tap waiting.
 */
export const beginnings: ReadonlyArray<() => unknown> = [
  () => z,
  () => eveningSchema,
  () => liveEventSchema,
  () => planSchema,
  () => readEvening,
  () => EveningShell,
];
