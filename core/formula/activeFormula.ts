import type { Catalogue } from '../catalogue/catalogue';
import type { Ingredient, Replacement } from '../catalogue/ingredient';
import type { Formula, FormulaPart, FormulaStep, Target } from '../catalogue/formula';
import { fits } from '../catalogue/school';
import { partsOf, schoolsOf } from './schools';
import { boilingPointC } from '../heat/boilingPoint';
import { WATER_BOILS_C } from '../heat/givens';
import { measurableG } from '../measures/measurable';

/** Size at which the grams of a formula hold as written: litres, heads, or kilograms of the main thing. */
export const WRITTEN_FOR = { finishedVolume: 1.2, head: 4, mainMass: 0.6 } as const;

/** Grams of a millilitre of sauce: soy, sugar and pastes are heavier than water. Kitchen estimate, 1.02-1.10. */
export const SAUCE_G_PER_ML = 1.04;

export interface ActivePart {
  part: FormulaPart;
  what: Ingredient;
  /** Grams of a given part; undefined for what is solved. */
  massG?: number;
  note?: string;
}

/** A formula for one evening: the schools chosen, the swaps made, the amounts for its size. */
export interface ActiveFormula {
  formula: Formula;
  target: Target;
  steps: readonly FormulaStep[];
  parts: readonly ActivePart[];
}

/** What is made otherwise than the formula has it. */
export interface Exchanged {
  leftOut: ReadonlySet<string>;
  swaps: ReadonlyArray<{ ingredientId: string; withIngredientId: string }>;
}

const KEPT = { salt: 'saltPct', sweetness: 'sweetnessPct', sourness: 'acidPct', heat: 'heatShu' } as const;

/** Grams of what stands in for a gram of the original. */
function replacementRatio(original: Ingredient, instead: Ingredient, replacement: Replacement): number {
  if (replacement.keeps === 'mass' || replacement.keeps === 'savour') return replacement.ratio ?? 1;
  const key = KEPT[replacement.keeps];

  return instead[key] > 0 ? original[key] / instead[key] : (replacement.ratio ?? 1);
}

/**
 * The formula as it is made tonight.
 * @param catalogue where its parts and what stands in for them are looked up
 * @param size litres of finished liquid, heads, or kilograms of the main thing
 * @param factors what the table's taste asks of the parts that bring heat and savour
 */
export function activate(
  catalogue: Catalogue,
  formula: Formula,
  chosenSchools: Readonly<Record<string, string>>,
  exchanged: Exchanged,
  size: number,
  factors: { heat: number; savour: number } = { heat: 1, savour: 1 },
): ActiveFormula {
  const schools = schoolsOf(formula, chosenSchools);
  const target = formula.targetsBySchool?.find(({ when }) => fits(when, schools))?.target ?? formula.target;
  const reference = WRITTEN_FOR[formula.scaledBy];
  const parts = partsOf(formula, chosenSchools)
    .filter((part) => !exchanged.leftOut.has(part.ingredientId))
    .map((part): ActivePart => {
      const original = catalogue.byId(part.ingredientId);
      const swap = exchanged.swaps.find((one) => one.ingredientId === part.ingredientId);
      const what = catalogue.byId(swap?.withIngredientId ?? part.ingredientId);
      const replaced = original.replacements.find((one) => one.withIngredientId === what.id);
      if (part.grams === undefined) return { part, what, note: replaced ? undefined : part.note };
      const scaled = part.grams * reference * (size / reference) ** (part.exponent ?? 1);
      const ratio = replaced ? replacementRatio(original, what, replaced) : 1;
      const taste = (what.heatShu > 0 ? factors.heat : 1) * (part.role === 'infusion' ? factors.savour : 1);
      const wantedG = scaled * ratio * taste;
      // Only what flavours without being solved for may move to what a spoon can hold.
      const massG = part.role === 'solid' || part.role === 'aroma' ? measurableG(wantedG, what) : wantedG;
      return { part, what, massG, note: replaced ? undefined : part.note };
    })
    // What stands in for meat in the pot has nothing to give to a stock.
    .filter(({ part, what }) => part.role !== 'infusion' || what.id === part.ingredientId || what.draws !== undefined);
  const used = new Set(parts.map((one) => one.what.id));
  const open = formula.steps.filter((step) => fits(step.when, schools) && (!step.ifUses || used.has(step.ifUses)));
  const done = open.filter((step) => isDone(step, open, parts));
  return { formula, target, steps: withKnifeWork(done, parts), parts };
}

/** The formula as it is made at a height: no liquid gets hotter than it boils there. */
export const madeAt = (active: ActiveFormula, altitudeM: number): ActiveFormula => {
  const boilingC = Math.floor(boilingPointC(altitudeM));
  const isLiquid = (step: FormulaStep) => step.tempC !== undefined && step.tempC <= WATER_BOILS_C;
  return {
    ...active,
    steps: active.steps.map((step) => (isLiquid(step) ? { ...step, tempC: Math.min(step.tempC!, boilingC) } : step)),
  };
};

const FRESH_FAMILIES: readonly string[] = ['root', 'leaf', 'allium'];

/** What lies on the board before it goes into anything. */
export const needsKnife = ({ part, what }: ActivePart): boolean =>
  what.kinds.includes('plant') &&
  part.cut !== 'grated' &&
  Object.keys(what.cuts).length > 0 &&
  (FRESH_FAMILIES.includes(what.family) || (what.family === 'seasoning' && what.kept === 'fridge'));

/** Minutes to cut what goes into a liquid: to begin with, and for each thing. Kitchen estimate. */
const KNIFE_MIN = { fixed: 1, each: 1 };

/** A formula that says nothing of the board gets a step at it, if anything in it is cut. */
function withKnifeWork(steps: readonly FormulaStep[], parts: readonly ActivePart[]): readonly FormulaStep[] {
  const things = parts.filter(needsKnife);
  if (things.length === 0 || steps.some((step) => step.knife)) return steps;
  const minutes = KNIFE_MIN.fixed + KNIFE_MIN.each * new Set(things.map(({ what }) => what.id)).size;
  return [{ id: 'atTheBoard', says: 'Cut {cut}', minutes, attended: true, knife: true }, ...steps];
}

/** Whether a step has anything to do tonight. */
function isDone(step: FormulaStep, open: readonly FormulaStep[], parts: readonly ActivePart[]): boolean {
  const goesIn = parts.some((one) => open[goesInAt(open, one.part)] === step);
  const comesOut = parts.some((one) => open[liftedAt(open, one.part)] === step);
  if (step.lifts) return comesOut || parts.some((one) => isFragrantBefore(open, one.part, step));
  if (step.bare !== undefined) return true;
  return (goesIn || !step.says.includes('{in}')) && (comesOut || !step.says.includes('{out}'));
}

const isFragrantBefore = (open: readonly FormulaStep[], part: FormulaPart, step: FormulaStep) =>
  part.role === 'aroma' && goesInAt(open, part) < open.indexOf(step);

/**
 * Place of the step at which a part goes in: its own, or else the first after the board for what steeps, and for the rest
 * the last with one's hands before the table.
 */
export function goesInAt(steps: readonly FormulaStep[], part: FormulaPart): number {
  const first = Math.max(
    0,
    steps.findIndex((step) => !step.knife && !step.beside),
  );
  const isForIt = (step: FormulaStep) =>
    step.attended && !step.knife && !step.beside && !step.whenServed && !step.lifts && !step.says.includes('{thinner}');
  const last = steps.findLastIndex(isForIt);
  return indexOf(steps, part.in, part.role === 'infusion' || last === -1 ? first : last);
}

/** Place of the step at which what steeps is lifted out; -1 for what stays in. */
export const liftedAt = (steps: readonly FormulaStep[], part: FormulaPart): number =>
  part.role === 'infusion' ? indexOf(steps, part.out, -1) : -1;

function indexOf(
  steps: readonly FormulaStep[],
  wanted: string | readonly string[] | undefined,
  otherwise: number,
): number {
  const names = wanted === undefined ? [] : typeof wanted === 'string' ? [wanted] : wanted;
  const found = steps.findIndex((step) => names.includes(step.id));
  return found === -1 ? otherwise : found;
}
