import type { OwnThing } from '@elixa/contract';
import type { Ingredient } from './ingredient';
import { hasIngredient, ingredientById } from './ingredients';
import { isOwnSound, ownIngredient } from './ownThings';

/** Looks ingredients up: those that Elixa ships with, and the cook's own of one document. */
export interface Catalogue {
  /**
   * The ingredient with this id.
   * @throws RangeError when there is none
   */
  byId(id: string): Ingredient;
  has(id: string): boolean;
}

/** What Elixa ships with, and nothing of a cook's own. */
export const CATALOGUE: Catalogue = { byId: ingredientById, has: hasIngredient };

const WITH_OWN = new WeakMap<readonly OwnThing[], Catalogue>();

function withOwn(own: readonly OwnThing[]): Catalogue {
  const things = new Map(own.filter(isOwnSound).map((thing) => [thing.id, ownIngredient(thing)]));
  return {
    byId: (id) => things.get(id) ?? ingredientById(id),
    has: (id) => things.has(id) || hasIngredient(id),
  };
}

/**
 * What can be looked up for an evening or a pot of the house: what Elixa ships with and what the document names itself. A
 * thing that does not hold together is not found. The same list gives the same catalogue.
 */
export function catalogueOf({ own }: { own?: readonly OwnThing[] | undefined }): Catalogue {
  if (!own || own.length === 0) return CATALOGUE;
  const known = WITH_OWN.get(own) ?? withOwn(own);
  WITH_OWN.set(own, known);
  return known;
}
