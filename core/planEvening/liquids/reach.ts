import type { Diner } from '@elixa/contract';
import type { Ingredient } from '../../catalogue/ingredient';
import { isOn } from '../../diners/sides';
import type { Menu } from '../../evening/menu';
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
export function reachOf({ table, food, sides }: Menu, liquids: readonly SolvedLiquid[]): Reach {
  return (diner) => {
    const pan = table.aside.includes(diner) ? 'aside' : 'main';
    const only = sides?.only.get(diner);
    const mine = food.filter((one) => one.pan === pan && (only === undefined || isOn(one.where, only)));
    const inPan = mine.map((one) => one.what);
    // Who eats from one side thins a dip with the broth of that side.
    const isOverTheWall = ({ place }: SolvedLiquid) =>
      (only === 'second' && place === 'pot') || (only === 'first' && place === 'otherHalf');
    const ownSide = liquids.find((one) => one.place === (only === 'second' ? 'otherHalf' : 'pot'));
    const isApart = (other: SolvedLiquid) => other.forGuests?.includes(diner.name) ?? false;
    const isMine = (liquid: SolvedLiquid): boolean => {
      const { id } = liquid.active.formula;
      const hasOwn = liquids.some((other) => other.active.formula.id === id && isApart(other));
      if (isOverTheWall(liquid)) return false;
      // Who eats from the small pan has its broth, and neither of those in the pot.
      if (pan === 'aside' && liquid.place === 'otherHalf') return false;
      return hasOwn ? isApart(liquid) : liquid.place !== 'aside';
    };
    const asEaten = (liquid: SolvedLiquid) =>
      liquid.thinnedBy && isOverTheWall(liquid.thinnedBy) ? { ...liquid, thinnedBy: ownSide } : liquid;
    return [...inPan, ...liquids.filter(isMine).map(asEaten).flatMap(partsOf)];
  };
}
