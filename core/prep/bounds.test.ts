import { leastWeightedEnds, leastSpanMin, leastStale } from './bounds';
import { compareTimes, judge, wholePoints } from './judge';
import { arcsOf, needed, settle } from './latest';
import { placeByList, placing } from './place';
import type { Block, PrepProblem } from './problem';
import { solvePrep } from './solve';

const CAPACITIES = { hands: 1, burner: 2, board: 1, fridge: 9, freezer: 2, pot: 1 };
const cut = (id: string, lastsMin: number, more: Partial<Block> = {}): Block => ({
  id,
  lastsMin,
  segments: [{ fromMin: 0, lastsMin, needs: ['hands', 'board'] }],
  endsBeforeMin: 0,
  freshMin: 0,
  staleness: 1,
  early: false,
  ...more,
});
const problem = (blocks: Block[], more: Partial<PrepProblem> = {}): PrepProblem => ({
  blocks,
  lags: [],
  capacities: CAPACITIES,
  ...more,
});
const place = (one: PrepProblem, order = one.blocks.map((_, index) => index)) =>
  placeByList(placing(one, arcsOf(one)), order);

describe('the least weighted ends', () => {
  const job = (readyMin: number, lastsMin: number, weight: number) => ({ readyMin, lastsMin, weight });

  it('are those of the best order where nothing is interrupted: the most weight for its length first', () => {
    expect(leastWeightedEnds([job(0, 2, 1), job(0, 1, 3)], 1)).toBeCloseTo(1 * 3 + 3 * 1, 9);
  });

  it('never promise less with two pairs of hands than half the work takes', () => {
    const jobs = [job(0, 4, 1), job(0, 4, 1), job(0, 4, 1)];
    expect(leastWeightedEnds(jobs, 2)).toBeLessThan(leastWeightedEnds(jobs, 1));
    expect(leastWeightedEnds(jobs, 2)).toBeGreaterThanOrEqual(3 * 4);
  });

  it('wait for what is not there yet', () => {
    expect(leastWeightedEnds([job(5, 2, 1)], 1)).toBeCloseTo(7, 9);
  });
});

describe('the bounds of a preparation', () => {
  it('count all that one pair of hands has to do, and half of it for two', () => {
    const blocks = [cut('a', 4), cut('b', 6), cut('c', 5)];
    expect(leastSpanMin(problem(blocks), needed(blocks))).toBe(15);
    const onTable = blocks.map((block) => ({
      ...block,
      segments: [{ fromMin: 0, lastsMin: block.lastsMin, needs: ['hands' as const] }],
    }));
    expect(leastSpanMin(problem(onTable, { capacities: { ...CAPACITIES, hands: 2 } }), needed(onTable))).toBe(8);
  });

  it('say that something has to wait where only one can be cut last', () => {
    const blocks = [cut('a', 10), cut('b', 10)];
    expect(leastStale(problem(blocks), needed(blocks))).toBe(10);
    const hardy = blocks.map((block) => ({ ...block, freshMin: 60 }));
    expect(leastStale(problem(hardy), needed(hardy))).toBe(0);
  });

  it('do not count what is done hours before', () => {
    const blocks = [cut('a', 4), cut('morning', 30, { early: true, endsBeforeMin: 300 })];
    expect(leastSpanMin(problem(blocks), needed(blocks))).toBe(4);
  });
});

describe('a list', () => {
  it('places the first of it nearest to the table', () => {
    const one = problem([cut('a', 3), cut('b', 2)]);
    expect(place(one)).toEqual([0, 3]);
    expect(place(one, [1, 0])).toEqual([2, 0]);
  });

  it('waits for what follows, and holds back a follower that would be waited for too long', () => {
    const lags = [{ before: 'soak', after: 'drain', leastMin: 0, mostMin: 1 }];
    const fixed = cut('pot', 5, { endsBeforeMin: 2, endsWithinMin: 2 });
    const one = problem([fixed, cut('drain', 1), cut('soak', 2)], { lags });
    const ends = place(one)!;
    const wait = ends[2]! - (ends[1]! + 1);
    expect(wait).toBeGreaterThanOrEqual(0);
    expect(wait).toBeLessThanOrEqual(1);
  });

  it('has no time for what does not keep until there is room', () => {
    const fixed = cut('pot', 20, { endsWithinMin: 0 });
    expect(place(problem([fixed, cut('radish', 2, { endsWithinMin: 10 })]))).toBeUndefined();
  });
});

describe('lags alone', () => {
  it('settle everything as late as it may be, or find that they contradict one another', () => {
    const blocks = [cut('a', 3), cut('b', 2)];
    const ends = needed(blocks);
    expect(settle(blocks, arcsOf(problem(blocks, { lags: [{ before: 'a', after: 'b', leastMin: 4 }] })), ends)).toBe(
      true,
    );
    expect(ends).toEqual([6, 0]);
    const knot = [
      { before: 'a', after: 'b', leastMin: 1 },
      { before: 'b', after: 'a', leastMin: 1 },
    ];
    expect(settle(blocks, arcsOf(problem(blocks, { lags: knot })), needed(blocks))).toBe(false);
  });
});

describe('what is better', () => {
  const stove = cut('stir', 2, { segments: [{ fromMin: 0, lastsMin: 2, needs: ['hands', 'burner'] }] });

  it('is being on time before freshness, freshness before a short stand, and that before fewer steps', () => {
    const base = { lateMin: 0, stale: 3, spanMin: 60 };
    expect(compareTimes({ ...base, lateMin: 1, stale: 0 }, base)).toBeGreaterThan(0);
    expect(compareTimes({ ...base, stale: 2, spanMin: 90 }, base)).toBeLessThan(0);
    expect(compareTimes({ ...base, spanMin: 59 }, base)).toBeLessThan(0);
    expect(compareTimes(base, base)).toBe(0);
    expect(wholePoints(2.9)).toBe(2);
    const mixed = [cut('a', 2), stove, cut('b', 2)].map((block) => ({ ...block, freshMin: 60 }));
    expect(solvePrep(problem(mixed))!.judged).toEqual({ lateMin: 0, stale: 0, spanMin: 6, switches: 1 });
  });

  it('counts a change from the board to the stove and back as two', () => {
    const one = problem([cut('a', 2), stove, cut('b', 2)]);
    expect(judge(one, [0, 2, 4]).switches).toBe(2);
    expect(judge(one, [0, 4, 2]).switches).toBe(1);
    // With two cooks each stays where it stands.
    expect(judge({ ...one, capacities: { ...CAPACITIES, hands: 2 } }, [0, 2, 4]).switches).toBe(0);
  });
});
