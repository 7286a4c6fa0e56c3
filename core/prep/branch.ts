import type { Budget } from './budget';
import { compareTimes, judgeTimes } from './judge';
import { needed, settle, type Arc } from './latest';
import { leastOf } from './bounds';
import { PAUSE_AFTER, type Steps } from '../steps/steps';
import { RESOURCES, type Judged, type PrepProblem } from './problem';
import { shapeOf, type Use } from './shape';

/**
 * Pieces of work that want more of something than there is, at the moment nearest to sitting down where that happens.
 */
function firstConflict({ blocks, capacities }: PrepProblem, ends: readonly number[]): Use[] | undefined {
  const { uses } = shapeOf(blocks);
  let foundAt = Infinity;
  let found: Use[] | undefined;
  for (const [resource, wanted] of uses.entries()) {
    const capacity = capacities[RESOURCES[resource]!];
    if (wanted.length <= capacity) continue;
    const from = wanted.map((use) => ends[use.index]! + use.from);
    const isActive = (use: Use, one: number, at: number) => from[one]! <= at && ends[use.index]! + use.to > at;
    for (const at of from) {
      if (at >= foundAt) continue;
      let active = 0;
      for (let one = 0; one < wanted.length && active <= capacity; one += 1)
        if (isActive(wanted[one]!, one, at)) active += 1;
      if (active <= capacity) continue;
      foundAt = at;
      found = wanted.filter((use, one) => isActive(use, one, at)).slice(0, capacity + 1);
    }
  }
  return found;
}

/** Whether nothing is wanted more than once at a time. */
export const isFree = (problem: PrepProblem, ends: readonly number[]) => firstConflict(problem, ends) === undefined;

export interface Best {
  ends: number[];
  judged: Omit<Judged, 'switches'>;
}

export interface Searched {
  best?: Best;
  /** Whether everything was looked at, so that nothing better exists. */
  proven: boolean;
  nodes: number;
}

interface Branch {
  added: readonly Arc[];
  /** When each piece of work ended before the last arc was added. */
  from: readonly number[];
}

/** What would have to make room for what, where more is wanted than there is; what costs least freshness first. */
function waysOut({ blocks }: PrepProblem, conflict: readonly Use[], ends: readonly number[]): Arc[] {
  const ways = conflict.flatMap((first) =>
    conflict
      .filter((then) => then.index !== first.index)
      .map((then): { arc: Arc; cost: number } => {
        const leastMin = first.to - then.from;
        const moved = ends[first.index]! + leastMin - ends[then.index]!;
        return {
          arc: { from: first.index, to: then.index, leastMin },
          cost: moved * (0.01 + blocks[then.index]!.staleness),
        };
      }),
  );
  return ways.sort((a, b) => a.cost - b.cost).map(({ arc }) => arc);
}

/**
 * Branch and bound over what comes before what. All end as late as their lags let them; where more is wanted of something
 * than there is, one of those that meet has to make room, and each way of making room is a branch. Every schedule that is
 * as late as possible is reached, so what is found is the best on time, freshness and standing, once all is looked at.
 * @param incumbent the best known, which prunes from the start
 * @param mostNodes branches that are looked at before it gives up proving
 * @param budget what this and other searches may cost together
 */
export function* branchAndBound(
  problem: PrepProblem,
  arcs: readonly Arc[],
  incumbent: Best | undefined,
  mostNodes: number,
  budget?: Budget,
): Steps<Searched> {
  const { blocks } = problem;
  let best = incumbent;
  let nodes = 0;
  const open: Branch[] = [{ added: arcs, from: needed(blocks) }];
  for (let branch = open.pop(); branch; branch = open.pop()) {
    if (nodes >= mostNodes || (budget && !budget.take(blocks.length))) return { best, proven: false, nodes };
    nodes += 1;
    if (nodes % PAUSE_AFTER === 0) yield;
    const ends = [...branch.from];
    if (!settle(blocks, branch.added, ends)) continue;
    if (best && compareTimes(leastOf(problem, ends), best.judged) >= 0) continue;
    const conflict = firstConflict(problem, ends);
    if (!conflict) {
      const judged = judgeTimes(problem, ends);
      if (!best || compareTimes(judged, best.judged) < 0) best = { ends, judged };
      continue;
    }
    // The most promising lies on top.
    for (const arc of waysOut(problem, conflict, ends).reverse())
      open.push({ added: [...branch.added, arc], from: ends });
  }
  return { best, proven: true, nodes };
}
