import type { Evening } from '@elixa/contract';
import { foldLive, type LiveState } from '../live/foldLive';
import type { Look } from '../live/lookAgain';
import { resolveMenu } from '../evening/resolveMenu';
import { rehearsedInSteps } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { silently, type Steps } from '../steps/steps';
import type { Mishap } from './mishaps';
import type { EveningToldAgain } from './rehearsed';
import { rehearseInSteps } from './rehearseEvening';

/** An evening that is to be rehearsed. */
export interface RehearsalQuestion {
  evening: Evening;
  /** Draws the kitchen and the cook. */
  seed: number;
  mishaps: readonly Mishap[];
}

/** None where the evening cannot be planned. */
export interface Rehearsed {
  kind: 'rehearsed';
  rehearsed?: EveningToldAgain;
}

/** Rehearses an evening from beginning to end, a bit at a time. */
export function* rehearsing({ evening, seed, mishaps }: RehearsalQuestion): Steps<void, Rehearsed> {
  const { menu } = resolveMenu(evening);
  if (!menu) {
    yield { kind: 'rehearsed' };
    return;
  }
  const pot = yield* silently(rehearsedInSteps(menu, timesTable));
  yield { kind: 'rehearsed', rehearsed: yield* silently(rehearseInSteps(pot, seed, mishaps)) };
}

/**
 * A rehearsal as its phone showed it at a moment.
 * @param atS seconds from lighting the burner
 */
export function rehearsalAt(
  { log, looks, startsMs }: Pick<EveningToldAgain, 'log' | 'looks' | 'startsMs'>,
  atS: number,
): { state: LiveState; look?: Look; events: EveningToldAgain['log']['events'] } {
  const untilMs = startsMs + atS * 1000;
  const events = log.events.filter(({ at }) => Date.parse(at) <= untilMs);
  const look = looks.findLast((one) => one.atS <= atS);
  return { state: foldLive({ plans: log.plans, events }), events, ...(look ? { look } : {}) };
}
