import type { Act, Action, ActionKind, PotPlan, SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { andList } from '../measures/andList';
import { capital } from '../measures/capital';
import { spanText } from '../simmer/because';
import { factWords, speakerOf } from './besideWords';
import type { LiveState, Tap } from './foldLive';
import { WORTH_MOVING_S } from './replanning';
import { expected } from './restOf';

/** Why a plan was made again. */
export type Cause =
  | { is: 'boil'; lateS: number }
  /** `upTo` where some of it was less late, or less early. */
  | { is: 'in'; names: string[]; lateS: number; upTo?: true }
  | { is: 'served'; lateS: number }
  /** Something was done that no plan asked for, in words. */
  | { is: 'beside'; words: string }
  /** Something is cooked through for certain only later than it was planned. */
  | { is: 'gate'; names: string[]; lateS: number }
  /** Nothing was done at another time: the pot itself is not as it was thought to be. */
  | { is: 'pot'; lateS: number };

/** What moved when a pot on the fire was planned again. Seconds are on its clock. */
export interface Moved {
  cause: Cause;
  /** When it is ready now that is eaten next, and by how much that moved. */
  readyAtS: number;
  movesReadyS: number;
  /** What goes in last before it, where that is so much nearer to it, or further from it, than before. */
  last?: { names: string[]; beforeReadyS: number };
  /** What will not be as it should. */
  past: string[];
}

/** What was done longer ago than this was told then, in s. */
const RECENT_S = 120;
const ADDS: readonly ActionKind[] = ['add', 'fry'];
/** What may be the cause of what came after it. */
const TELLS: readonly ActionKind[] = [...ADDS, 'boil', 'serve'];
/** What is done beside a plan and moves what comes after; what is lifted out holds up nothing. */
const MOVES: ReadonlyArray<Act['is']> = ['added', 'putBack', 'poured', 'ladled', 'lid', 'heat', 'seasoned'];

interface Line extends Action {
  lateS: number;
  tappedS: number;
}

/** The lines of a plan that these taps did, each with how late by what was told just before. */
function doneIn(plan: PotPlan, taps: readonly Tap[]): Line[] {
  const lineOf = new Map(plan.program.acts.map((one) => [one.id, one.actionId]));
  const lines = new Map(plan.simmer.actions.map((one) => [one.id, one]));
  const done = new Map<string, number>();
  const late: Line[] = [];
  for (const { facts, atS } of taps) {
    const ids = new Set(facts.flatMap(({ answers }) => lineOf.get(answers?.actId ?? '') ?? []));
    const fresh = [...ids].flatMap((id) => (done.has(id) ? [] : (lines.get(id) ?? [])));
    if (fresh.length === 0) continue;
    const { dueS } = expected(plan, done, Math.min(atS, ...fresh.map((one) => one.atS)));
    late.push(...fresh.map((one) => ({ ...one, lateS: atS - (dueS.get(one.id) ?? one.atS), tappedS: atS })));
    for (const { id } of fresh) done.set(id, atS);
  }
  return late;
}

type Names = (lines: ReadonlyArray<Pick<Action, 'ingredientId' | 'cut'>>) => string[];

function causeOf(lines: readonly Line[], movesReadyS: number, names: Names): Cause {
  // The first that came at another time is what the others followed from; foam that is skimmed early moves nothing.
  const other = lines.filter(({ lateS, kind }) => Math.abs(lateS) >= WORTH_MOVING_S && TELLS.includes(kind));
  const [first] = other;
  if (!first) return { is: 'pot', lateS: movesReadyS };
  const { kind } = first;
  if (!ADDS.includes(kind)) return { is: kind === 'boil' ? 'boil' : 'served', lateS: first.lateS };
  const together = other.filter((one) => ADDS.includes(one.kind) && one.lateS * first.lateS > 0);
  const most = together.reduce((a, b) => (Math.abs(b.lateS) > Math.abs(a.lateS) ? b : a));
  const isAlike = together.every(({ lateS }) => Math.abs(lateS - most.lateS) < WORTH_MOVING_S);
  return { is: 'in', names: names(together), lateS: most.lateS, ...(isAlike ? {} : { upTo: true }) };
}

/** Less than this before it is lifted out it is cooked through for certain, in s: for that its round waits. */
const HELD_S = 20;
const isHeldByGate = ({ safeS, cookS }: SimmerPiece): boolean => safeS > 0 && cookS - safeS < HELD_S;

/** What goes in last before a round is ready, and how long before. */
function lastInto({ simmer }: PotPlan, round: number, names: Names) {
  const own = simmer.actions.filter((one) => one.round === round && one.kind === 'add');
  const atS = Math.max(...own.map((one) => one.atS));
  const readyS = simmer.readyAtS[round - 1] ?? simmer.endsAtS;
  return { atS, beforeReadyS: readyS - atS, names: names(own.filter((one) => one.atS === atS)) };
}

/**
 * What moved when the plan that is cooked by took the place of another, made from its causes.
 * @returns none where nothing was planned again, something was done since, or it is too small to be told
 */
export function whatMoved(catalogue: Catalogue, { started, taps }: LiveState): Moved | undefined {
  const before = started?.earlier.at(-1);
  if (!started || !before || !started.knows) return undefined;
  const knows = new Set(started.knows);
  if (taps.some(({ eventId }) => !knows.has(eventId))) return undefined;
  const names: Names = (lines) => [
    ...new Set(
      lines.flatMap(({ ingredientId, cut }) =>
        ingredientId ? [shortName(catalogue.byId(ingredientId), cut ?? '')] : [],
      ),
    ),
  ];
  const knewBefore = new Set(before.knows);
  const fresh = new Set(taps.flatMap(({ eventId, atS }) => (knewBefore.has(eventId) ? [] : [atS])));
  const speaker = speakerOf(catalogue, { taps, started });
  const last = taps.findLast(({ eventId }) => !knewBefore.has(eventId));
  const beside = (last?.facts ?? [])
    .filter(({ answers, act }) => !answers && act && MOVES.includes(act.is))
    .map((fact) => factWords(speaker, fact));
  const lines = doneIn(before.plan, taps).filter(
    ({ tappedS }) => fresh.has(tappedS) && tappedS > started.sinceS - RECENT_S,
  );
  const served = new Set(
    doneIn(started.plan, taps)
      .filter(({ kind }) => kind === 'serve')
      .map(({ round }) => round),
  );
  const rounds = [...new Set(started.plan.simmer.actions.map(({ round }) => round))].sort((a, b) => a - b);
  const round = rounds.find((one) => !served.has(one)) ?? rounds.at(-1)!;
  const readyIn = ({ simmer }: PotPlan) => simmer.readyAtS[round - 1] ?? simmer.endsAtS;
  const readyAtS = readyIn(started.plan);
  const movesReadyS = readyAtS - readyIn(before.plan);
  const lastIn = lastInto(started.plan, round, names);
  const lastBefore = lastInto(before.plan, round, names);
  const isOther = Math.abs(lastIn.beforeReadyS - lastBefore.beforeReadyS) > WORTH_MOVING_S;
  const past = started.plan.simmer.pieces.filter(
    (one) => one.round === round && one.overAtS !== undefined && one.overAtS < one.outAtS - WORTH_MOVING_S,
  );
  const cause =
    beside.length > 0 ? ({ is: 'beside', words: beside.join(', ') } as const) : causeOf(lines, movesReadyS, names);
  const gated = started.plan.simmer.pieces.filter((one) => one.round === round && isHeldByGate(one));
  const moved: Moved = {
    cause:
      cause.is === 'pot' && movesReadyS > 0 && gated.length > 0
        ? {
            is: 'gate',
            names: names(gated.map(({ ingredientId, cut }) => ({ ingredientId, cut }))),
            lateS: movesReadyS,
          }
        : cause,
    readyAtS,
    movesReadyS,
    ...(isOther && lastIn.atS > started.sinceS
      ? { last: { names: lastIn.names, beforeReadyS: lastIn.beforeReadyS } }
      : {}),
    past: [...new Set(past.map((one) => shortName(catalogue.byId(one.ingredientId), one.cut)))],
  };
  const isSmall = Math.abs(movesReadyS) < WORTH_MOVING_S && !moved.last && moved.past.length === 0;
  return moved.cause.is === 'pot' && isSmall ? undefined : moved;
}

const when = (lateS: number): string => `${spanText(Math.abs(lateS))} ${lateS > 0 ? 'late' : 'early'}`;

/** More than these names cannot be taken in at a glance. */
const NAMED = 3;
const listed = (names: readonly string[]): string =>
  capital(andList(names.length > NAMED ? [...names.slice(0, NAMED - 1), `${names.length - NAMED + 1} more`] : names));

function causeWords(cause: Cause): string {
  switch (cause.is) {
    case 'boil':
      return `It boiled ${when(cause.lateS)}`;
    case 'in':
      return `${listed(cause.names)} went in ${cause.upTo ? 'up to ' : ''}${when(cause.lateS)}`;
    case 'served':
      return `It came to the table ${when(cause.lateS)}`;
    case 'beside':
      return capital(cause.words);
    case 'gate':
      return `${listed(cause.names)}: ${spanText(cause.lateS)} more until ${cause.names.length > 1 ? 'they are' : 'it is'} cooked through for certain`;
    case 'pot':
      return cause.lateS >= 0 ? 'The pot is slower than it was planned' : 'The pot is quicker than it was planned';
  }
}

/**
 * The same as the cook is told: what happened, what moves, what is best now.
 * @param clock how a moment on the pot's clock is said
 * @example 'It boiled 6 min late: everything after it moves, ready at 19:36.'
 */
export function movedWords(
  { cause, readyAtS, movesReadyS, last, past }: Moved,
  clock: (atS: number) => string,
): string {
  const ready = clock(readyAtS);
  const moves =
    Math.abs(movesReadyS) < WORTH_MOVING_S
      ? `still ready at ${ready}`
      : movesReadyS > 0
        ? `everything after it moves, ready at ${ready}`
        : `ready sooner, at ${ready}`;
  const lastIn = last ? ` ${listed(last.names)}: in ${spanText(last.beforeReadyS)} before that.` : '';
  const over =
    past.length > 0 ? ` ${listed(past)} will be past ${past.length > 1 ? 'their' : 'its'} best by then.` : '';
  return `${causeWords(cause)}: ${moves}.${lastIn}${over}`;
}
