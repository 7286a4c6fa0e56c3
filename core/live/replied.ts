import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { uncapital } from '../measures/capital';
import type { Answer, Asked } from './heard';
import type { LiveView } from './liveView';
import { saidAloud, spokenCue, spokenRescue } from './spoken';

/** What is not due for longer than this may be taken for something else, in s. */
const FAR_OFF_S = 60;

/** What an answer by voice is about at a moment, and what else of the plan may be named. */
export function askedNow(catalogue: Catalogue, view: LiveView, isAsked: boolean): Asked | undefined {
  const { next, rescue, coming, inPot } = view;
  const namesIn = (steps: ReadonlyArray<NonNullable<LiveView['next']>>) =>
    steps.flatMap(({ actions }) =>
      actions.flatMap(({ ingredientId, cut }) => {
        if (!ingredientId) return [];
        const what = catalogue.byId(ingredientId);
        return [what.name, shortName(what, cut ?? '')];
      }),
    );
  const others = [...namesIn(coming), ...inPot.map(({ name }) => name)];
  if (rescue) return { kind: 'rescue', names: rescue.names, others, isAsked, isFarOff: false };
  if (!next) return undefined;
  const { kind, dueInS } = next;
  return { kind, names: [...namesIn([next]), next.title], others, isAsked, isFarOff: dueInS > FAR_OFF_S };
}

/** A while as people say it: `half a minute`, `4 minutes`. */
export function whileAloud(seconds: number): string {
  if (seconds < 20) return 'a moment';
  if (seconds < 45) return 'half a minute';
  const minutes = Math.max(1, Math.round(seconds / 60));
  return minutes === 1 ? 'one minute' : `${minutes} minutes`;
}

function nextAloud(catalogue: Catalogue, { next, rescue }: LiveView): string {
  if (rescue) return spokenRescue(rescue);
  if (!next) return 'All done. Nothing is left to do.';
  if (next.kind === 'boil') return 'Waiting for the boil. Say: it boils.';
  if (next.dueInS < 1)
    return spokenCue(catalogue, next, 'now').replace(/\.$/, '') + aloud(spokenCue(catalogue, next, 'soon'));
  return spokenCue(catalogue, next, 'soon').replace('In a moment', `In ${whileAloud(next.dueInS)}`);
}

/** The amounts at the end of a sentence. */
const aloud = (sentence: string) => /\. .*$/.exec(sentence)?.[0] ?? '.';

/**
 * What is said back to somebody who answered by voice, the screen turned away.
 * @param view as it was when they spoke
 */
export function repliedTo(catalogue: Catalogue, answer: Answer, view: LiveView): string {
  const { next, gate, rescue, readyInS, coming } = view;
  switch (answer) {
    case 'done': {
      if (!rescue && gate) {
        return `Not yet: ${andList(gate.names)} needs ${whileAloud(gate.waitS)} more. Leave it in, or measure the thickest piece.`;
      }
      const [after] = rescue ? [next] : coming;
      return after ? `Noted. Then: ${uncapital(saidAloud(after.title))}.` : 'Noted. That was the last.';
    }
    case 'notYet':
      return rescue ? 'It stays in.' : 'I ask again in a minute.';
    case 'takeBack':
      return 'Taken back.';
    case 'sayAgain':
      return nextAloud(catalogue, view);
    case 'howLong':
      return readyInS <= 0 ? 'It is ready.' : `Ready in ${whileAloud(readyInS)}.`;
    case 'early':
      return next
        ? `Next is ${uncapital(saidAloud(next.title))}, in ${whileAloud(next.dueInS)}. Call it by its name if it is done.`
        : 'Nothing is left to do.';
    case 'another':
      return next
        ? `I wait for this: ${uncapital(saidAloud(next.title))}. What else happened is told by hand.`
        : 'Nothing is left to do.';
  }
}
