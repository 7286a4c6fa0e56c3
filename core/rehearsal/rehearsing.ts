import type { Evening } from '@elixa/contract';
import { foldLive, type LiveState } from '../live/foldLive';
import type { Look } from '../live/lookAgain';
import { resolveMenu } from '../evening/resolveMenu';
import { rehearsedInSteps, type RehearsedPot } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { silently, type Steps } from '../steps/steps';
import { truthAt, type Truth } from './byHand';
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

/** What somebody who rehearses by hand sees at the stove. */
export interface TruthQuestion extends RehearsalQuestion {
  state: LiveState;
  atS: number;
}

/** None where the evening cannot be planned. */
export interface Rehearsed {
  kind: 'rehearsed';
  rehearsed?: EveningToldAgain;
  truth?: Truth;
}

/** Rehearses an evening from beginning to end, or looks at the stove of one that is tapped by hand; a bit at a time. */
export function makeRehearsing(): (question: RehearsalQuestion | TruthQuestion) => Steps<void, Rehearsed> {
  let last: { of: string; pot: RehearsedPot } | undefined;

  return function* rehearsing(question) {
    const { evening, seed, mishaps } = question;
    const of = JSON.stringify(evening);
    if (last?.of !== of) {
      const { menu } = resolveMenu(evening);
      if (!menu) {
        yield { kind: 'rehearsed' };
        return;
      }
      last = { of, pot: yield* silently(rehearsedInSteps(menu, timesTable)) };
    }
    const { pot } = last;
    if ('state' in question) yield { kind: 'rehearsed', truth: truthAt(pot, question, question.state, question.atS) };
    else yield { kind: 'rehearsed', rehearsed: yield* silently(rehearseInSteps(pot, seed, mishaps)) };
  };
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
