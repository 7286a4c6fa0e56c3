import type { Formula } from '../catalogue/formula';

import type { Helping } from '../diners/helpings';

const ANIMAL_FAMILIES: readonly string[] = ['poultry', 'meat', 'fish', 'shellfish'];

/** What a marinade that no slot names lies on: of what it is made for, or else of all meat and fish, the most. */
function mostOf({ needs }: Formula, food: readonly Helping[]): string | undefined {
  const suits = food.filter(({ what }) => (needs ? what.kinds.includes(needs) : ANIMAL_FAMILIES.includes(what.family)));
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
