import type { Evening } from '@elixa/contract';
import { mustFormula } from '../catalogue/formulas';
import type { Formula } from '../catalogue/formula';
import type { Style } from '../catalogue/style';

export interface ChosenLiquids {
  broth: Formula;
  sauces: Formula[];
  /** Marinades and bases. */
  ahead: Formula[];
}

/**
 * The liquids of an evening: what the cook chose, or else what belongs to the style.
 * @throws RangeError when one is not in the catalogue; `checkEvening` says so before with the field
 */
export function chosenLiquids(evening: Evening, style: Style): ChosenLiquids {
  const { broth, sauces, ahead } = evening.choices.liquids ?? {};
  return {
    broth: mustFormula(broth ?? style.brothFormulaId),
    sauces: (sauces ?? style.dipFormulaIds).map(mustFormula),
    ahead: (ahead ?? []).map(mustFormula),
  };
}

/** All of them, in the order in which they are shown. */
export const everyLiquid = ({ broth, sauces, ahead }: ChosenLiquids): Formula[] => [broth, ...sauces, ...ahead];
