import type { Diner } from '@elixa/contract';
import { ingredientById } from '../../catalogue/ingredients';
import type { Ingredient } from '../../catalogue/ingredient';
import type { Helping } from '../../diners/helpings';
import type { Table } from '../../diners/table';
import type { SolvedLiquid } from './broths';

/** What ends up in a guest's bowl, whatever was settled: the last look before anything is called safe for somebody. */
export type Reach = (diner: Diner) => readonly Ingredient[];

const partsOf = (liquid: SolvedLiquid): Ingredient[] => [
  ...liquid.active.parts.map(({ what }) => what),
  ...(liquid.thinnedBy ? partsOf(liquid.thinnedBy) : []),
];

/**
 * Everything that reaches each guest in the evening as it was solved: the food and broth of the pan that the guest eats
 * from, the sauces of the guest's own bowl with what thins them, and what the food was laid in.
 */
export function reachOf(table: Table, food: readonly Helping[], liquids: readonly SolvedLiquid[]): Reach {
  return (diner) => {
    const pan = table.aside.includes(diner) ? 'aside' : 'main';
    const inPan = food.filter((one) => one.pan === pan).map((one) => ingredientById(one.ingredientId));
    const isApart = (other: SolvedLiquid) => other.forGuests?.includes(diner.name) ?? false;
    const isMine = (liquid: SolvedLiquid): boolean => {
      const { id } = liquid.active.formula;
      const hasOwn = liquids.some((other) => other.active.formula.id === id && isApart(other));
      return hasOwn ? isApart(liquid) : liquid.place !== 'aside';
    };
    return [...inPan, ...liquids.filter(isMine).flatMap(partsOf)];
  };
}
