import { sum } from '../measures/sum';
import type { Bunch } from './bunches';

/** What is on sticks that lean on the rim, handles out. */
export interface SkewerPlan {
  count: number;
  /** Of the food on one. */
  gramsEach: number;
  /** From the point to the handle. */
  order: string[];
}

/** How the food of a round is put on sticks; nothing where nothing is. */
export function skewersOf(bunches: readonly Bunch[]): SkewerPlan | undefined {
  const parts = bunches.flatMap((one) => one.parts);
  const count = sum(parts.map((one) => one.count));
  if (count === 0) return undefined;
  return {
    count,
    gramsEach: sum(parts.map((one) => one.massG)) / count,
    order: bunches.map((one) => one.ingredientId),
  };
}
