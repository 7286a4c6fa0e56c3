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
export function horizonMin({ blocks, lags }: PrepProblem): number {
  const work = blocks.reduce((total, block) => total + block.lastsMin, 0);
  const waits = lags.reduce((total, lag) => total + lag.leastMin, 0);
  const latest = Math.max(0, ...blocks.map((block) => block.endsBeforeMin));
  return 2 * (work + waits + latest) + 120;
}

const MOST_RESTARTS = 25;

/**
 * Builds a schedule backwards by a list: the next of the list whose followers all stand is placed as late as it can be.
 * Where something would then wait too long for what follows it, its follower is held back and the list starts again.
 * @param order places in `blocks`, the first to be placed first
 * @returns minutes before sitting down at which each ends, or undefined when no time was found for all
 */
export function placeByList(
  problem: PrepProblem,
  arcs: readonly Arc[],
  order: readonly number[],
  horizon: number,
): number[] | undefined {
  const { blocks, capacities } = problem;
  const into = blocks.map((_, index) => arcs.filter((arc) => arc.to === index));
  const held = blocks.map((block) => block.endsBeforeMin);
  for (let attempt = 0; attempt < MOST_RESTARTS; attempt += 1) {
    const table = new Timetable(capacities, horizon);
    const ends: Array<number | undefined> = blocks.map(() => undefined);
    const left = [...order];
    let again = false;
    while (left.length > 0 && !again) {
      const at = left.findIndex((index) =>
        into[index]!.every((arc) => arc.leastMin < 0 || ends[arc.from] !== undefined),
      );
      if (at === -1) return undefined;
      const index = left.splice(at, 1)[0]!;
      const block = blocks[index]!;
      const least = into[index]!.reduce(
        (most, arc) => (ends[arc.from] === undefined ? most : Math.max(most, ends[arc.from]! + arc.leastMin)),
        held[index]!,
      );
      const end = table.firstFree(block, least);
      if (end > (block.endsWithinMin ?? Infinity)) return undefined;
      ends[index] = end;
      table.take(block, end);
      for (const arc of arcs) {
        if (arc.from !== index || arc.leastMin >= 0 || ends[arc.to] === undefined) continue;
        const wanted = end + arc.leastMin;
        if (ends[arc.to]! < wanted) {
          held[arc.to] = wanted;
          again = true;
        }
      }
    }
    if (!again) return ends as number[];
  }
  return undefined;
}
