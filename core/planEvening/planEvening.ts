import type { Evening, Plan, Prep, Remedy } from '@elixa/contract';
import { menuOrThrow, resolveMenu } from '../evening/resolveMenu';
import { Budget, REMEDY_STEPS } from '../prep/budget';
import { planPrep, type PrepClock } from '../prep/planPrep';
import type { PrepProblem } from '../prep/problem';
import { applyEdits } from '../evening/edits/applyEdit';
import { byHelp, remediesFor, type RemedySearch } from '../prep/remedies';
import { REMEDY_EFFORT, USUAL_EFFORT, type Effort } from '../prep/solve';
import { workOf } from '../prep/tasks';
import type { AdditionModel } from '../simmer/additionModel';
import { timesTable } from '../simmer/timesTable';
import { atOnce, type Steps } from '../steps/steps';
import { planMenu, type PlannedPot } from './planPot';
import { withPotRemedies } from './potRemedies';
import { rehearsedInSteps, rehearsedPot, type RehearsedPot } from './rehearsed';

const NOTHING_TICKED: PrepClock['ticks'] = new Map();

/** The clock that a plan counts from: the one given, or the earliest that somebody can start. */
function clockOf({ kitchen }: Evening, clock: PrepClock | undefined): PrepClock | undefined {
  const startAt = kitchen?.startAt;
  if (!startAt) return clock;
  const isLater = !clock || Date.parse(startAt) > Date.parse(clock.now);
  return isLater ? { now: startAt, ticks: clock?.ticks ?? NOTHING_TICKED } : clock;
}

const questionOf = ({ plan, menu }: PlannedPot) => ({
  menu,
  liquids: plan.liquids,
  simmer: plan.simmer,
  build: plan.build,
});

/**
 * The preparation of an evening with a plan that stands, without what mends it.
 * @param effort how long a better order is looked for
 */
export function* prepInSteps(
  planned: PlannedPot,
  clock: PrepClock | undefined,
  effort: Effort = USUAL_EFFORT,
): Steps<Prep> {
  const prep = yield* planPrep(questionOf(planned), clockOf(planned.menu.evening, clock), effort);
  return { ...prep, remedies: [] };
}

/** What mends a preparation that is so many seconds late, each change solved by itself; says how far it has come. */
export function* remediesInSteps(
  planned: RehearsedPot,
  lateS: number,
  clock: PrepClock | undefined,
): Steps<Remedy[], RemedySearch> {
  const { model } = planned;
  const { evening } = planned.menu;
  const from = clockOf(evening, clock);
  const budget = new Budget(REMEDY_STEPS);
  function* lateWith(changed: Evening, share: number): Steps<number | undefined> {
    const { menu } = resolveMenu(changed);
    if (!menu) return undefined;
    const mine = budget.share(share);
    const { late } = yield* planPrep(questionOf(planMenu(menu, model)), from, { ...REMEDY_EFFORT, budget: mine });
    budget.giveBack(mine);
    return late;
  }
  const leftS = from ? (Date.parse(evening.sitDownAt) - Date.parse(from.now)) / 1000 : Infinity;
  const found = yield* remediesFor(evening, lateS, lateWith, leftS);
  return yield* confirmed(planned, lateS, found, from);
}

/** The same with what each comes to once its pot is rehearsed: a promise to somebody who is late. */
function* confirmed(
  before: RehearsedPot,
  lateS: number,
  found: readonly Remedy[],
  from: PrepClock | undefined,
): Steps<Remedy[]> {
  const kept: Remedy[] = [];
  for (const remedy of found) {
    yield;
    if (remedy.laterS !== undefined) {
      kept.push(remedy);
      continue;
    }
    const menu = menuOrThrow(applyEdits(before.menu.evening, remedy.edits));
    const budget = new Budget(REMEDY_STEPS / found.length);
    const planned = yield* rehearsedInSteps(menu, before.model, before);
    const { late } = yield* planPrep(questionOf(planned), from, { ...REMEDY_EFFORT, budget });
    if (late < lateS) kept.push({ ...remedy, lateS: late, gainsS: lateS - late });
  }
  return byHelp(kept);
}

/** The work of an evening as the scheduler is given it. */
export function prepProblemOf(evening: Evening, model: AdditionModel = timesTable): PrepProblem {
  return workOf(questionOf(rehearsedPot(menuOrThrow(evening), model)));
}

/**
 * Everything that follows from an evening: amounts, liquids, the fit in the pot, what goes in when, the preparation and
 * the cautions. A pure function: the same evening gives the same plan, in a worker, on the server and on the command line.
 * @param evening a valid evening document
 * @param model what is known of the physics; the table of times unless another is given
 * @throws EveningError when the document asks for something that the catalogue does not hold, with the fields at fault
 * @example planEvening(practiceNight).simmer.boilingPointC // 96.1
 */
export function planEvening(evening: Evening, model: AdditionModel = timesTable): Plan {
  const planned = rehearsedPot(menuOrThrow(evening), model);
  const prep = atOnce(prepInSteps(planned, undefined));
  return {
    ...atOnce(withPotRemedies(planned, model)),
    prep: { ...prep, remedies: atOnce(remediesInSteps(planned, prep.late, undefined)) },
  };
}

/**
 * What is left of an evening's preparation at a moment, planned again from there: done things stay done. What mends a late
 * one takes longer to work out, and is asked for apart.
 * @param clock now, and what has been ticked off; before anything is begun where there is none
 * @throws EveningError when the evening cannot be planned
 */
export const prepFromNow = (evening: Evening, clock?: PrepClock, model: AdditionModel = timesTable): Prep =>
  atOnce(prepInSteps(rehearsedPot(menuOrThrow(evening), model), clock));

/**
 * What mends a preparation that is so many seconds late, each change solved by itself.
 * @param clock the one that it was found late by
 */
export const remediesFromNow = (evening: Evening, lateS: number, clock: PrepClock): Remedy[] =>
  atOnce(remediesInSteps(rehearsedPot(menuOrThrow(evening), timesTable), lateS, clock));
