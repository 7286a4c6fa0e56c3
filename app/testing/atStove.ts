import { CATALOGUE, factsOf, liveSteps, liveView, planPot, WAITING, type LiveState } from '@elixa/core';
import { practice } from './household';

const evening = practice();
const plan = planPot(evening);
/** The steps of the practice evening. */
export const steps = liveSteps(CATALOGUE, plan.simmer);

/** The stove of the practice evening with its first steps tapped when they were due, so many seconds after it was lit. */
export function viewAt(upTo: number, atS: number, counted = steps) {
  const state: LiveState = {
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: { eventId: '0', evening, planId: 'plan', plan, sinceS: 0, earlier: [] },
    taps: steps
      .slice(0, upTo)
      .map((step) => ({ eventId: String(step.step), facts: factsOf(step, plan, 'plan'), atS: step.atS })),
  };
  return liveView(plan, counted, state, atS * 1000);
}
