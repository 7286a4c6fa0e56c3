import type { LiveState } from './foldLive';
import type { LiveStep } from './liveSteps';

/** A line of the plan that was done, by its id, and with which event. Seconds are on the pot's clock. */
export interface DoneLine {
  lineId: string;
  eventId: string;
  atS: number;
}

/**
 * The lines of the plan that is cooked by that were done, in the order in which they were: a line is done with the first of
 * its acts. What was done by a plan of before counts for what that plan has before it was adopted. A plan that says what it
 * was made from asks for nothing again that was done meanwhile on another phone, by the plan that was cooked by there.
 */
export function doneLines({ taps, started }: Pick<LiveState, 'taps' | 'started'>): DoneLine[] {
  if (!started) return [];
  const { plan, planId, sinceS, knows } = started;
  const acts = new Map(plan.program.acts.map((one) => [one.id, one]));
  const counts = (eventId: string, atS: number, plannedS: number) =>
    knows ? plannedS <= sinceS || !knows.includes(eventId) : plannedS <= sinceS && atS <= sinceS;
  const done = new Map<string, DoneLine>();
  for (const { eventId, facts, atS } of taps) {
    for (const { answers, act } of facts) {
      const planned = act && answers && acts.get(answers.actId);
      if (!planned || done.has(planned.actionId)) continue;
      if (answers.planId !== planId && !counts(eventId, atS, planned.atS)) continue;
      done.set(planned.actionId, { lineId: planned.actionId, eventId, atS });
    }
  }
  return [...done.values()];
}

/** When each line was done, by its id. */
export const doneAtS = (done: readonly DoneLine[]): ReadonlyMap<string, number> =>
  new Map(done.map(({ lineId, atS }) => [lineId, atS]));

/** A step that was done, by its place in the plan that is cooked by. */
export interface StepTap {
  eventId: string;
  step: number;
  atS: number;
}

/** The steps that were done, in the order in which they were: each when the last of its lines was. */
export function stepTaps(steps: readonly LiveStep[], state: Pick<LiveState, 'taps' | 'started'>): StepTap[] {
  const stepOf = new Map(steps.flatMap((step) => step.actions.map(({ id }) => [id, step] as const)));
  const left = new Map(steps.map(({ step, actions }) => [step, actions.length]));
  return doneLines(state).flatMap(({ lineId, eventId, atS }): StepTap[] => {
    const step = stepOf.get(lineId);
    if (!step) return [];
    const open = (left.get(step.step) ?? 0) - 1;
    left.set(step.step, open);
    return open === 0 ? [{ eventId, step: step.step, atS }] : [];
  });
}
