import type { Formula } from '../catalogue/formula';
import type { Ingredient } from '../catalogue/ingredient';
import { isRawFlesh } from '../catalogue/kinds';
import type { Helping } from '../diners/helpings';

/** Whether a marinade may lie on a thing: raw meat or fish, of the kind that it is made for. */
export const suitsMarinade = ({ needs }: Pick<Formula, 'needs'>, what: Ingredient, cut?: string): boolean =>
  isRawFlesh(what, cut) && (needs === undefined || what.kinds.includes(needs));

/** What a marinade that no slot names lies on: of what it suits the most. */
function mostOf(formula: Formula, food: readonly Helping[]): string | undefined {
  const suits = food.filter(({ what, cuts }) => suitsMarinade(formula, what, cuts[0]?.cut));
  return suits.reduce<Helping | undefined>((best, one) => (!best || one.massG > best.massG ? one : best), undefined)
    ?.ingredientId;
}

/**
 * What each marinade lies on, in all pans: the thing whose slot names it, or else the most of what it is made for.
 * @returns nothing for a marinade that has nothing to lie on tonight
 */
export function marinadesOn(
  ahead: readonly Formula[],
  food: readonly Helping[],
): ReadonlyMap<Formula, readonly Helping[]> {
  return new Map(
    ahead
      .filter((formula) => formula.kind === 'marinade')
      .flatMap((formula): Array<[Formula, Helping[]]> => {
        const named = food.filter(
          (one) => one.marinadeFormulaId === formula.id && mostOf(formula, [one]) === one.ingredientId,
        );
        const most = mostOf(formula, food);
        const on = named.length > 0 ? named : food.filter((one) => one.ingredientId === most);
        return on.length > 0 ? [[formula, on]] : [];
      }),
  );
}
