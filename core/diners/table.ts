import type { Diner, Evening, Swap } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Style, StyleItem } from '../catalogue/style';
import { brothsOf, chosenLiquids } from '../formula/chosenLiquids';
import { partsOf } from '../formula/schools';
import { whyNot } from './whyNot';

export type Pan = 'main' | 'aside';

/** Who eats from the pot and who from a small pan beside it. */
export interface Table {
  main: readonly Diner[];
  aside: readonly Diner[];
  swaps: readonly Swap[];
  leaveOut: ReadonlySet<string>;
}

const cannotEat = (diner: Diner, ingredientId: string) => whyNot(diner, ingredientById(ingredientId)) !== undefined;

/** What goes into the pot with the food, or is in its broth. */
export function potIngredients(evening: Evening, style: Style): Set<string> {
  const inBroth = brothsOf(chosenLiquids(evening, style)).flatMap((formula) => partsOf(formula, evening.style.schools));
  return new Set([...style.items, ...inBroth].map((one) => one.ingredientId));
}

/**
 * Seats everyone at the pot, except those for whom something of the food or the broth is cooked aside. When everybody
 * would sit aside, that swap simply holds for the whole pot.
 */
export function seatTable(evening: Evening, style: Style): Table {
  const leaveOut = new Set(evening.choices.leaveOut);
  const inPot = potIngredients(evening, style);
  const swaps = evening.choices.swaps.filter((swap) => !leaveOut.has(swap.ingredientId));
  const asideSwaps = swaps.filter((swap) => swap.scope === 'aside' && inPot.has(swap.ingredientId));
  const needsAside = (diner: Diner) => asideSwaps.some((swap) => cannotEat(diner, swap.ingredientId));
  const aside = evening.diners.filter(needsAside);
  if (aside.length === evening.diners.length) {
    return { main: aside, aside: [], swaps: swaps.map((swap) => ({ ...swap, scope: 'everyone' })), leaveOut };
  }
  return { main: evening.diners.filter((diner) => !needsAside(diner)), aside, swaps, leaveOut };
}

/** What stands in for an ingredient in a pan; the ingredient itself when nothing was swapped. */
export function standIn(table: Table, ingredientId: string, pan: Pan): string {
  const swap = table.swaps.find(
    (one) => one.ingredientId === ingredientId && (one.scope === 'everyone' || pan === 'aside'),
  );
  return swap?.withIngredientId ?? ingredientId;
}

/** Diners of a pan who can eat what an item of the style has become there. */
export function eatersOf(table: Table, item: StyleItem, pan: Pan): readonly Diner[] {
  if (table.leaveOut.has(item.ingredientId)) return [];
  const served = standIn(table, item.ingredientId, pan);
  return (pan === 'main' ? table.main : table.aside).filter((diner) => !cannotEat(diner, served));
}
