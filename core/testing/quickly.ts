import type { Evening, Plan, Prep } from '@elixa/contract';
import { menuOrThrow } from '../evening/resolveMenu';
import { prepInSteps } from '../planEvening/planEvening';
import { planMenu } from '../planEvening/planPot';
import type { PrepClock } from '../prep/planPrep';
import { REMEDY_EFFORT, USUAL_EFFORT } from '../prep/solve';
import { atOnce } from '../steps/steps';

/** A better order is looked for as long as for judging a change, and as long as for a cook where all is tried. */
const EFFORT = process.env.ELIXA_LONG ? USUAL_EFFORT : REMEDY_EFFORT;

/**
 * The preparation of a pot that nobody has gone through, after a short search: what it is made of does not hang on either.
 * For tests only.
 */
export const prepQuickly = (evening: Evening, clock?: PrepClock): Prep =>
  atOnce(prepInSteps(planMenu(menuOrThrow(evening)), clock, EFFORT));

/** A whole plan that was not gone through, and without what might mend it. For tests only. */
export function planQuickly(evening: Evening): Plan {
  const planned = planMenu(menuOrThrow(evening));
  return { ...planned.plan, prep: atOnce(prepInSteps(planned, undefined, EFFORT)) };
}
