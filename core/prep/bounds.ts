import { staleOf, type Judged, type PrepProblem } from './problem';
import { reachMin, wholePoints } from './judge';
import { shapeOf, type Stretch, type Use } from './shape';

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
  const ratios = jobs.map((job) => job.weight / job.lastsMin);
  const open: number[] = [];
  let now = 0;
  let next = 0;
  while (next < byReady.length || open.length > 0) {
    if (open.length === 0) now = Math.max(now, jobs[byReady[next]!]!.readyMin);
    while (next < byReady.length && jobs[byReady[next]!]!.readyMin <= now) open.push(byReady[next++]!);
    let best = open[0]!;
    for (const one of open) if (ratios[one]! > ratios[best]!) best = one;
    const until = next < byReady.length ? jobs[byReady[next]!]!.readyMin : Infinity;
    const worked = Math.min(left[best]!, until - now);
    middle[best]! += (worked * speed * (now + worked / 2)) / jobs[best]!.lastsMin;
    left[best]! -= worked;
    now += worked;
    if (left[best]! <= 1e-9) open.splice(open.indexOf(best), 1);
  }
  return jobs.reduce((total, { weight, lastsMin }, index) => total + weight * (middle[index]! + lastsMin / 2), 0);
}

/**
 * Least staleness that a schedule can have when its blocks end no later than `ends`: what their lags ask of each, or, for
 * all that queues for the hands or for the board, what is left of the least weighted ends when each has stayed fresh as
 * long as it does.
 */
export function leastStale({ blocks, capacities }: PrepProblem, ends: readonly number[]): number {
  const alone = blocks.map((block, index) => staleOf(block, ends[index]!));
  const byLags = alone.reduce((total, one) => total + one, 0);
  const { queues } = shapeOf(blocks);
  const leasts = (['hands', 'board'] as const).map((resource) => {
    const { indices, free } = queues[resource];
    if (indices.length < 2) return byLags;
    const jobs = indices.map((index) => ({
      readyMin: ends[index]!,
      lastsMin: blocks[index]!.lastsMin,
      weight: blocks[index]!.staleness,
    }));
    const others = indices.reduce((rest, index) => rest - alone[index]!, byLags);
    return others + Math.max(0, leastWeightedEnds(jobs, capacities[resource]) - free);
  });
  return wholePoints(Math.max(byLags, ...leasts));
}

/** The earliest whole minute (counted backwards) at which so much work for so many hands can be over. */
function leastReach(jobs: readonly Stretch[], count: number): number {
  const latest = [...jobs].sort((a, b) => b.from - a.from);
  let most = 0;
  let work = 0;
  for (const { from, to } of latest) {
    work += to - from;
    most = Math.max(most, from + Math.ceil(work / count - 1e-9));
  }
  return most;
}

/**
 * Least minutes from the first work with one's hands to sitting down: what the lags ask, and all that hands or the board
 * have to do from some moment on, over how many there are.
 */
export function leastSpanMin({ blocks, capacities }: PrepProblem, ends: readonly number[]): number {
  const { tonight } = shapeOf(blocks);
  const work = (all: readonly Use[]) =>
    all.map(({ index, from, to }) => ({ from: ends[index]! + from, to: ends[index]! + to }));
  const hands = work(tonight.hands);
  const byLags = hands.reduce((most, { to }) => Math.max(most, to), 0);
  return Math.max(byLags, leastReach(hands, capacities.hands), leastReach(work(tonight.board), capacities.board));
}

/** Least minutes of lateness that the lags and the hands leave, which take so long at least. */
function leastLateMin(problem: PrepProblem, ends: readonly number[], spanMin: number): number {
  const { blocks, availableMin } = problem;
  if (availableMin === undefined) return 0;
  const byLags = Math.max(0, ...blocks.map((block, index) => ends[index]! + block.lastsMin - reachMin(problem, block)));
  return Math.max(byLags, spanMin - availableMin);
}

/** What no schedule is better than whose blocks end no later than `ends`. */
export function leastOf(problem: PrepProblem, ends: readonly number[]): Omit<Judged, 'switches'> {
  const spanMin = leastSpanMin(problem, ends);
  return { lateMin: leastLateMin(problem, ends, spanMin), stale: leastStale(problem, ends), spanMin };
}
