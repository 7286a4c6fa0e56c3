import type { Arc } from './latest';
import { backwards, RESOURCES, type Block, type PrepProblem } from './problem';

/** How much of each resource is in use, minute by minute before sitting down. */
export class Timetable {
  private readonly used: Record<string, Uint8Array>;

  constructor(
    private readonly capacities: PrepProblem['capacities'],
    private readonly minutes: number,
  ) {
    this.used = Object.fromEntries(RESOURCES.map((one) => [one, new Uint8Array(minutes)]));
  }

  clear(): void {
    for (const one of RESOURCES) this.used[one]!.fill(0);
  }

  /** The first end at or after `endsMin` for which everything that the block needs is free. */
  firstFree(block: Block, endsMin: number): number {
    for (let end = endsMin; end + block.lastsMin < this.minutes;) {
      const blockedTo = this.blockedUntil(block, end);
      if (blockedTo === undefined) return end;
      end += blockedTo;
    }
    throw new RangeError(`The day is too short for ${block.id}`);
  }

  /** By how much the block has to move at least, because something is in use; undefined when all is free. */
  private blockedUntil(block: Block, endsMin: number): number | undefined {
    for (const segment of block.segments) {
      const { from, to } = backwards(block, segment, endsMin);
      for (const need of segment.needs) {
        const used = this.used[need]!;
        for (let minute = to - 1; minute >= from; minute -= 1) {
          if (used[minute]! >= this.capacities[need]) return minute + 1 - from;
        }
      }
    }
    return undefined;
  }

  take(block: Block, endsMin: number): void {
    for (const segment of block.segments) {
      const { from, to } = backwards(block, segment, endsMin);
      for (const need of segment.needs) {
        for (let minute = from; minute < to; minute += 1) this.used[need]![minute]! += 1;
      }
    }
  }
}

/** Long enough for everything one after another, and the longest waits between. */
function horizonMin({ blocks, lags }: PrepProblem): number {
  const work = blocks.reduce((total, block) => total + block.lastsMin, 0);
  const waits = lags.reduce((total, lag) => total + lag.leastMin, 0);
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
    table: new Timetable(capacities, horizonMin(problem)),
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
    const left = [...order];
    let again = false;
    while (left.length > 0 && !again) {
      const at = left.findIndex((index) => followers[index]!.every((arc) => ends[arc.from]! >= 0));
      if (at === -1) return undefined;
      const index = left.splice(at, 1)[0]!;
      const block = blocks[index]!;
      let least = held[index]!;
      for (const arc of followers[index]!) least = Math.max(least, ends[arc.from]! + arc.leastMin);
      const end = table.firstFree(block, least);
      if (end > (block.endsWithinMin ?? Infinity)) return undefined;
      ends[index] = end;
      table.take(block, end);
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
