import type { Amount, Evening, Liquid } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Helping } from '../diners/helpings';
import { showMeasure } from '../measures/showMeasure';
import { withLengths } from '../measures/showSize';

const PURPOSE = { broth: 'broth', sauce: 'dip', marinade: 'marinade', base: 'base' } as const;

/** Everything that is measured out tonight, in g, for the pot and for its liquids. */
export function amountsOf(evening: Evening, food: readonly Helping[], liquids: readonly Liquid[]): Amount[] {
  const fromPot: Amount[] = food.map((one) => {
    const what = ingredientById(one.ingredientId);
    return {
      ingredientId: one.ingredientId,
      purpose: one.pan === 'aside' ? 'aside' : one.purpose,
      cut: one.cuts.map(({ cut }) => withLengths(what.cuts[cut]?.label ?? cut, evening.units)).join('; '),
      massG: one.massG,
      shown: showMeasure(one.massG, what, evening.units),
    };
  });
  const fromLiquids: Amount[] = liquids.flatMap((liquid) =>
    (liquid.jar ? [] : liquid.ingredients).map((part) => ({
      ingredientId: part.ingredientId,
      purpose: PURPOSE[liquid.kind],
      massG: part.massG,
      shown: { text: part.shownText, errorPct: part.roundingErrorPct },
    })),
  );
  return [...fromPot, ...fromLiquids];
}
