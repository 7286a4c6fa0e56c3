import { compareTimes, judgeTimes } from './judge';
import { RESOURCES, type Block, type Capacities, type Ends, type Judged, type Lag, type PrepProblem } from './problem';
import { repeatable } from '../measures/repeatable';
import { solvePrep } from './solve';

const CAPACITIES: Capacities = { hands: 1, burner: 2, board: 1, fridge: 9, freezer: 2, pot: 1 };

/** A small evening made up by chance: a few blocks of one to three parts, a few lags, one cook or two. */
function madeUp(seed: number, most = 8): PrepProblem {
  const random = repeatable(seed);
  const upTo = (count: number) => Math.floor(random() * count);
  const blocks: Block[] = Array.from({ length: 3 + upTo(most - 2) }, (_, index) => {
    const kinds = [
      [{ fromMin: 0, lastsMin: 1 + upTo(2), needs: ['hands', 'board'] as const }],
      [{ fromMin: 0, lastsMin: 1 + upTo(2), needs: ['hands'] as const }],
      [
        { fromMin: 0, lastsMin: 1, needs: ['hands', 'burner'] as const },
        { fromMin: 1, lastsMin: 1 + upTo(2), needs: ['burner'] as const },
      ],
    ];
    const segments = kinds[upTo(kinds.length)]!;
    return {
      id: `b${index}`,
      lastsMin: Math.max(...segments.map((one) => one.fromMin + one.lastsMin)),
      segments,
      endsBeforeMin: upTo(2),
      endsWithinMin: random() < 0.15 ? 6 + upTo(4) : undefined,
      freshMin: upTo(3),
      staleness: upTo(4),
      early: false,
    };
  });
  const lags: Lag[] = [];
  for (let count = upTo(3); count > 0; count -= 1) {
    const a = upTo(blocks.length);
    const b = upTo(blocks.length);
    if (a >= b) continue;
    const leastMin = upTo(2);
    lags.push({
      before: blocks[a]!.id,
      after: blocks[b]!.id,
      leastMin,
      mostMin: random() < 0.4 ? leastMin + 1 + upTo(3) : undefined,
    });
  }
  return {
    blocks,
    lags,
    capacities: { ...CAPACITIES, hands: 1 + upTo(2), burner: 1 + upTo(2) },
    availableMin: random() < 0.5 ? 4 + upTo(8) : undefined,
  };
}

/** Why a schedule cannot be carried out; empty when it can. Written apart from the solver, minute by minute. */
function faultsOf({ blocks, lags, capacities }: PrepProblem, ends: Ends): string[] {
  const faults: string[] = [];
  const startOf = (id: string) => ends.get(id)! + blocks.find((one) => one.id === id)!.lastsMin;
  for (const { before, after, leastMin, mostMin = Infinity } of lags) {
    const wait = ends.get(before)! - startOf(after);
    if (wait < leastMin || wait > mostMin) faults.push(`${before} to ${after}: ${wait}`);
  }
  for (const block of blocks) {
    const end = ends.get(block.id)!;
    if (end < block.endsBeforeMin || end > (block.endsWithinMin ?? Infinity)) faults.push(`${block.id} ends at ${end}`);
  }
  const last = Math.max(...blocks.map((block) => startOf(block.id)));
  for (const resource of RESOURCES) {
    for (let minute = 0; minute < last; minute += 1) {
      const used = blocks.filter((block) =>
        block.segments.some((segment) => {
          const to = startOf(block.id) - segment.fromMin;
          return segment.needs.includes(resource) && minute < to && minute >= to - segment.lastsMin;
        }),
      ).length;
      if (used > capacities[resource]) faults.push(`${used} of ${resource} at ${minute}`);
    }
  }
  return faults;
}

/** The best there is, by trying every minute for every block and leaving out only what cannot be better. */
function byEnumeration(problem: PrepProblem): Omit<Judged, 'switches'> | undefined {
  const { blocks, lags, capacities } = problem;
  // Everything one after another, with all waits: no best schedule reaches further back.
  const horizon =
    blocks.reduce((total, block) => total + block.lastsMin, 0) +
    lags.reduce((total, lag) => total + lag.leastMin + 2, 2);
  const used = Object.fromEntries(RESOURCES.map((one) => [one, new Array<number>(horizon + 40).fill(0)]));
  const ends = new Map<string, number>();
  const byId = new Map(blocks.map((block) => [block.id, block]));
  let best: Omit<Judged, 'switches'> | undefined;
  const change = (block: Block, end: number, by: number) => {
    let fits = true;
    for (const segment of block.segments) {
      const to = end + block.lastsMin - segment.fromMin;
      for (const need of segment.needs) {
        for (let minute = to - segment.lastsMin; minute < to; minute += 1) {
          used[need]![minute]! += by;
          if (used[need]![minute]! > capacities[need]) fits = false;
        }
      }
    }
    return fits;
  };
  const lagsHold = () =>
    lags.every(({ before, after, leastMin, mostMin = Infinity }) => {
      const [a, b] = [ends.get(before), ends.get(after)];
      if (a === undefined || b === undefined) return true;
      const wait = a - b - byId.get(after)!.lastsMin;
      return wait >= leastMin && wait <= mostMin;
    });
  function place(index: number) {
    const placed = { ...problem, blocks: blocks.slice(0, index) };
    // What stands already only gets worse; a schedule that is not better by then never will be.
    const judged = judgeTimes(placed, [...ends.values()]);
    if (best && compareTimes(judged, best) >= 0) return;
    if (index === blocks.length) {
      best = judged;
      return;
    }
    const block = blocks[index]!;
    for (let end = block.endsBeforeMin; end <= Math.min(horizon, block.endsWithinMin ?? Infinity); end += 1) {
      ends.set(block.id, end);
      const fits = change(block, end, 1);
      if (fits && lagsHold()) place(index + 1);
      change(block, end, -1);
      ends.delete(block.id);
    }
  }
  place(0);
  return best;
}

// Left out are those whose enumeration alone takes seconds.
const SLOW = new Set([2, 17, 20, 30, 38, 61]);
const SEEDS = Array.from({ length: 80 }, (_, index) => index + 1).filter((seed) => !SLOW.has(seed));

describe('the schedule of a small evening', () => {
  it.each(SEEDS)('is the best there is, as trying everything finds it: %i', (seed) => {
    const problem = madeUp(seed, 8);
    const solution = solvePrep(problem, { lists: 40, nodes: 200_000 });
    const best = byEnumeration(problem);
    expect(solution === undefined).toBe(best === undefined);
    if (!solution || !best) return;
    expect(faultsOf(problem, solution.ends)).toEqual([]);
    expect(solution.proven).toBe(true);
    expect(solution.judged).toMatchObject(best);
    expect(compareTimes(solution.least, best)).toBeLessThanOrEqual(0);
  });
});

describe('the schedule of a large evening', () => {
  it.each([101, 102, 103, 104, 105, 106])('can be carried out, and is never better than its bound: %i', (seed) => {
    const problem = madeUp(seed, 36);
    const solution = solvePrep(problem, { lists: 60, nodes: 300 });
    if (!solution) return;
    expect(faultsOf(problem, solution.ends)).toEqual([]);
    expect(compareTimes(solution.least, solution.judged)).toBeLessThanOrEqual(0);
    expect(solvePrep(problem, { lists: 60, nodes: 300 })).toEqual(solution);
  });

  it('has no wait for something impossible: contradicting lags have no schedule', () => {
    const problem = madeUp(3);
    const [a, b] = problem.blocks.map((block) => block.id);
    const lags = [
      { before: a!, after: b!, leastMin: 5 },
      { before: b!, after: a!, leastMin: 5 },
    ];
    expect(solvePrep({ ...problem, lags })).toBeUndefined();
  });
});
