import type { LiquidStep } from '@elixa/contract';
import type { FormulaStep } from '../catalogue/formula';
import type { Ingredient } from '../catalogue/ingredient';
import { andList } from '../measures/andList';
import { goesInAt, liftedAt, needsKnife, type ActiveFormula } from './activeFormula';
import type { FormulaSolution } from './solution';
import { capital } from '../measures/capital';

/** Less than this of a thing goes into nothing. */
const NOTHING_G = 0.01;

/** What a cook calls it while working: the name without what a shop needs to know. */
export const workName = ({ name }: Ingredient) => name.split(',')[0]!;

/** What thins a sauce, in words. */
export const THINNER_WORDS = {
  potBroth: 'hot broth from the pot',
  asideBroth: 'hot broth from the small pan',
  water: 'hot water',
} as const;

/** Water is poured in without being told of each time. */
const namesOf = (list: readonly Ingredient[]) =>
  andList([...new Set(list.filter(({ id }) => id !== 'water').map(workName))]);

/** What a step says tonight, with what goes in and comes out. */
function wordsOf(step: FormulaStep, goingIn: readonly Ingredient[], comingOut: readonly Ingredient[]): string {
  const isBare = namesOf(goingIn) === '' && step.says.includes('{in}') && step.bare !== undefined;
  const says = isBare ? step.bare! : step.says;
  const isNamed = says.includes('{in}') || namesOf(goingIn) === '';
  const words = says.replaceAll('{in}', namesOf(goingIn)).replaceAll('{out}', namesOf(comingOut));
  return capital(isNamed ? words : `${words}; ${namesOf(goingIn)} in`);
}

/**
 * The steps of a formula as they are done tonight, with their times from the first step: made from what is really in it,
 * so that nothing is told of what was exchanged or left out, and everything that is in it has its step.
 */
export function timedSteps(
  active: ActiveFormula,
  solution: FormulaSolution,
  thinner: keyof typeof THINNER_WORDS = 'water',
): LiquidStep[] {
  const { steps, parts } = active;
  const own = new Set(solution.ownSteps.filter((step) => step.at === 'in').map((step) => step.ingredientId));
  const isThere = ({ id }: Ingredient) =>
    solution.parts.some((part) => part.ingredientId === id && part.massG > NOTHING_G);
  const present = parts.filter(({ what }) => isThere(what) && !own.has(what.id));
  let atS = 0;
  const written = steps.map((step, index): LiquidStep => {
    const { id, minutes, attended, tempC, lookFor, whenServed, knife } = step;
    const goingIn = present.filter(({ part }) => goesInAt(steps, part) === index).map(({ what }) => what);
    const comingOut = present.filter(({ part }) => liftedAt(steps, part) === index).map(({ what }) => what);
    const cut = knife ? present.filter(needsKnife).map(({ what }) => what) : [];
    const says = wordsOf(step, goingIn, comingOut)
      .replace('{cut}', namesOf(cut))
      .replace('{thinner}', THINNER_WORDS[thinner]);
    const uses = [...goingIn, ...(step.says.includes('{cut}') ? cut : [])].map((what) => what.id);
    const timed = { id, says, atS, durationS: minutes * 60, attended, tempC, lookFor, whenServed, knife, uses };
    atS += timed.durationS;
    return timed;
  });
  const added = solution.ownSteps.map(({ id, says, atS: fromS, durationS, ingredientId, at }): LiquidStep => ({
    id,
    says,
    atS: fromS,
    durationS,
    attended: true,
    within: true,
    uses: at === 'in' ? [ingredientId] : [],
  }));
  const isEmpty = ({ id, uses }: LiquidStep) => {
    const step = steps.find((one) => one.id === id)!;
    const lifted = present.some(({ part }) => steps[liftedAt(steps, part)]?.id === id);
    return (
      step.bare === undefined &&
      ((step.says.includes('{in}') && uses.length === 0) || (step.says.includes('{out}') && !lifted))
    );
  };
  return [...written.filter((step) => !isEmpty(step)), ...added].sort(
    (a, b) => a.atS - b.atS || Number(b.within ?? false) - Number(a.within ?? false),
  );
}

/** Whether everything is in it that its name and its purpose speak of. */
export function isAsNamed({ formula, parts }: ActiveFormula): boolean {
  const used = new Set(parts.map(({ what }) => what.id));
  return (formula.named?.of ?? []).every((one) => [one].flat().some((id) => used.has(id)));
}

/** What a formula is called tonight. */
export const nameTonight = (active: ActiveFormula): string =>
  isAsNamed(active) ? active.formula.name : (active.formula.named?.otherwise ?? active.formula.name);
