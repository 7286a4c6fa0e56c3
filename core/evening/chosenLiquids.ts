import type { Evening } from '@elixa/contract';
import { catalogueOf } from '../catalogue/catalogue';
import { formulaById, mustFormula } from '../catalogue/formulas';
import type { Formula } from '../catalogue/formula';
import { fits } from '../catalogue/school';
import type { Style } from '../catalogue/style';
import { brothIdOf, schoolsOfStyle } from '../catalogue/styles';
import { byRatio } from '../formula/ratio';
import { partsOf } from '../formula/schools';

export interface ChosenLiquids {
  /** What simmers in the pot or is poured over it; none where the food gives the liquid. */
  broth?: Formula;
  /** What simmers in the other half of a divided pot. */
  otherHalf?: Formula;
  /** What lets a poured sauce down, beside the pot. */
  letDown?: Formula;
  sauces: Formula[];
  /** Marinades and bases. */
  ahead: Formula[];
}

/** Bases that these broths take from a jar, by the schools that are followed. */
function jarsOf(broths: readonly Formula[], evening: Evening): Formula[] {
  const used = broths.flatMap((broth) => partsOf(broth, evening.style.schools)).map((part) => part.ingredientId);
  return [...new Set(used)].flatMap((id) => formulaById(id) ?? []);
}

/** Marinades that a style lays its things in, by the schools that are followed. */
const marinadesOf = (style: Style, schools: Readonly<Record<string, string>>): string[] =>
  style.slots.flatMap((slot) => (slot.marinadeFormulaId && fits(slot.when, schools) ? [slot.marinadeFormulaId] : []));

/** The ids of what comes into the pot, in the catalogue or not. */
export function brothIds(evening: Evening, style: Style) {
  const asked = evening.choices.liquids ?? {};
  const { broth = brothIdOf(style, evening.style.schools), letDown = style.letDownFormulaId } = asked;
  const { otherHalf = style.otherHalfFormulaId ?? broth } = asked;
  return { broth, otherHalf: otherHalf !== broth && evening.vessel.divided ? otherHalf : undefined, letDown };
}

/**
 * The liquids of an evening: what the cook chose, or else what belongs to the style, with the bases that the broths ask
 * for.
 * @throws RangeError when one is not in the catalogue; `checkEvening` says so before with the field
 */
export function chosenLiquids(evening: Evening, style: Style): ChosenLiquids {
  const asked = evening.choices.liquids ?? {};
  const { broth, otherHalf, letDown } = brothIds(evening, style);
  const { sauces = style.dipFormulaIds } = asked;
  const ahead = asked.ahead ?? marinadesOf(style, schoolsOfStyle(style, evening.style.schools));
  const mixed = (formula: Formula) => {
    const ratio = evening.choices.ratios?.[formula.id];
    if (!ratio) return formula;
    return byRatio(formula, ratio, {
      catalogue: catalogueOf(evening),
      schools: evening.style.schools,
      units: evening.units,
    });
  };
  const must = (id: string | undefined) => (id === undefined ? undefined : mixed(mustFormula(id)));
  const chosen = {
    broth: must(broth),
    otherHalf: must(otherHalf),
    letDown: must(letDown),
  };
  const jars = jarsOf(brothsOf(chosen), evening);
  return {
    ...chosen,
    sauces: sauces.map(mustFormula).map(mixed),
    ahead: [...new Set([...ahead.map(mustFormula), ...jars])],
  };
}

/** All of them, in the order in which they are shown. */
export const everyLiquid = (chosen: ChosenLiquids): Formula[] => [
  ...brothsOf(chosen),
  ...chosen.sauces,
  ...chosen.ahead,
];

/** What comes into the pot: one liquid, two in a divided one, with what lets it down, or none. */
export const brothsOf = ({ broth, otherHalf, letDown }: Omit<ChosenLiquids, 'sauces' | 'ahead'>): Formula[] =>
  [broth, otherHalf, letDown].filter((one): one is Formula => one !== undefined);
