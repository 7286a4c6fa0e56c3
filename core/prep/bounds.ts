import { isAttended, staleOf, type Block, type PrepProblem, type Resource } from './problem';
import { reachMin, wholePoints } from './judge';

/** A job for the bounds: it cannot begin earlier (counted backwards) and takes so long. */
interface Job {
  readyMin: number;
  lastsMin: number;
  weight: number;
}

/**
 * Least sum of weight times end for jobs on one machine that works `speed` times as fast, as if each could be interrupted:
 * at every moment the job with the most weight for its length is worked on, and counts by the middle of its work plus half
 * its length. A lower bound for any number of equal machines (Goemans 1997; Schulz and Skutella 2002).
 */
export function leastWeightedEnds(jobs: readonly Job[], speed: number): number {
  const left = jobs.map((job) => job.lastsMin / speed);
  const middle = jobs.map(() => 0);
  const byReady = jobs.map((_, index) => index).sort((a, b) => jobs[a]!.readyMin - jobs[b]!.readyMin);
  const ratio = (index: number) => jobs[index]!.weight / jobs[index]!.lastsMin;
  const open: number[] = [];
  let now = 0;
  let next = 0;
  while (next < byReady.length || open.length > 0) {
    if (open.length === 0) now = Math.max(now, jobs[byReady[next]!]!.readyMin);
    while (next < byReady.length && jobs[byReady[next]!]!.readyMin <= now) open.push(byReady[next++]!);
    const best = open.reduce((a, b) => (ratio(b) > ratio(a) ? b : a));
    const until = next < byReady.length ? jobs[byReady[next]!]!.readyMin : Infinity;
    const worked = Math.min(left[best]!, until - now);
    middle[best]! += (worked * speed * (now + worked / 2)) / jobs[best]!.lastsMin;
    left[best]! -= worked;
    now += worked;
    if (left[best]! <= 1e-9) open.splice(open.indexOf(best), 1);
  }
  return jobs.reduce((total, { weight, lastsMin }, index) => total + weight * (middle[index]! + lastsMin / 2), 0);
}

/** Blocks that need a resource from start to end, so that they queue for it. */
const queues = (block: Block, resource: Resource) =>
  block.segments.reduce((total, one) => total + (one.needs.includes(resource) ? one.lastsMin : 0), 0) ===
  block.lastsMin;

/**
 * Least staleness that a schedule can have when its blocks end no later than `ends`: what their lags ask of each, or, for
 * all that queues for the hands or for the board, what is left of the least weighted ends when each has stayed fresh as
 * long as it does.
 */
export function leastStale({ blocks, capacities }: PrepProblem, ends: readonly number[]): number {
  const alone = blocks.map((block, index) => staleOf(block, ends[index]!));
  const byLags = alone.reduce((total, one) => total + one, 0);
  const leasts = (['hands', 'board'] as const).map((resource) => {
    const indices = blocks.flatMap((block, index) => (queues(block, resource) && block.lastsMin > 0 ? [index] : []));
    if (indices.length < 2) return byLags;
    const jobs = indices.map((index) => ({
      readyMin: ends[index]!,
      lastsMin: blocks[index]!.lastsMin,
      weight: blocks[index]!.staleness,
    }));
    const [others, fresh] = indices.reduce(
      ([rest, free], index) => {
        const { staleness, lastsMin, endsBeforeMin, freshMin } = blocks[index]!;
        return [rest - alone[index]!, free + staleness * (lastsMin + endsBeforeMin + freshMin)];
      },
      [byLags, 0],
    );
    return others + Math.max(0, leastWeightedEnds(jobs, capacities[resource]) - fresh);
  });
  return wholePoints(Math.max(byLags, ...leasts));
}

/** The earliest whole minute (counted backwards) at which so much work for so many hands can be over. */
function leastReach(jobs: ReadonlyArray<{ readyMin: number; lastsMin: number }>, count: number): number {
  return jobs.reduce((most, { readyMin }) => {
    const later = jobs.filter((one) => one.readyMin >= readyMin);
    return Math.max(most, readyMin + Math.ceil(later.reduce((total, one) => total + one.lastsMin, 0) / count - 1e-9));
  }, 0);
}

/** A stretch of a block for which hands or the board are needed, by its end before that of its block. */
interface Demand {
  index: number;
  beforeEndMin: number;
  lastsMin: number;
}

const demands = new WeakMap<readonly Block[], Record<'hands' | 'board', Demand[]>>();

/** What is asked tonight of hands and board, found once for the blocks of a problem. */
function demandsOf(blocks: readonly Block[]): Record<'hands' | 'board', Demand[]> {
  const of = (resource: Resource) =>
    blocks.flatMap(({ early, segments, lastsMin }, index) =>
      segments
        .filter((segment) => !early && isAttended(segment) && segment.needs.includes(resource))
        .map((one) => ({ index, beforeEndMin: lastsMin - one.fromMin - one.lastsMin, lastsMin: one.lastsMin })),
    );
  const known = demands.get(blocks) ?? { hands: of('hands'), board: of('board') };
  demands.set(blocks, known);
  return known;
}

/**
 * Least minutes from the first work with one's hands to sitting down: what the lags ask, and all that hands or the board
 * have to do from some moment on, over how many there are.
 */
export function leastSpanMin({ blocks, capacities }: PrepProblem, ends: readonly number[]): number {
  const asked = demandsOf(blocks);
  const work = (all: readonly Demand[]) =>
    all.map(({ index, beforeEndMin, lastsMin }) => ({ readyMin: ends[index]! + beforeEndMin, lastsMin }));
  const hands = work(asked.hands);
  const byLags = hands.reduce((most, { readyMin, lastsMin }) => Math.max(most, readyMin + lastsMin), 0);
  return Math.max(byLags, leastReach(hands, capacities.hands), leastReach(work(asked.board), capacities.board));
}

/** Least minutes of lateness that the lags and the hands leave. */
export function leastLateMin(problem: PrepProblem, ends: readonly number[]): number {
  const { blocks, availableMin } = problem;
  if (availableMin === undefined) return 0;
  const byLags = Math.max(0, ...blocks.map((block, index) => ends[index]! + block.lastsMin - reachMin(problem, block)));
  return Math.max(byLags, leastSpanMin(problem, ends) - availableMin);
}
