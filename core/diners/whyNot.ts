import type { Diet, Diner } from '@elixa/contract';
import type { FoodKind, Ingredient } from '../catalogue/ingredient';
import { MEAT, SEA } from '../catalogue/kinds';

const EXCLUDES: Record<Diet, { kinds: readonly FoodKind[]; says: string }> = {
  vegan: { kinds: [...MEAT, ...SEA, 'egg', 'milk', 'honey'], says: 'eats nothing from animals' },
  vegetarian: { kinds: [...MEAT, ...SEA], says: 'eats no meat or fish' },
  pescatarian: { kinds: MEAT, says: 'eats fish but no meat' },
  noPork: { kinds: ['pork'], says: 'eats no pork' },
  noBeef: { kinds: ['beef'], says: 'eats no beef' },
  noAlcohol: { kinds: ['alcohol'], says: 'takes no alcohol' },
};

/** What a guest leaves for what it does to the guest, an allergen or the thing itself, whatever the diet. */
export const avoidedIn = ({ avoids }: Diner, { id, name, allergens }: Ingredient): string | undefined =>
  allergens.find((one) => avoids.includes(one)) ?? (avoids.includes(id) ? name : undefined);

/**
 * Why a diner cannot eat an ingredient, in a few words, or undefined when there is no reason.
 * What could hurt comes before a diet.
 * @example whyNot(tove, chickenThigh) // 'eats fish but no meat'
 */
export function whyNot(diner: Diner, ingredient: Ingredient): string | undefined {
  const avoided = avoidedIn(diner, ingredient);
  if (avoided) return `avoids ${avoided}`;
  const diet = diner.diets.find((one) => EXCLUDES[one].kinds.some((kind) => ingredient.kinds.includes(kind)));
  return diet && EXCLUDES[diet].says;
}
