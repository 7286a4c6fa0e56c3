import type { Diner, Evening, Swap } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
import { mustNotMeet, whyNot } from './whyNot';

export type Pan = 'main' | 'aside';

/** Who eats from the pot and who from a small pan beside it. */
export interface Table {
  main: readonly Diner[];
  aside: readonly Diner[];
  swaps: readonly Swap[];
  leaveOut: ReadonlySet<string>;
}

/**
 * Seats everyone at the pot, except those for whom something of the food or the broth is cooked aside. When everybody
 * would sit aside, that swap simply holds for the whole pot.
 * @param inPot what goes into the pot with the food, or is in its broth
 */
export function seatTable(evening: Evening, inPot: ReadonlySet<string>): Table {
  const leaveOut = new Set(evening.choices.leaveOut);
  const swaps = evening.choices.swaps.filter((swap) => !leaveOut.has(swap.ingredientId));
  const asideSwaps = swaps.filter((swap) => swap.scope === 'aside' && inPot.has(swap.ingredientId));
  const catalogue = catalogueOf(evening);
  const needsAside = (diner: Diner) => asideSwaps.some((swap) => mustNotMeet(diner, catalogue.byId(swap.ingredientId)));
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

/** Diners of a pan who can eat what a thing of the style has become there. */
export function eatersOf(catalogue: Catalogue, table: Table, ingredientId: string, pan: Pan): readonly Diner[] {
  if (table.leaveOut.has(ingredientId)) return [];
  const served = catalogue.byId(standIn(table, ingredientId, pan));
  return (pan === 'main' ? table.main : table.aside).filter((diner) => whyNot(diner, served) === undefined);
}
