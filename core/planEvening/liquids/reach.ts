import type { Diner } from '@elixa/contract';
import type { Ingredient } from '../../catalogue/ingredient';
import { portionOf, portionsOf } from '../../diners/portion';
import { isOn } from '../../diners/sides';
import type { Reaching } from '../../evening/conflicts';
import type { Menu } from '../../evening/menu';
import type { SolvedLiquid } from './broths';

const partsOf = (liquid: SolvedLiquid): Ingredient[] => [
  ...liquid.active.parts.map(({ what }) => what),
  ...(liquid.thinnedBy ? partsOf(liquid.thinnedBy) : []),
];

/** The liquids that a guest meets: those of the pan and side that the guest eats from, and of the guest's own bowl. */
function liquidsFor({ table, sides }: Menu, liquids: readonly SolvedLiquid[], diner: Diner): SolvedLiquid[] {
  const pan = table.aside.includes(diner) ? 'aside' : 'main';
  const only = sides?.only.get(diner);
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
  return liquids.filter(isMine).map(asEaten);
}

/**
 * What ends up in a guest's bowl, whatever was settled: the last look before anything is called safe for somebody. The food
 * and broth of the pan that the guest eats from, the sauces of the guest's own bowl with what thins them, and what the food
 * was laid in; with the alcohol that is left of each thing if the guest's whole share of it is eaten and drunk.
 */
export function reachingOf(menu: Menu, liquids: readonly SolvedLiquid[]): Reaching {
  const { evening, table, food, sides } = menu;
  const met = new Map(evening.diners.map((diner) => [diner, liquidsFor(menu, liquids, diner)]));
  const liquidsOf = (diner: Diner) => met.get(diner) ?? [];
  return {
    reach: (diner) => {
      const pan = table.aside.includes(diner) ? 'aside' : 'main';
      const only = sides?.only.get(diner);
      const mine = food.filter((one) => one.pan === pan && (only === undefined || isOn(one.where, only)));
      return [...mine.map((one) => one.what), ...liquidsOf(diner).flatMap(partsOf)];
    },
    alcoholG: (diner) => {
      const left = new Map<string, number>();
      for (const { active, solution } of liquidsOf(diner)) {
        // What is mixed ahead for a broth is counted there.
        if (active.formula.kind === 'base') continue;
        const shared = evening.diners.filter((other) => liquidsOf(other).some((one) => one.solution === solution));
        const isDrunk = active.formula.kind === 'sauce' ? (evening.choices.batches?.[active.formula.id] ?? 1) : 1;
        const share = portionOf(diner) / portionsOf(shared) / isDrunk;
        // Not what soy sauce and miso have of it by nature.
        const isOfIt = new Set(
          active.parts.filter(({ what }) => what.kinds.includes('alcohol')).map(({ what }) => what.id),
        );
        for (const { ingredientId, keptG } of solution.alcoholOf.filter((one) => isOfIt.has(one.ingredientId))) {
          left.set(ingredientId, (left.get(ingredientId) ?? 0) + keptG * share);
        }
      }
      return left;
    },
  };
}
