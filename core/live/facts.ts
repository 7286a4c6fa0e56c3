import type { Action, Fact } from '@elixa/contract';
import type { LiveState } from './foldLive';
import type { LiveStep } from './liveSteps';

/** The fact that an action of the plan becomes when it was done. */
function factOf(action: Action, planId: string): Fact {
  const place = { actionId: action.id, planId, round: action.round, pan: action.pan };
  const { kind, pieceId, ingredientId, cut, massG, volumeMl = 0, stageId } = action;
  if (pieceId && ingredientId && kind !== 'swish') {
    return { ...place, is: 'added', pieceId, ingredientId, cut, massG: massG ?? 0 };
  }
  switch (kind) {
    case 'light':
      return { ...place, is: 'lit' };
    case 'boil':
      return { ...place, is: 'boilReached' };
    case 'pour':
    case 'enrich':
      return { ...place, is: 'poured', ml: volumeMl };
    case 'lift':
      return { ...place, is: 'ladledOut', ml: -volumeMl };
    case 'serve':
      return { ...place, is: 'served' };
    case 'swish':
      return { ...place, is: 'swished' };
    case 'off':
      return { ...place, is: 'burnerOff' };
    default:
      return { ...place, is: 'tended', doing: kind, stageId };
  }
}

/**
 * What a tap on a step says: a fact for each of its actions.
 * @param planId of the event with which the plan was adopted
 */
export const factsOf = (step: Pick<LiveStep, 'actions'>, planId: string): Fact[] =>
  step.actions.map((action) => factOf(action, planId));

/** A step that was done, by its place in the plan that was adopted. */
export interface StepTap {
  eventId: string;
  step: number;
  atS: number;
}

/**
 * The steps of the plan that is cooked by that were done, in the order in which they were: a step is done with the first of
 * its facts. What was done before that plan was adopted counts for what it has before then; later only what answers it.
 */
export function stepTaps(
  steps: readonly LiveStep[],
  { taps, started }: Pick<LiveState, 'taps' | 'started'>,
): StepTap[] {
  const stepOf = new Map(steps.flatMap((step) => step.actions.map((action) => [action.id, step] as const)));
  const isFirst = !started || started.earlier.length === 0;
  const seen = new Set<number>();
  return taps.flatMap(({ eventId, facts, atS }) => {
    const mine = new Set(
      facts.flatMap(({ actionId, planId }) => {
        const step = stepOf.get(actionId);
        if (!step) return [];
        const isSeen = isFirst || (atS <= started.sinceS && step.atS <= started.sinceS);
        return isSeen || planId === started.planId ? step.step : [];
      }),
    );
    return [...mine].flatMap((step) => {
      if (seen.has(step)) return [];
      seen.add(step);
      return [{ eventId, step, atS }];
    });
  });
}
