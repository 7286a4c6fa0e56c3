import {
  backwards,
  firstHandMin,
  isAttended,
  staleOf,
  type Block,
  type Ends,
  type Judged,
  type PrepProblem,
  type Segment,
} from './problem';

/** Minutes from now that a block may reach back to; endless when the clock does not matter. */
export function reachMin({ availableMin, notBeforeMin }: PrepProblem, block: Block): number {
  return availableMin === undefined ? Infinity : availableMin - (notBeforeMin?.get(block.id) ?? 0);
}

/** Where the hands are during a stretch of work: at the board, at the stove, elsewhere. */
const placeOf = (needs: readonly string[]) =>
  needs.includes('board') ? 0 : needs.includes('burner') || needs.includes('pot') ? 1 : 2;

const NOWHERE = -1;

interface Attended {
  block: Block;
  segment: Segment;
  place: number;
}

const attended = new WeakMap<readonly Block[], Attended[]>();

/** All that is done with one's hands, found once for the blocks of a problem: a search asks for it thousands of times. */
function attendedIn(blocks: readonly Block[]): Attended[] {
  const known =
    attended.get(blocks) ??
    blocks.flatMap((block) =>
      block.segments.filter(isAttended).map((segment) => ({ block, segment, place: placeOf(segment.needs) })),
    );
  attended.set(blocks, known);
  return known;
}

function countSwitches({ blocks, capacities }: PrepProblem, ends: Ends): number {
  const work = attendedIn(blocks)
    .map(({ block, segment, place }) => ({ ...backwards(block, segment, ends.get(block.id)!), place }))
    .sort((a, b) => b.to - a.to || a.place - b.place);
  // The next piece of work goes to whoever is free and stands there already, or else to whoever has been free longest.
  const cooks = Array.from({ length: capacities.hands }, () => ({ freeAt: Infinity, place: NOWHERE }));
  let switches = 0;
  for (const piece of work) {
    const free = cooks.filter((cook) => cook.freeAt >= piece.to).sort((a, b) => b.freeAt - a.freeAt);
    const cook = free.find((one) => one.place === piece.place) ?? free[0];
    if (!cook) continue;
    if (cook.place !== NOWHERE && cook.place !== piece.place) switches += 1;
    cook.place = piece.place;
    cook.freeAt = piece.from;
  }
  return switches;
}

/** Freshness counts in whole points, so that next to nothing does not cost the cook an hour of standing. */
export const wholePoints = (stale: number) => Math.floor(stale + 1e-6);

/** The first three figures alone, which a search compares thousands of times. */
export function judgeTimes(problem: PrepProblem, ends: Ends): Omit<Judged, 'switches'> {
  let lateMin = 0;
  let stale = 0;
  let spanMin = 0;
  for (const block of problem.blocks) {
    const endsMin = ends.get(block.id)!;
    lateMin = Math.max(lateMin, endsMin + block.lastsMin - reachMin(problem, block));
    stale += staleOf(block, endsMin);
    if (!block.early) spanMin = Math.max(spanMin, firstHandMin(block, endsMin) ?? 0);
  }
  return { lateMin, stale: wholePoints(stale), spanMin };
}

/** How good a schedule is: on time first, then fresh, then the shortest stand, then the fewest switches. */
export function judge(problem: PrepProblem, ends: Ends): Judged {
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

export const compare = (a: Judged, b: Judged) => compareTimes(a, b) || a.switches - b.switches;
