import { firstHandMin, staleOf, type Block, type Judged, type PrepProblem } from './problem';
import { shapeOf } from './shape';

/** Minutes from now that a block may reach back to; endless when the clock does not matter. */
export function reachMin({ availableMin, notBeforeMin }: PrepProblem, block: Block): number {
  return availableMin === undefined ? Infinity : availableMin - (notBeforeMin?.get(block.id) ?? 0);
}

const NOWHERE = -1;

interface Cook {
  freeAt: number;
  place: number;
}

/** The next piece of work goes to whoever is free and stands there already, or else to whoever has been free longest. */
function nextCook(cooks: readonly Cook[], to: number, place: number): Cook | undefined {
  let longest: Cook | undefined;
  let there: Cook | undefined;
  for (const cook of cooks) {
    if (cook.freeAt < to) continue;
    if (!longest || cook.freeAt > longest.freeAt) longest = cook;
    if (cook.place === place && (!there || cook.freeAt > there.freeAt)) there = cook;
  }
  return there ?? longest;
}

/** Changes of place between one piece of work with one's hands and the next. */
export function countSwitches({ blocks, capacities }: PrepProblem, ends: readonly number[]): number {
  const work = shapeOf(blocks)
    .attended.map(({ index, from, to, place }) => ({ from: ends[index]! + from, to: ends[index]! + to, place }))
    .sort((a, b) => b.to - a.to || a.place - b.place);
  const cooks: Cook[] = Array.from({ length: capacities.hands }, () => ({ freeAt: Infinity, place: NOWHERE }));
  let switches = 0;
  for (const piece of work) {
    const cook = nextCook(cooks, piece.to, piece.place);
    if (!cook) continue;
    if (cook.place !== NOWHERE && cook.place !== piece.place) switches += 1;
    cook.place = piece.place;
    cook.freeAt = piece.from;
  }
  return switches;
}

/** Freshness counts in whole points, so that next to nothing does not cost the cook an hour of standing. */
export const wholePoints = (stale: number) => Math.floor(stale + 1e-6);

/**
 * The first three figures alone, which a search compares thousands of times.
 * @param ends minutes before sitting down, in the order of the blocks
 */
export function judgeTimes(problem: PrepProblem, ends: readonly number[]): Omit<Judged, 'switches'> {
  let lateMin = 0;
  let stale = 0;
  let spanMin = 0;
  for (const [index, block] of problem.blocks.entries()) {
    const endsMin = ends[index]!;
    lateMin = Math.max(lateMin, endsMin + block.lastsMin - reachMin(problem, block));
    stale += staleOf(block, endsMin);
    if (!block.early) spanMin = Math.max(spanMin, firstHandMin(block, endsMin));
  }
  return { lateMin, stale: wholePoints(stale), spanMin };
}

/** How good a schedule is: on time first, then fresh, then the shortest stand, then the fewest switches. */
export function judge(problem: PrepProblem, ends: readonly number[]): Judged {
  return { ...judgeTimes(problem, ends), switches: countSwitches(problem, ends) };
}

const EPSILON = 1e-9;

/** Negative when `a` is better than `b` on time, freshness and standing, in that order. */
export function compareTimes(a: Omit<Judged, 'switches'>, b: Omit<Judged, 'switches'>): number {
  for (const key of ['lateMin', 'stale', 'spanMin'] as const) {
    if (Math.abs(a[key] - b[key]) > EPSILON) return a[key] - b[key];
  }
  return 0;
}
