import type { Evening, Swap } from '@elixa/contract';
import { formulaById, mustFormula } from '../catalogue/formulas';
import type { Formula } from '../catalogue/formula';
import type { Style } from '../catalogue/style';
import type { Table } from '../diners/table';
import { partsOf } from './schools';

export interface ChosenLiquids {
  broth: Formula;
  /** What simmers in the other half of a divided pot. */
  otherHalf?: Formula;
  sauces: Formula[];
  /** Marinades and bases. */
  ahead: Formula[];
}

/** Bases that these broths take from a jar, by the schools that are followed. */
function jarsOf(broths: readonly Formula[], evening: Evening): Formula[] {
  const used = broths.flatMap((broth) => partsOf(broth, evening.style.schools)).map((part) => part.ingredientId);
  return [...new Set(used)].flatMap((id) => formulaById(id) ?? []);
}

/**
 * The liquids of an evening: what the cook chose, or else what belongs to the style, with the bases that the broths ask
 * for.
 * @throws RangeError when one is not in the catalogue; `checkEvening` says so before with the field
 */
export function chosenLiquids(evening: Evening, style: Style): ChosenLiquids {
  const { broth = style.brothFormulaId, otherHalf = broth, sauces, ahead = [] } = evening.choices.liquids ?? {};
  const brothFormula = mustFormula(broth);
  const otherFormula = otherHalf !== broth && evening.vessel.divided ? mustFormula(otherHalf) : undefined;
  const jars = jarsOf(otherFormula ? [brothFormula, otherFormula] : [brothFormula], evening);
  return {
    broth: brothFormula,
    otherHalf: otherFormula,
    sauces: (sauces ?? style.dipFormulaIds).map(mustFormula),
    ahead: [...new Set([...ahead.map(mustFormula), ...jars])],
  };
}

/** All of them, in the order in which they are shown. */
export const everyLiquid = (chosen: ChosenLiquids): Formula[] => [
  ...brothsOf(chosen),
  ...chosen.sauces,
  ...chosen.ahead,
];

/** What simmers in the pot: one broth, or two in a divided one. */
export const brothsOf = ({ broth, otherHalf }: ChosenLiquids): Formula[] => (otherHalf ? [broth, otherHalf] : [broth]);

/** Swaps for some of the guests that this formula takes up, by the schools that are followed. */
export function asideSwapsOf(
  formula: Formula,
  schools: Readonly<Record<string, string>>,
  { swaps, leaveOut }: Pick<Table, 'swaps' | 'leaveOut'>,
): Swap[] {
  const used = new Set(partsOf(formula, schools).map((part) => part.ingredientId));
  return swaps.filter(
    (swap) => swap.scope === 'aside' && used.has(swap.ingredientId) && !leaveOut.has(swap.ingredientId),
  );
}

/** Whether those who eat aside need this broth made another way. */
export const asideDiffers = (...given: Parameters<typeof asideSwapsOf>) => asideSwapsOf(...given).length > 0;
