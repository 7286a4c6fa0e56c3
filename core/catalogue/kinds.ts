import type { Family } from './family';
import type { FoodKind, Ingredient } from './ingredient';

export const MEAT: readonly FoodKind[] = ['poultry', 'pork', 'beef', 'lamb'];
export const SEA: readonly FoodKind[] = ['fish', 'crustacean', 'mollusc'];

const isOf = ({ kinds }: Pick<Ingredient, 'kinds'>, any: readonly FoodKind[]): boolean =>
  kinds.some((kind) => any.includes(kind));

/** What a side without meat is free of, with anything that holds it. */
export const isMeatOrFish = (what: Pick<Ingredient, 'kinds'>): boolean => isOf(what, [...MEAT, ...SEA]);

const FLESH: readonly Family[] = ['poultry', 'meat', 'fish', 'shellfish'];
const CARCASSES: readonly Family[] = ['poultry', 'meat'];

/**
 * Flesh and bones as they come from the butcher, so that hands, board and knife are washed after them. Not what is dried,
 * tinned or ready cooked, nor what comes out of a liquid that it was cooked in.
 * @param cut as it is cut tonight, where it is cut
 */
export function isRawFlesh({ kinds, family, perils, cuts }: Ingredient, cut = ''): boolean {
  if (!isMeatOrFish({ kinds }) || !FLESH.includes(family) || cuts[cut]?.fromLiquid) return false;
  return perils.includes('cookThrough') || (CARCASSES.includes(family) && perils.includes('bones'));
}

/** What has to get hot in the middle before it is eaten: meat, fish and egg; not milk, honey or wine. */
export const isHeatedThrough = (what: Pick<Ingredient, 'kinds'>): boolean => isOf(what, [...MEAT, ...SEA, 'egg']);

/** Families of which pieces are kept in a freezer and go into a pot from there; herbs, leaves and spices are not. */
const FROZEN: readonly Family[] = ['poultry', 'meat', 'fish', 'shellfish', 'grain', 'tofu', 'root', 'mushroom'];

/** Whether anybody puts it in frozen. */
export const goesInFrozen = ({ family }: Pick<Ingredient, 'family'>): boolean => FROZEN.includes(family);
