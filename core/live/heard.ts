import type { ActionKind } from '@elixa/contract';
import { heardIn } from '../catalogue/spoken';

/** What somebody at the stove said: an answer to what is due, or a question. */
export type Answer = 'done' | 'notYet' | 'takeBack' | 'sayAgain' | 'howLong' | 'early' | 'another';

/** What is asked at the stove when something is heard. */
export interface Asked {
  kind: ActionKind | 'rescue';
  /** What it is about, as its things are called, and what else of the plan may be spoken of. */
  names: readonly string[];
  others: readonly string[];
  /** It is not due for long: said to be done, it is to be called by its name. */
  isFarOff: boolean;
  /** It was asked aloud a moment ago: a plain yes or no is the answer to it. */
  isAsked: boolean;
}

const IN = 'in|in the pot';
const OUT = 'out|lifted out|on the plate|on a plate';
const OFF = 'off|off the fire|off the heat|turned off';
const BOILS = 'boil|boils|boiling|bubble|bubbles|bubbling|simmer|simmers|simmering';

/** How somebody says that a step was done: what is so then. */
const STATES: Readonly<Record<Asked['kind'], string>> = {
  light: 'lit|on|burning',
  boil: BOILS,
  melt: 'shine|shines|shining|melted|hot',
  fry: 'brown|browned|fried',
  deglaze: 'loose|scraped off|off the bottom',
  sear: `${OUT}|seared|brown|browned`,
  pour: 'poured|in',
  cover: 'on|covered',
  uncover: 'off|open',
  stir: 'stirred',
  loosen: 'loosened',
  baste: 'spooned over|basted',
  skim: 'skimmed|clear',
  season: 'seasoned|in|stirred in',
  enrich: `${IN}|stirred in`,
  lift: OUT,
  rest: `${OFF}|resting`,
  swish: 'eaten',
  add: IN,
  heatDown: 'down|turned down|low',
  heatUp: 'up|turned up|high',
  serve: `on the table|served|${OUT}`,
  off: OFF,
  rescue: OUT,
};

const FIRE = ['fire', 'heat', 'flame', 'burner', 'gas', 'stove'];
const POT = ['pot', 'pan', 'broth', 'liquid', 'water', 'soup'];
/** What is spoken of at a step besides its things. */
const SPOKEN_OF: Partial<Record<Asked['kind'], readonly string[]>> = {
  light: FIRE,
  heatDown: FIRE,
  heatUp: FIRE,
  off: [...FIRE, ...POT],
  rest: [...FIRE, ...POT],
  boil: POT,
  pour: POT,
  serve: POT,
  skim: POT,
  stir: POT,
  cover: ['lid'],
  uncover: ['lid'],
};

const THING = '(?:it|they|that|this|those|everything|all of it|all of them)';
const ADDED = '(?: all over| again| gone)?';
/** What is named, if something is, and whether it is denied. */
const saying = (states: string) =>
  new RegExp(
    `^(?:(?:${THING}|(?<named>.+?)) )??(?:(?:is|are|has|have|does|do)(?: all)? )?(?<denied>not (?:yet )?)?(?:${states})${ADDED}(?: yet)?$`,
  );
const SAYING = Object.fromEntries(Object.entries(STATES).map(([kind, states]) => [kind, saying(states)])) as Record<
  Asked['kind'],
  RegExp
>;

const PLAINLY_DONE = /^(?:done|(?:that|it) is done|did it|(?:i )?have done it)$/;
const YES = /^(?:yes|(?:yes )?(?:it does|it is|they are))$/;
const NO = /^(?:no|(?:no )?(?:it does not|it is not|they are not))$/;
const NOT_YET =
  /^(?:no )?(?:not yet|still not|not there yet|not quite|nearly|almost|wait|hold on|one moment|just a moment|one minute|in a minute|give me a minute|leave (?:it|them) in)$/;
const TAKE_BACK = /^(?:undo|undo that|take (?:that|it) back|(?:that was|that is) wrong)$/;
const SAY_AGAIN =
  /^(?:what is next|what next|what do i do|say (?:that|it) again|say again|repeat(?: that)?|how much|how many)$/;
const HOW_LONG = /^(?:how long|how much longer|how long (?:yet|still|to go)|when (?:is it ready|do we eat))$/;

const WHOLE: ReadonlyArray<readonly [RegExp, string]> = [
  [/\b(it|that|this|what|lid|everything)'s\b/g, '$1 is'],
  [/\b(they|those|we)'re\b/g, '$1 are'],
  [/\b(they|i|we)'ve\b/g, '$1 have'],
  [/\b(is|are|does|do|has|have|did)n't\b/g, '$1 not'],
];
/** Words before and after that change nothing. */
const BEFORE = /^(?:(?:ok|okay|right|well|so|and|oh|ah|please|good) )+/;
const AFTER = /(?: (?:now|please|thanks|thank you|then|already|too))+$/;

/** The words of what was heard: in one case, whole, without what changes nothing. */
function wordsOf(text: string): string {
  const said = text
    .toLowerCase()
    .replace(/[’`]/g, "'")
    .replace(/[^a-z0-9' ]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const whole = WHOLE.reduce((so, [from, to]) => so.replace(from, to), said);
  return whole.replace(BEFORE, '').replace(AFTER, '');
}

/** Whether all that was named is among some names. */
const isAmong = (named: string, names: readonly string[]) =>
  heardIn(named.replace(/\b(?:the|all|and|of|no|yes|my)\b/g, ' '), ...names);

function answerTo(said: string, { kind, names, others, isAsked, isFarOff }: Asked): Answer | undefined {
  if (NO.test(said)) return isAsked ? 'notYet' : undefined;
  // A boil that is not there yet is worth knowing at any time; anything else is not asked for yet.
  if (NOT_YET.test(said)) return isFarOff && kind !== 'boil' ? 'early' : 'notYet';
  // A boil is early by itself, and nobody says of anything else that it boils.
  const done = isFarOff && kind !== 'boil' ? 'early' : 'done';
  if (PLAINLY_DONE.test(said) || (isAsked && YES.test(said))) return done;
  const found = SAYING[kind].exec(said.replace(/^(?:yes|no) /, ''));
  if (!found) return undefined;
  const { named, denied } = found.groups ?? {};
  const meant = [...names, ...(SPOKEN_OF[kind] ?? [])];
  if (named !== undefined && !isAmong(named, meant))
    return isAmong(named, [...meant, ...others]) ? 'another' : undefined;
  if (denied) return 'notYet';
  return named === undefined ? done : 'done';
}

/**
 * What was meant by something heard at the stove. Only whole answers count: what people say to each other in a kitchen is
 * none, and a denial is never taken for its opposite.
 * @param asked what is asked just then; nothing where nothing is
 * @returns none where it was no answer; `another` where it names something of the plan that is not asked about; `early` where it
 * may be about something else, since what is next is not due for long
 * @example heard("It's in", { kind: 'add', names: ['prawns'], others: [], isAsked: false, isFarOff: false }) // 'done'
 */
export function heard(text: string, asked?: Asked): Answer | undefined {
  const said = wordsOf(text);
  if (TAKE_BACK.test(said)) return 'takeBack';
  if (SAY_AGAIN.test(said)) return 'sayAgain';
  if (HOW_LONG.test(said)) return 'howLong';
  return asked && answerTo(said, asked);
}
