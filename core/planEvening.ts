import type { Evening, Plan, Prep } from '@elixa/contract';
import { checkEvening } from './checkEvening';
import { planPotAndFood, type PlannedPot } from './planPot';
import { planPrep, type PrepClock } from './prep/planPrep';
import { remediesFor } from './prep/remedies';
import { REMEDY_EFFORT } from './prep/solve';
import type { AdditionModel } from './simmer/additionModel';
import { timesTable } from './simmer/timesTable';

const NOTHING_TICKED: PrepClock['ticks'] = new Map();

/** The clock that a plan counts from: the one given, or the earliest that somebody can start. */
function clockOf({ kitchen }: Evening, clock: PrepClock | undefined): PrepClock | undefined {
  const startAt = kitchen?.startAt;
  if (!startAt) return clock;
  const isLater = !clock || Date.parse(startAt) > Date.parse(clock.now);
  return isLater ? { now: startAt, ticks: clock?.ticks ?? NOTHING_TICKED } : clock;
}

function prepOf(evening: Evening, planned: PlannedPot, model: AdditionModel, clock: PrepClock | undefined): Prep {
  const { plan, food, style } = planned;
  const from = clockOf(evening, clock);
  const prep = planPrep({ evening, food, liquids: plan.liquids, simmer: plan.simmer }, from);
  const lateWith = (changed: Evening): number | undefined => {
    if (checkEvening(changed).length > 0) return undefined;
    const other = planPotAndFood(changed, model);
    const question = { evening: changed, food: other.food, liquids: other.plan.liquids, simmer: other.plan.simmer };
    return planPrep(question, from, REMEDY_EFFORT).late;
  };
  return { ...prep, remedies: remediesFor(evening, style, prep.late, lateWith) };
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
  const planned = planPotAndFood(evening, model);
  return { ...planned.plan, prep: prepOf(evening, planned, model, undefined) };
}

/**
 * What is left of an evening's preparation at a moment, planned again from there: done things stay done.
 * @param clock now, and what has been ticked off
 */
export function prepFromNow(evening: Evening, clock: PrepClock, model: AdditionModel = timesTable): Prep {
  return prepOf(evening, planPotAndFood(evening, model), model, clock);
}
