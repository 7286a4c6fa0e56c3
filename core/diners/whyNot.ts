import type { Care, Diet, Diner } from '@elixa/contract';
import type { FoodKind, Ingredient } from '../catalogue/ingredient';
import { MEAT, SEA } from '../catalogue/kinds';

const EXCLUDES: Record<Diet, { kinds: readonly FoodKind[]; says: string }> = {
  vegan: { kinds: [...MEAT, ...SEA, 'egg', 'milk', 'honey'], says: 'eats nothing from animals' },
  vegetarian: { kinds: [...MEAT, ...SEA], says: 'eats no meat or fish' },
  pescatarian: { kinds: MEAT, says: 'eats fish but no meat' },
  noPork: { kinds: ['pork'], says: 'eats no pork' },
  noBeef: { kinds: ['beef'], says: 'eats no beef' },
  noAlcohol: { kinds: ['alcohol'], says: 'takes no alcohol' },
  mild: { kinds: ['chilli'], says: 'eats nothing hot' },
};

/** What harms a guest, what a guest should be asked about, a way of eating, and what a guest would rather leave. */
export type Weight = 'harm' | 'care' | 'diet' | 'taste';

export interface Objection {
  weight: Weight;
  /** In a few words, to stand after the guest's name. */
  why: string;
  /** What a guest can be asked about, and whether that was done. */
  care?: Care;
  agreed?: boolean;
}

const found = (names: readonly string[], { id, name, allergens }: Ingredient): string | undefined =>
  allergens.find((one) => names.includes(one)) ?? (names.includes(id) ? name : undefined);

/** Who should have no alcohol, for what reason: those who grow, and who carries a child. */
const spared = ({ child, years, expecting }: Diner): string | undefined => {
  if (expecting) return 'is expecting a child';
  if (!child) return undefined;
  return years === undefined ? 'is a child' : years < 1 ? 'is a baby' : `is ${years}`;
};

/**
 * What stands between a diner and an ingredient, or undefined when nothing does. What could hurt comes before a diet, and
 * a diet before what is only disliked.
 * @example objectionOf(pim, sake) // { weight: 'care', why: 'is 8', care: 'alcohol', agreed: false }
 */
export function objectionOf(diner: Diner, ingredient: Ingredient): Objection | undefined {
  const avoided = found(diner.avoids, ingredient);
  if (avoided) return { weight: 'harm', why: `avoids ${avoided}` };
  const diet = diner.diets.find((one) => EXCLUDES[one].kinds.some((kind) => ingredient.kinds.includes(kind)));
  if (diet) return { weight: 'diet', why: EXCLUDES[diet].says };
  const isSpared = ingredient.kinds.includes('alcohol') ? spared(diner) : undefined;
  if (isSpared) {
    return { weight: 'care', why: isSpared, care: 'alcohol', agreed: diner.agreed?.includes('alcohol') ?? false };
  }
  const disliked = found(diner.dislikes ?? [], ingredient);
  return disliked ? { weight: 'taste', why: `does not like ${disliked}` } : undefined;
}

/**
 * Why a diner is not served an ingredient, in a few words, or undefined when there is no reason.
 * @example whyNot(tove, chickenThigh) // 'eats fish but no meat'
 */
export function whyNot(diner: Diner, ingredient: Ingredient): string | undefined {
  const objection = objectionOf(diner, ingredient);
  return objection?.agreed ? undefined : objection?.why;
}

/** Whether it must not come near a diner, so that not even its broth will do; what is only disliked may lie in the same pot. */
export const mustNotMeet = (diner: Diner, ingredient: Ingredient): boolean =>
  whyNot(diner, ingredient) !== undefined && objectionOf(diner, ingredient)?.weight !== 'taste';
