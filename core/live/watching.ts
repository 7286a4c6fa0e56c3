import type { Evening } from '@elixa/contract';
import { resolveMenu } from '../evening/resolveMenu';
import { rehearsedInSteps, type RehearsedPot } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { silently, type Steps } from '../steps/steps';
import type { LiveState } from './foldLive';
import { lookAgain, type Look } from './lookAgain';

/** What somebody at the stove wants to know: how the pots stand after all that was tapped. */
export interface StoveQuestion {
  /** The evening that is cooked, as it was when its burner was lit. */
  evening: Evening;
  state: LiveState;
  /** The pot's clock in s. */
  atS: number;
}

/** None where nothing is cooked, or the evening cannot be planned by this version of the program. */
export interface Watched {
  kind: 'look';
  look?: Look;
}

/**
 * Looks at the pots of an evening again and again. What was planned before it was lit is worked out once, and kept.
 * @example [...makeWatching()({ evening, state, atS })].at(-1)
 */
export function makeWatching(): (question: StoveQuestion) => Steps<void, Watched> {
  let last: { of: string; pot: RehearsedPot } | undefined;

  return function* watching({ evening, state, atS }) {
    const of = JSON.stringify(evening);
    if (last?.of !== of) {
      const { menu } = resolveMenu(evening);
      if (!menu) {
        yield { kind: 'look' };
        return;
      }
      last = { of, pot: yield* silently(rehearsedInSteps(menu, timesTable)) };
    }
    const look = yield* silently(lookAgain(state, last.pot, atS));
    yield look ? { kind: 'look', look } : { kind: 'look' };
  };
}
