import type { Block, Ends, PrepProblem } from './problem';

/** `to` lies at least so many minutes further back than `from`. */
export interface Arc {
  from: number;
  to: number;
  leastMin: number;
}

/** The lags of a problem as arcs between the ends of its blocks, by their place in the list. */
export function arcsOf({ blocks, lags }: PrepProblem): Arc[] {
  const place = new Map(blocks.map((block, index) => [block.id, index]));
  return lags.flatMap(({ before, after, leastMin, mostMin }) => {
    const [a, b] = [place.get(before), place.get(after)];
    if (a === undefined || b === undefined) return [];
    const lasts = blocks[b]!.lastsMin;
    const least: Arc = { from: b, to: a, leastMin: lasts + leastMin };
    return mostMin === undefined ? [least] : [least, { from: a, to: b, leastMin: -(lasts + mostMin) }];
  });
}

/**
 * The latest that everything can end, by lags alone: the longest paths through the arcs (Bellman and Ford), from the
 * moment that each is needed. `ends` is moved in place.
 * @returns false when the arcs contradict one another or something would be stale
 */
export function settle(blocks: readonly Block[], arcs: readonly Arc[], ends: number[]): boolean {
  for (let round = 0; round <= blocks.length; round += 1) {
    let moved = false;
    for (const { from, to, leastMin } of arcs) {
      const least = ends[from]! + leastMin;
      if (least > ends[to]!) {
        ends[to] = least;
        moved = true;
      }
    }
    if (!moved) return blocks.every((block, index) => ends[index]! <= (block.endsWithinMin ?? Infinity));
  }
  return false;
}

/** When each is needed: the ends before anything is settled. */
export const needed = (blocks: readonly Block[]): number[] => blocks.map((block) => block.endsBeforeMin);

export const asEnds = (blocks: readonly Block[], ends: readonly number[]): Ends =>
  new Map(blocks.map((block, index) => [block.id, ends[index]!]));
