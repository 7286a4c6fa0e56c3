import type { Evening, Liquid, LiquidStep } from '@elixa/contract';
import type { BrothFormula, DipFormula, FormulaStep } from '../catalogue/formula';
import { ingredientById } from '../catalogue/ingredients';
import type { Style } from '../catalogue/style';
import { chosenSchool } from '../catalogue/styles';
import { showMeasure, showVolume } from '../measures/showMeasure';
import { shiftIso } from '../time/shiftIso';
import type { BrothSolution } from './broth';
import type { DipSolution } from './dip';

/** Words for a salinity that is drunk or eaten as broth, in % by mass. */
function brothStrength(salinityPct: number): string {
  if (salinityPct < 0.15) return 'unsalted';
  if (salinityPct < 0.6) return 'mild';
  if (salinityPct < 1) return 'seasoned';
  return 'strong';
}

/** Words for the salinity of a dip. */
function dipStrength(salinityPct: number): string {
  if (salinityPct < 4) return 'light';
  return salinityPct <= 6.5 ? 'salty, as a dip is' : 'very salty: a little is enough';
}

/** The steps of a formula that the chosen schools and ingredients call for, with their times from the first step. */
export function stepsOf(
  steps: readonly FormulaStep[],
  evening: Evening,
  style: Style,
  usedIngredientIds: readonly string[],
): LiquidStep[] {
  let atS = 0;
  return steps
    .filter((step) =>
      Object.entries(step.when ?? {}).every(
        ([choiceId, option]) => chosenSchool(style, evening.style.schools, choiceId) === option,
      ),
    )
    .filter((step) => !step.ifUses || usedIngredientIds.includes(step.ifUses))
    .map(({ id, says, minutes, attended, tempC, lookFor }) => {
      const step = { id, says, atS, durationS: minutes * 60, attended, tempC, lookFor };
      atS += step.durationS;
      return step;
    });
}

interface ShownPart {
  ingredientId: string;
  massG: number;
  note?: string;
}

function show(parts: readonly ShownPart[], evening: Evening) {
  const measured = new Map<string, number>();
  const ingredients = parts.map((part) => {
    const what = ingredientById(part.ingredientId);
    const shown = showMeasure(part.massG, what, evening.units);
    measured.set(part.ingredientId, part.massG * (1 + shown.errorPct / 100));
    return {
      ingredientId: part.ingredientId,
      massG: part.massG,
      shownText: shown.text,
      roundingErrorPct: shown.errorPct,
      carriesSalt: what.saltPct > 0.5,
      note: part.note,
    };
  });
  return { ingredients, measured };
}

const totalS = (steps: readonly LiquidStep[]) => steps.reduce((sum, step) => sum + step.durationS, 0);

interface Described<F, S> {
  formula: F;
  solution: S;
  evening: Evening;
  style: Style;
  readyBy: string;
}

/** A solved broth as the plan lists it, with measures a cook can measure. */
export function describeBroth(
  given: Described<BrothFormula, BrothSolution> & { band: readonly [number, number] },
): Liquid {
  const { formula, solution, evening, style, band, readyBy } = given;
  const { ingredients, measured } = show(solution.parts, evening);
  const startWater = showMeasure(solution.startWaterG, ingredientById('water'), evening.units);
  const steps = stepsOf(
    formula.steps,
    evening,
    style,
    solution.parts.map((part) => part.ingredientId),
  );
  return {
    id: formula.id,
    name: formula.name,
    kind: 'broth',
    startWaterMl: solution.startWaterG,
    startWaterText: startWater.text,
    madeMl: solution.madeG,
    finishedMl: solution.finishedG,
    salinityPct: solution.salinityPct,
    measuredSalinityPct: solution.salinityWith(measured, solution.startWaterG * (1 + startWater.errorPct / 100)),
    strength: brothStrength(solution.salinityPct),
    targetSalinityPct: [band[0], band[1]],
    startBy: shiftIso(readyBy, -totalS(steps)),
    ingredients,
    steps,
    water: solution.water,
    salt: solution.salt,
  };
}

/** A solved dip as the plan lists it. Its water is broth from the pot. */
export function describeDip(given: Described<DipFormula, DipSolution>): Liquid {
  const { formula, solution, evening, style, readyBy } = given;
  const { ingredients, measured } = show(solution.parts, evening);
  const steps = stepsOf(
    formula.steps,
    evening,
    style,
    solution.parts.map((part) => part.ingredientId),
  );
  return {
    id: formula.id,
    name: formula.name,
    kind: 'sauce',
    startWaterMl: solution.brothG,
    startWaterText: showVolume(solution.brothG, evening.units),
    madeMl: solution.liquidG - solution.brothG,
    finishedMl: solution.liquidG,
    salinityPct: solution.salinityPct,
    measuredSalinityPct: solution.salinityWith(measured, solution.brothG),
    strength: dipStrength(solution.salinityPct),
    targetSalinityPct: [formula.salinityBand[0], formula.salinityBand[1]],
    startBy: shiftIso(readyBy, -totalS(steps)),
    ingredients,
    steps,
    water: solution.water,
    salt: solution.salt,
  };
}
