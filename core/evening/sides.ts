import type { Diner, Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import type { Formula } from '../catalogue/formula';
import { isMeatOrFish } from '../catalogue/kinds';
import type { Style } from '../catalogue/style';
import type { Side, Sides } from '../diners/sides';
import { standIn, type Table } from '../diners/table';
import { mustNotMeet } from '../diners/whyNot';
import { partsOf } from '../formula/schools';
import type { TonightsSlots } from '../diners/helpings';
import type { ChosenLiquids } from './chosenLiquids';

const OTHER: Record<Side, Side> = { first: 'second', second: 'first' };

/** What is in a broth as it is made for everyone. */
const inBroth = (formula: Formula, evening: Evening, table: Table): string[] =>
  partsOf(formula, evening.style.schools)
    .map((part) => part.ingredientId)
    .filter((id) => !table.leaveOut.has(id))
    .map((id) => standIn(table, id, 'main'));

/**
 * The side that is kept free of meat: the one that the cook names, or the style's where its broth has no meat in it either.
 */
export function meatFreeSide(evening: Evening, style: Style, chosen: ChosenLiquids, table: Table): Side | undefined {
  const asked = evening.choices.sides?.meatFree;
  if (asked === 'none') return undefined;
  const side = asked ?? style.meatFreeSide;
  const broth = side === 'first' ? chosen.broth : chosen.otherHalf;
  if (!side || !broth) return undefined;
  const catalogue = catalogueOf(evening);
  return asked ?? (inBroth(broth, evening, table).some((id) => isMeatOrFish(catalogue.byId(id))) ? undefined : side);
}

/**
 * The two sides of a pot with two broths: what is cooked in which, which is free of meat, and who eats from one of them
 * only, since something in the other is not for them.
 * @returns undefined where the pot has one broth
 */
export function sidesOf(
  evening: Evening,
  style: Style,
  { slots, chosen, table }: { slots: TonightsSlots; chosen: ChosenLiquids; table: Table },
): Sides | undefined {
  const { broth, otherHalf } = chosen;
  if (!broth || !otherHalf) return undefined;
  const meatFree = meatFreeSide(evening, style, chosen, table);
  const asked = evening.choices.sides?.of ?? {};
  const servedOf = (slotId: string) => standIn(table, slotId, 'main');
  const catalogue = catalogueOf(evening);
  const isFixed = (slotId: string) => meatFree !== undefined && isMeatOrFish(catalogue.byId(servedOf(slotId)));
  const whereOf: Sides['whereOf'] = (slotId) =>
    isFixed(slotId) && meatFree ? OTHER[meatFree] : (asked[slotId] ?? 'both');
  const food = slots.pot.map((slot) => slot.ingredientId).filter((id) => !table.leaveOut.has(id));
  const contents = { first: inBroth(broth, evening, table), second: inBroth(otherHalf, evening, table) };
  const on = (side: Side) => [...contents[side], ...food.filter((id) => whereOf(id) !== OTHER[side]).map(servedOf)];
  const everything = { first: on('first'), second: on('second') };
  const canEat = (diner: Diner, side: Side) => everything[side].every((id) => !mustNotMeet(diner, catalogue.byId(id)));
  const only = new Map(
    table.main.flatMap((diner): Array<[Diner, Side]> => {
      const sides = (['first', 'second'] as const).filter((side) => canEat(diner, side));
      return sides.length === 1 ? [[diner, sides[0]!]] : [];
    }),
  );
  return { meatFree, whereOf, isFixed, only, contents, names: { first: broth.name, second: otherHalf.name } };
}
