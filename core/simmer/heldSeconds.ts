import type { SimmerPiece } from '@elixa/contract';

/** For so many seconds a slice is held, as it is told: in fives, since nobody counts finer with a slice in the chopsticks, and never too few. */
export const heldSeconds = ({ bestS }: Pick<SimmerPiece, 'bestS'>): number => Math.ceil(bestS / 5) * 5;
