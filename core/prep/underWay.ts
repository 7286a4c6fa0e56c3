import { isAttended, type Block } from './problem';
import type { EveningWork } from './tasks';
import { lengthOf, withFirst, type Part, type Work } from './tasks/work';

/**
 * How long what follows may be put off once something is under way: nothing stands on a burner for long, a soak bears more,
 * what firms up goes over into the fridge, and work that was begun is gone on with.
 */
const PUT_OFF_MIN = { onBurner: 2, inFreezer: 45, soaking: 15, begun: 5 };

/** When the cook began each piece of work, or ticked it off, by task. Milliseconds. */
export type Ticks = ReadonlyMap<string, number>;

const NOTHING_BEGUN: Ticks = new Map();

export const taskId = (work: Pick<Block, 'id'>, part: Pick<Part, 'id'>) => `${work.id}.${part.id}`;
/** Told apart from what is left of the same piece of work. */
const waitId = (id: string) => `${id}~`;

const minutesUntil = (ms: number, nowMs: number) => Math.max(0, Math.ceil((ms - nowMs) / 60_000 - 1e-9));

interface Progress {
  /** The first part that is not over; past the last where all are. */
  next: number;
  /** When the part before it ended, or the wait that runs now will end. */
  untilMs?: number;
  running?: Part;
  /** The next part is in somebody's hands since then. */
  begunMs?: number;
}

/**
 * How far a block has come: what was ticked is over, and all that comes before it; a wait is over when its time is, or
 * when what follows it was ticked.
 */
export function progressOf(work: Work, ticks: Ticks, nowMs: number, begun: Ticks = NOTHING_BEGUN): Progress {
  const tickOf = (part: Part) => ticks.get(taskId(work, part));
  const done = work.segments.findLastIndex((part) => tickOf(part) !== undefined);
  // What is in somebody's hands has come so far, whatever was ticked before it.
  const inHand = work.segments.findLastIndex((part) => begun.get(taskId(work, part)) !== undefined);
  if (inHand > done) {
    const begunMs = begun.get(taskId(work, work.segments[inHand]!))!;
    return { next: inHand, untilMs: nowMs, begunMs };
  }
  if (done === -1) return { next: 0 };
  let untilMs = tickOf(work.segments[done]!)!;
  for (let next = done + 1; next < work.segments.length; next += 1) {
    const part = work.segments[next]!;
    if (isAttended(part)) return { next, untilMs };
    const endMs = untilMs + part.lastsMin * 60_000;
    if (endMs > nowMs) return { next: next + 1, untilMs: endMs, running: part };
    untilMs = endMs;
  }
  return { next: work.segments.length, untilMs };
}

const shifted = (parts: readonly Part[]): Part[] => {
  const startMin = parts[0]?.fromMin ?? 0;
  return parts.map((part) => ({ ...part, fromMin: part.fromMin - startMin }));
};

/**
 * What is left of the evening's work: what was ticked is gone, what works by itself keeps what it occupies, and what
 * follows it cannot begin before it is over.
 * @param nowMs and sitDownMs the clock, in milliseconds
 * @param begun what is in somebody's hands; it is not taken away
 */
export function whatIsLeft(
  work: EveningWork,
  ticks: Ticks,
  nowMs: number,
  sitDownMs: number,
  begun: Ticks = NOTHING_BEGUN,
): EveningWork {
  const availableMin = Math.floor((sitDownMs - nowMs) / 60_000);
  const notBeforeMin = new Map<string, number>();
  const waitFor = (id: string, minutes: number) => {
    if (minutes > 0) notBeforeMin.set(id, Math.max(minutes, notBeforeMin.get(id) ?? 0));
  };
  const startWithinMin = new Map<string, number>();
  const startWithin = (id: string, minutes: number) =>
    startWithinMin.set(id, Math.min(minutes, startWithinMin.get(id) ?? Infinity));
  /** Minutes of each block that are over: what it waits for by a later part of it comes so much sooner. */
  const overMin = new Map<string, number>();
  const blocks = work.blocks.flatMap((block): Work[] => {
    const { next, untilMs, running, begunMs } = progressOf(block, ticks, nowMs, begun);
    overMin.set(block.id, block.segments[next]?.fromMin ?? block.lastsMin);
    const left = shifted(block.segments.slice(next));
    if (begunMs !== undefined) {
      // What was begun is gone on with: it stays where it is, for as long as it still takes.
      startWithin(block.id, 0);
      const rest = withFirst(left, Math.max(1, left[0]!.lastsMin - Math.floor((nowMs - begunMs) / 60_000)));
      return [{ ...block, segments: rest, lastsMin: lengthOf(rest) }];
    }
    const rest = left;
    const waitMin = untilMs === undefined ? 0 : minutesUntil(untilMs, nowMs);
    const isOver = rest.length === 0 && !running;
    if (next > 0) {
      if (rest.length > 0) {
        waitFor(block.id, waitMin);
        startWithin(block.id, waitMin + putOffMin(running));
      }
      for (const lag of work.lags.filter((one) => one.before === block.id && rest.length === 0)) {
        const sinceMs = untilMs ?? nowMs;
        waitFor(lag.after, minutesUntil(sinceMs + lag.leastMin * 60_000, nowMs));
        if (lag.mostMin !== undefined) startWithin(lag.after, minutesUntil(sinceMs + lag.mostMin * 60_000, nowMs));
      }
    }
    if (isOver) return [];
    if (next === 0) return [block];
    const endsMin = Math.max(0, availableMin - waitMin);
    const wait: Work[] = running
      ? [
          {
            ...block,
            id: waitId(block.id),
            runsFor: block.id,
            segments: [{ ...running, fromMin: 0, lastsMin: waitMin }],
            lastsMin: waitMin,
            endsBeforeMin: endsMin,
            endsWithinMin: endsMin,
            staleness: 0,
          },
        ]
      : [];
    return rest.length === 0 ? wait : [...wait, { ...block, segments: rest, lastsMin: lengthOf(rest) }];
  });
  const stays = new Set(blocks.map((block) => block.id));
  return {
    ...work,
    blocks: blocks.map((block) => startedWithin(block, startWithinMin.get(block.id), availableMin)),
    lags: work.lags
      .filter((lag) => stays.has(lag.before) && stays.has(lag.after))
      .map((lag) =>
        lag.leastMin < 0 ? { ...lag, leastMin: Math.min(0, lag.leastMin + (overMin.get(lag.after) ?? 0)) } : lag,
      ),
    availableMin,
    notBeforeMin,
  };
}

/** How long what follows may be put off, by what runs by itself before it. */
function putOffMin(running: Part | undefined): number {
  if (!running) return PUT_OFF_MIN.begun;
  if (running.needs.includes('burner')) return PUT_OFF_MIN.onBurner;
  return running.needs.includes('freezer') ? PUT_OFF_MIN.inFreezer : PUT_OFF_MIN.soaking;
}

/** A block that has to start within so many minutes from now: it then ends at least so long before sitting down. */
function startedWithin(work: Work, minutes: number | undefined, availableMin: number): Work {
  if (minutes === undefined) return work;
  const endsBeforeMin = Math.max(work.endsBeforeMin, availableMin - minutes - work.lastsMin);
  const isStale = endsBeforeMin > (work.endsWithinMin ?? Infinity);
  return { ...work, endsBeforeMin, endsWithinMin: isStale ? undefined : work.endsWithinMin };
}
