import type { PantryItem, ShoppingItem, Swap } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { likeRatio, likesOf, potCutsOf } from '../catalogue/kin';
import type { Role } from '../catalogue/style';
import { objectionOf } from '../diners/whyNot';
import { swapTaken } from '../evening/edits/choices';
import type { Menu } from '../evening/menu';
import { checkEvening } from '../evening/resolveMenu';
import { inTheHouse, NEAR_ENOUGH } from './pantry';

/** One thing that the house has for one that it lacks, like for like. */
export type Exchange = Pick<Swap, 'ingredientId' | 'withIngredientId'>;

/** What a pot is named after is looked for first. */
const FIRST: readonly Role[] = ['main', 'second'];

export const asSwap = (exchange: Exchange): Swap => ({ ...exchange, scope: 'everyone' });

/**
 * What of a pot the house lacks and has something like, the main things first; each for everybody, and nothing that a guest
 * should not have. What lies in a marinade or comes out of the broth stays.
 * @param shopping the list of the pot, with what the house has of each thing
 * @param day of the evening, as `2026-11-28`
 */
export function exchangesFromHouse(
  { evening, catalogue, slots, style, marinades }: Menu,
  shopping: readonly ShoppingItem[],
  pantry: readonly PantryItem[],
  day: string,
): Exchange[] {
  const there = inTheHouse(pantry, day);
  if (there.size === 0) return [];
  const inUse = new Set(shopping.map((one) => one.ingredientId));
  const suits = (what: Ingredient) => evening.diners.every((diner) => objectionOf(diner, what) === undefined);
  const rank = (role: Role) => (FIRST.includes(role) ? FIRST.indexOf(role) : FIRST.length);
  const isFixed = (ingredientId: string) =>
    [...marinades.values()].some((on) => on.some((one) => one.ingredientId === ingredientId)) ||
    style.returns.some((one) => one.ingredientId === ingredientId) ||
    evening.choices.swaps.some((swap) => [swap.ingredientId, swap.withIngredientId].includes(ingredientId));
  const found: Exchange[] = [];
  let now = evening;
  for (const { ingredientId } of [...slots.pot].sort((a, b) => rank(a.role) - rank(b.role))) {
    const item = shopping.find((one) => one.ingredientId === ingredientId);
    if (!item || item.buy.count === 0 || isFixed(ingredientId)) continue;
    const what = catalogue.byId(ingredientId);
    const enough = likesOf(what)
      .filter((like) => !inUse.has(like.id) && potCutsOf(like).length > 0 && suits(like))
      .filter((like) => (there.get(like.id) ?? 0) >= item.needG * likeRatio(what, like) * NEAR_ENOUGH)
      // Fish for fish before tofu for fish; of two of them what there is more of.
      .sort(
        (a, b) =>
          Number(b.family === what.family) - Number(a.family === what.family) || there.get(b.id)! - there.get(a.id)!,
      );
    for (const like of enough) {
      const exchange = { ingredientId, withIngredientId: like.id };
      const next = swapTaken(now, { kind: 'swapTaken', swap: asSwap(exchange) });
      if (checkEvening(next).length > 0) continue;
      now = next;
      inUse.add(like.id);
      found.push(exchange);
      break;
    }
  }
  return found;
}
