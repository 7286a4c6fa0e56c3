import type { Evening } from '@elixa/contract';
import { portionsOf } from '../diners/portion';
import type { Pan } from '../diners/table';
import type { Menu } from './menu';

/** Pots alike that simmer at once, from one stock. */
export const potsOf = ({ choices }: Pick<Evening, 'choices'>): number => choices.pots ?? 1;

const COUNTED = ['no', 'one', 'two', 'three', 'four'] as const;

/** How many pots there are, in words. */
export const potsInWords = (pots: number): string => COUNTED[pots] ?? String(pots);

/** The share of what everybody eats that one such pot holds; there is one small pan however many pots there are. */
const shareOf = (evening: Evening, pan: Pan) => (pan === 'main' ? 1 / potsOf(evening) : 1);

/** Regular heads that one pot, or the small pan, feeds. */
export const headsAt = ({ evening, table }: Pick<Menu, 'evening' | 'table'>, pan: Pan): number =>
  portionsOf(pan === 'main' ? table.main : table.aside) * shareOf(evening, pan);

/** The menu as one of several pots alike has it: its part of all that is cooked. */
export function eachPot(menu: Menu): Menu {
  if (potsOf(menu.evening) === 1) return menu;
  const food = menu.food.map((one) => {
    if (one.purpose === 'beside') return one;
    const share = shareOf(menu.evening, one.pan);
    return {
      ...one,
      massG: one.massG * share,
      cuts: one.cuts.map(({ cut, massG }) => ({ cut, massG: massG * share })),
    };
  });
  return { ...menu, food };
}
