import type { Action, Fact } from '@elixa/contract';
import type { LiveState } from './foldLive';
import type { LiveStep } from './liveSteps';

/** The fact that an action of the plan becomes when it was done. */
function factOf(action: Action, planId: string): Fact {
  const place = { actionId: action.id, round: action.round, pan: action.pan };
  const { kind, pieceId, ingredientId, cut, massG, volumeMl = 0, stageId } = action;
  if (pieceId && ingredientId && kind !== 'swish') {
    return { ...place, is: 'added', pieceId, ingredientId, cut, massG: massG ?? 0 };
  }
  switch (kind) {
    case 'light':
      return { ...place, is: 'lit', planId };
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

/** The steps of a plan that were done, in the order in which they were: a step is done with the first of its facts. */
export function stepTaps(steps: readonly LiveStep[], { taps }: Pick<LiveState, 'taps'>): StepTap[] {
  const stepOf = new Map(steps.flatMap(({ step, actions }) => actions.map((action) => [action.id, step] as const)));
  const seen = new Set<number>();
  return taps.flatMap(({ eventId, facts, atS }) => {
    const mine = new Set(facts.flatMap((fact) => stepOf.get(fact.actionId) ?? []));
    return [...mine].flatMap((step) => {
      if (seen.has(step)) return [];
      seen.add(step);
      return [{ eventId, step, atS }];
    });
  });
}
