import type { Ingredient } from '../ingredient';
import { BOTTLES } from './bottles';
import { GRAINS } from './grains';
import { JARS } from './jars';
import { LARDER } from './larder';
import { MEAT } from './meat';
import { MUSHROOMS_AND_SEAWEED } from './mushroomsAndSeaweed';
import { PASTES } from './pastes';
import { SEA } from './sea';
import { SEASONINGS } from './seasonings';
import { SPICES } from './spices';
import { TOFU_AND_EGG } from './tofuAndEgg';
import { VEGETABLES } from './vegetables';

export const INGREDIENTS: readonly Ingredient[] = [
  ...MEAT,
  ...SEA,
  ...TOFU_AND_EGG,
  ...VEGETABLES,
  ...MUSHROOMS_AND_SEAWEED,
  ...GRAINS,
  ...SEASONINGS,
  ...PASTES,
  ...LARDER,
  ...SPICES,
  ...JARS,
  ...BOTTLES,
];

const BY_ID = new Map(INGREDIENTS.map((one) => [one.id, one]));

/**
 * The ingredient with this id.
 * @throws RangeError when the catalogue has none
 */
export function ingredientById(id: string): Ingredient {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`There is no ingredient "${id}" in the catalogue`);
  return found;
}

export const hasIngredient = (id: string) => BY_ID.has(id);
