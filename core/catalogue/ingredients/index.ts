import type { Ingredient } from '../ingredient';
import { PROTEINS } from './proteins';
import { SEASONINGS } from './seasonings';
import { VEGETABLES } from './vegetables';

export const INGREDIENTS: readonly Ingredient[] = [...PROTEINS, ...VEGETABLES, ...SEASONINGS];

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
