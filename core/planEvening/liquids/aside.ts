import type { Swap } from '@elixa/contract';
import type { Formula } from '../../catalogue/formula';
import type { Pan, Table } from '../../diners/table';
import type { Exchanged } from '../../formula/activeFormula';
import { partsOf } from '../../formula/schools';

/** What a table has changed in the liquids of one of its pans. */
export const exchangedIn = (table: Table, pan: Pan): Exchanged => ({
  leftOut: table.leaveOut,
  swaps: table.swaps.filter((swap) => swap.scope === 'everyone' || pan === 'aside'),
});

/** Swaps for some of the guests that this formula takes up, by the schools that are followed. */
export function asideSwapsOf(
  formula: Formula,
  schools: Readonly<Record<string, string>>,
  { swaps, leaveOut }: Pick<Table, 'swaps' | 'leaveOut'>,
): Swap[] {
  const used = new Set(partsOf(formula, schools).map((part) => part.ingredientId));
  return swaps.filter(
    (swap) => swap.scope === 'aside' && used.has(swap.ingredientId) && !leaveOut.has(swap.ingredientId),
  );
}

/** Whether those who eat aside need this broth made another way. */
export const asideDiffers = (...given: Parameters<typeof asideSwapsOf>) => asideSwapsOf(...given).length > 0;
