import { leastOf } from './bounds';
import { branchAndBound, isFree, type Best } from './branch';
import { compareTimes, countSwitches, judge, judgeTimes } from './judge';
import type { Budget } from './budget';
import { arcsOf, asEnds, needed, settle, type Arc } from './latest';
import { placeByList, placing } from './place';
import type { Ends, Judged, PrepProblem } from './problem';
import { atOnce, PAUSE_AFTER, type Steps } from '../steps/steps';
import { repeatable } from '../measures/repeatable';

export interface PrepSolution {
  ends: Ends;
  judged: Judged;
  /** What no schedule can be better than. */
  least: Omit<Judged, 'switches'>;
  /** Nothing is better on time, freshness and standing. */
  proven: boolean;
}

export interface Effort {
  /** Lists that are tried, and branches that are looked at. */
  lists: number;
  nodes: number;
  /** What several searches share; each still looks at its first list when it is spent. */
  budget?: Budget;
}

const NO_PLAN: Ends = new Map();

export const USUAL_EFFORT: Effort = { lists: 800, nodes: 800 };
/** To judge a change by its lateness, a short search is enough. */
export const REMEDY_EFFORT: Effort = { lists: 150, nodes: 240 };

/** What loses most for its length stands nearest to the table; what many others wait for comes before them. */
function firstList({ blocks }: PrepProblem): number[] {
  const ratio = (index: number) => blocks[index]!.staleness / Math.max(1, blocks[index]!.lastsMin);
  return blocks
    .map((_, index) => index)
    .sort((a, b) => blocks[a]!.endsBeforeMin - blocks[b]!.endsBeforeMin || ratio(b) - ratio(a) || a - b);
}

/** What has no choice of its time stands first in every list. */
function fixedFirst({ blocks }: PrepProblem, order: readonly number[]): number[] {
  const fixed: number[] = [];
  const free: number[] = [];
  for (const index of order) (blocks[index]!.endsWithinMin === blocks[index]!.endsBeforeMin ? fixed : free).push(index);
  return [...fixed, ...free];
}

/** Takes one of the list out and puts it in elsewhere. */
function moved(order: readonly number[], random: () => number): number[] {
  const next = [...order];
  const [one] = next.splice(Math.floor(random() * next.length), 1);
  next.splice(Math.floor(random() * (next.length + 1)), 0, one!);
  return next;
}

/** The list that an earlier plan was made by, as far as it knows the blocks; the rest stands behind. */
function listFrom(problem: PrepProblem, soFar: Ends): number[] {
  const first = firstList(problem);
  const endOf = (index: number) => soFar.get(problem.blocks[index]!.id) ?? Infinity;
  return [...first].sort((a, b) => (endOf(a) === endOf(b) ? 0 : endOf(a) - endOf(b)));
}

/** The earlier plan as it was, where it can still be carried out. */
function asItWas(problem: PrepProblem, arcs: readonly Arc[], soFar: Ends): number[] | undefined {
  const { blocks } = problem;
  const ends = blocks.map((block) => Math.max(block.endsBeforeMin, soFar.get(block.id) ?? block.endsBeforeMin));
  const settled = [...ends];
  const holds = settle(blocks, arcs, settled) && settled.every((end, index) => end === ends[index]);
  return holds && isFree(problem, ends) ? ends : undefined;
}

/**
 * Improves a list by moving one at a time, and goes on from what is no worse. Plain list scheduling is its first step.
 */
function* searchLists(
  problem: PrepProblem,
  arcs: readonly Arc[],
  { lists, budget }: Effort,
  soFar: Ends,
): Steps<Best | undefined> {
  const ready = placing(problem, arcs);
  const switches = new WeakMap<Best, number>();
  const switchesOf = (one: Best) => {
    const known = switches.get(one) ?? countSwitches(problem, one.ends);
    switches.set(one, known);
    return known;
  };
  const random = repeatable(problem.blocks.length);
  const tried = (list: readonly number[]) => {
    const ends = placeByList(ready, fixedFirst(problem, list));
    return ends && { list, ends, judged: judgeTimes(problem, ends) };
  };
  // Changes of place break ties, and are counted only for these.
  const isWorse = (one: Best, other: Best) =>
    (compareTimes(one.judged, other.judged) || switchesOf(one) - switchesOf(other)) > 0;
  let best = tried(listFrom(problem, soFar)) ?? tried(firstList(problem));
  let here = best;
  let list: readonly number[] = here?.list ?? firstList(problem);
  // Where all is done, or one thing is left, there is nothing to move.
  const tries = problem.blocks.length > 1 ? lists : 1;
  for (let count = 1; count < tries; count += 1) {
    if (budget && !budget.take(problem.blocks.length)) break;
    if (count % PAUSE_AFTER === 0) yield;
    const next = tried(moved(list, random));
    if (!next || (here && isWorse(next, here))) continue;
    here = next;
    list = next.list;
    if (!best || isWorse(best, next)) best = next;
  }
  return best;
}

/** A plan under way is not turned over for less freshness, in points, or a shorter stand, in minutes, than this. */
const WORTH_MOVING = { stale: 5, spanMin: 5 };

function isWorthMoving(found: Omit<Judged, 'switches'>, kept: Omit<Judged, 'switches'>): boolean {
  if (found.lateMin !== kept.lateMin) return found.lateMin < kept.lateMin;
  if (kept.stale - found.stale >= WORTH_MOVING.stale) return true;
  return found.stale <= kept.stale && kept.spanMin - found.spanMin >= WORTH_MOVING.spanMin;
}

/**
 * Schedules the preparation backwards from sitting down: on time first, then freshness, then the shortest stand, then the
 * fewest changes of place. A list search finds a good schedule; branch and bound then looks for a better one and proves,
 * where it can, that there is none on the first three.
 * @param soFar minutes before sitting down at which an earlier plan had each block end; it is kept where it is still good
 * @returns minutes before sitting down at which each block ends, with what no schedule can be better than; undefined when
 * the lags contradict one another
 */
export function* solvePrepInSteps(
  problem: PrepProblem,
  effort: Effort = USUAL_EFFORT,
  soFar: Ends = NO_PLAN,
): Steps<PrepSolution | undefined> {
  const { blocks } = problem;
  const arcs = arcsOf(problem);
  const latest = needed(blocks);
  if (!settle(blocks, arcs, latest)) return undefined;
  const least = leastOf(problem, latest);
  const listed = yield* searchLists(problem, arcs, effort, soFar);
  const searched = yield* branchAndBound(problem, arcs, listed, effort.nodes, effort.budget);
  if (!searched.best) return undefined;
  const isBetter = !listed || compareTimes(searched.best.judged, listed.judged) < 0;
  const found = isBetter ? searched.best : listed;
  const kept = soFar.size > 0 ? asItWas(problem, arcs, soFar) : undefined;
  const isKept = kept && !isWorthMoving(found.judged, judgeTimes(problem, kept));
  const ends = isKept ? kept : found.ends;
  return { ends: asEnds(blocks, ends), judged: judge(problem, ends), least, proven: searched.proven && !isKept };
}

/** `solvePrepInSteps` without a pause. */
export const solvePrep = (
  problem: PrepProblem,
  effort: Effort = USUAL_EFFORT,
  soFar: Ends = NO_PLAN,
): PrepSolution | undefined => atOnce(solvePrepInSteps(problem, effort, soFar));

/** Plain list scheduling: the first list alone, as a reference. */
export function listAlone(problem: PrepProblem): Omit<Judged, 'switches'> | undefined {
  const ends = placeByList(placing(problem, arcsOf(problem)), fixedFirst(problem, firstList(problem)));
  return ends && judgeTimes(problem, ends);
}
