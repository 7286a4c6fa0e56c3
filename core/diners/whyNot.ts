import type { Diet, Diner } from '@elixa/contract';
import type { FoodKind, Ingredient } from '../catalogue/ingredient';

const MEAT: readonly FoodKind[] = ['poultry', 'pork', 'beef', 'lamb'];
const SEA: readonly FoodKind[] = ['fish', 'crustacean', 'mollusc'];

const EXCLUDES: Record<Diet, { kinds: readonly FoodKind[]; says: string }> = {
  vegan: { kinds: [...MEAT, ...SEA, 'egg', 'milk', 'honey'], says: 'eats nothing from animals' },
  vegetarian: { kinds: [...MEAT, ...SEA], says: 'eats no meat or fish' },
  pescatarian: { kinds: MEAT, says: 'eats fish but no meat' },
  noPork: { kinds: ['pork'], says: 'eats no pork' },
  noBeef: { kinds: ['beef'], says: 'eats no beef' },
  noAlcohol: { kinds: ['alcohol'], says: 'takes no alcohol' },
};

const AVOIDS = 'avoids';

/**
 * Why a diner cannot eat an ingredient, in a few words, or undefined when there is no reason.
 * @example whyNot(tove, chickenThigh) // 'eats fish but no meat'
 */
export function whyNot(diner: Diner, ingredient: Ingredient): string | undefined {
  const diet = diner.diets.find((one) => EXCLUDES[one].kinds.some((kind) => ingredient.kinds.includes(kind)));
  if (diet) return EXCLUDES[diet].says;
  const allergen = ingredient.allergens.find((one) => diner.avoids.includes(one));
  if (allergen) return `${AVOIDS} ${allergen}`;
  return diner.avoids.includes(ingredient.id) ? `${AVOIDS} ${ingredient.name}` : undefined;
}

/** Whether something is left by a guest for what it does to the guest (an allergen, a thing named), not for a diet. */
export const isAvoided = (why: string): boolean => why.startsWith(AVOIDS);
