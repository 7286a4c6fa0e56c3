import type { Amount, Liquid } from '@elixa/contract';
import { labelAt } from '../catalogue/cutThickness';
import type { Menu } from '../evening/menu';
import { showMeasure } from '../measures/showMeasure';
import { withLengths } from '../measures/showSize';
import { returnedG } from './liquids/returned';

const PURPOSE = { broth: 'broth', sauce: 'dip', marinade: 'marinade', base: 'base' } as const;

/**
 * Everything that is measured out tonight, in g, for the pot and for its liquids. What is cooked in a liquid and eaten
 * from the pot is counted once, in the pot.
 */
export function amountsOf({ evening, style, food }: Menu, liquids: readonly Liquid[]): Amount[] {
  const fromPot: Amount[] = food.map((one) => {
    const { what } = one;
    return {
      ingredientId: one.ingredientId,
      purpose: one.pan === 'aside' ? 'aside' : one.purpose,
      cut: one.cuts
        .map(({ cut }) => {
          const found = what.cuts[cut];
          const mm = evening.overrides.thicknessMm?.[one.ingredientId]?.[cut];
          return withLengths(found ? labelAt(found, mm) : cut, evening.units);
        })
        .join('; '),
      massG: one.massG,
      shown: showMeasure(one.massG, what, evening.units),
    };
  });
  const fromLiquids: Amount[] = liquids.flatMap((liquid) =>
    (liquid.jar ? [] : liquid.ingredients)
      .filter((part) => liquid.place === 'aside' || returnedG(style, food, liquid.formulaId, part.ingredientId) === 0)
      .map((part) => ({
        ingredientId: part.ingredientId,
        purpose: PURPOSE[liquid.kind],
        massG: part.massG,
        shown: { text: part.shownText, errorPct: part.roundingErrorPct },
      })),
  );
  return [...fromPot, ...fromLiquids];
}
