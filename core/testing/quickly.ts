import type { Evening, Plan, Prep } from '@elixa/contract';
import { menuOrThrow } from '../evening/resolveMenu';
import { prepInSteps } from '../planEvening/planEvening';
import { planMenu } from '../planEvening/planPot';
import type { PrepClock } from '../prep/planPrep';
import { atOnce } from '../steps/steps';

/** The preparation of a pot that nobody has gone through: what it is made of does not hang on that. For tests only. */
export const prepQuickly = (evening: Evening, clock?: PrepClock): Prep =>
  atOnce(prepInSteps(planMenu(menuOrThrow(evening)), clock));

/** A whole plan that was not gone through, and without what might mend it. For tests only. */
export function planQuickly(evening: Evening): Plan {
  const planned = planMenu(menuOrThrow(evening));
  return { ...planned.plan, prep: atOnce(prepInSteps(planned, undefined)) };
}
