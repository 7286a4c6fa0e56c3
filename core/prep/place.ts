import type { Arc } from './latest';
import { RESOURCES, type Block, type PrepProblem } from './problem';
import { shapeOf, type Shape } from './shape';

/** How much of each resource is in use, minute by minute before sitting down. */
export class Timetable {
  private readonly used: Uint8Array[];
  private readonly capacities: number[];
  private readonly needs: Shape['needs'];

  constructor(
    private readonly blocks: readonly Block[],
    capacities: PrepProblem['capacities'],
    private readonly minutes: number,
  ) {
    this.used = RESOURCES.map(() => new Uint8Array(minutes));
    this.capacities = RESOURCES.map((one) => capacities[one]);
    this.needs = shapeOf(blocks).needs;
  }

  clear(): void {
    for (const used of this.used) used.fill(0);
  }

  /** The first end at or after `endsMin` for which everything that a block needs is free. */
  firstFree(index: number, endsMin: number): number {
    const { id, lastsMin } = this.blocks[index]!;
    for (let end = endsMin; end + lastsMin < this.minutes;) {
      const blockedTo = this.blockedUntil(index, end);
      if (blockedTo === undefined) return end;
      end += blockedTo;
    }
    throw new RangeError(`The day is too short for ${id}`);
  }

  /** By how much the block has to move at least, because something is in use; undefined when all is free. */
  private blockedUntil(index: number, endsMin: number): number | undefined {
    for (const { from, to, resource } of this.needs[index]!) {
      const used = this.used[resource]!;
      const most = this.capacities[resource]!;
      for (let minute = endsMin + to - 1; minute >= endsMin + from; minute -= 1)
        if (used[minute]! >= most) return minute + 1 - endsMin - from;
    }
    return undefined;
  }

  take(index: number, endsMin: number): void {
    for (const { from, to, resource } of this.needs[index]!) {
      const used = this.used[resource]!;
      for (let minute = endsMin + from; minute < endsMin + to; minute += 1) used[minute]! += 1;
    }
  }
}

/** Long enough for everything one after another, and the longest waits between. */
function horizonMin({ blocks, lags }: PrepProblem): number {
  const work = blocks.reduce((total, block) => total + block.lastsMin, 0);
  const waits = lags.reduce((total, lag) => total + Math.max(0, lag.leastMin), 0);
  const latest = Math.max(0, ...blocks.map((block) => block.endsBeforeMin));
  return 2 * (work + waits + latest) + 120;
}

const MOST_RESTARTS = 25;

/** The arcs of a problem, sorted for building schedules from lists. */
export interface Placing {
  problem: PrepProblem;
  table: Timetable;
  /** Arcs into each block from what follows it, and those that hold a block near to what comes before it. */
  followers: Arc[][];
  holders: Arc[][];
}

export function placing(problem: PrepProblem, arcs: readonly Arc[]): Placing {
  const { blocks, capacities } = problem;
  return {
    problem,
    table: new Timetable(blocks, capacities, horizonMin(problem)),
    followers: blocks.map((_, index) => arcs.filter((arc) => arc.to === index && arc.leastMin >= 0)),
    holders: blocks.map((_, index) => arcs.filter((arc) => arc.from === index && arc.leastMin < 0)),
  };
}

/**
 * Builds a schedule backwards by a list: the next of the list whose followers all stand is placed as late as it can be.
 * Where something would then wait too long for what follows it, its follower is held back and the list starts again.
 * @param order places in `blocks`, the first to be placed first
 * @returns minutes before sitting down at which each ends, or undefined when no time was found for all
 */
export function placeByList(
  { problem, table, followers, holders }: Placing,
  order: readonly number[],
): number[] | undefined {
  const { blocks } = problem;
  const held = blocks.map((block) => block.endsBeforeMin);
  for (let attempt = 0; attempt < MOST_RESTARTS; attempt += 1) {
    table.clear();
    const ends: number[] = new Array<number>(blocks.length).fill(-1);
    const allStand = (arcs: readonly Arc[]) => {
      for (const arc of arcs) if (ends[arc.from]! < 0) return false;
      return true;
    };
    const left = [...order];
    let again = false;
    while (left.length > 0 && !again) {
      let at = 0;
      while (at < left.length && !allStand(followers[left[at]!]!)) at += 1;
      if (at === left.length) return undefined;
      const index = left[at]!;
      left.splice(at, 1);
      const block = blocks[index]!;
      let least = held[index]!;
      for (const arc of followers[index]!) least = Math.max(least, ends[arc.from]! + arc.leastMin);
      const end = table.firstFree(index, least);
      if (end > (block.endsWithinMin ?? Infinity)) return undefined;
      ends[index] = end;
      table.take(index, end);
      for (const arc of holders[index]!) {
        const wanted = end + arc.leastMin;
        if (ends[arc.to]! >= 0 && ends[arc.to]! < wanted) {
          held[arc.to] = wanted;
          again = true;
        }
      }
    }
    if (!again) return ends;
  }
  return undefined;
}
