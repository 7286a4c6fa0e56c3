/** What work occupies. Hands, burners and the board are scarce; the rest is there so that nothing is used twice. */
export const RESOURCES = ['hands', 'burner', 'board', 'fridge', 'freezer', 'pot'] as const;
export type Resource = (typeof RESOURCES)[number];
export type Capacities = Record<Resource, number>;

/** A part of a block: from so many minutes after its start, for so long, it needs these. */
export interface Segment {
  fromMin: number;
  lastsMin: number;
  needs: readonly Resource[];
}

/**
 * Work that is done in one go, with nothing between its parts: a broth from the first step to the last, a soak with its
 * putting in and draining. Times are whole minutes before people sit down, counted backwards.
 */
export interface Block {
  id: string;
  lastsMin: number;
  segments: readonly Segment[];
  /** It has to be over at least so long before sitting down, and at most so long where it does not keep. */
  endsBeforeMin: number;
  endsWithinMin?: number;
  /** It waits so long without losing anything; each minute after that costs so much of its freshness. */
  freshMin: number;
  staleness: number;
  /** It belongs to an earlier part of the day (it is followed by hours of waiting), and does not count as standing. */
  early: boolean;
}

/** `after` starts at least and at most so many minutes after `before` has ended; before it where that is less than nothing. */
export interface Lag {
  before: string;
  after: string;
  leastMin: number;
  mostMin?: number;
}

export interface PrepProblem {
  blocks: readonly Block[];
  lags: readonly Lag[];
  capacities: Capacities;
  /** Minutes from now to sitting down; undefined when the clock does not matter yet. */
  availableMin?: number;
  /** Blocks that cannot start before so many minutes from now, since something under way has to end first. */
  notBeforeMin?: ReadonlyMap<string, number>;
}

/** Minutes before sitting down at which each block ends. */
export type Ends = ReadonlyMap<string, number>;

/** What a schedule is judged by, the first difference first. */
export interface Judged {
  /** Minutes by which people sit down later. */
  lateMin: number;
  /** Staleness that gathers until everything is used. */
  stale: number;
  /** Minutes from the first work with one's hands to sitting down. */
  spanMin: number;
  /** Changes between kinds of work; told, and only broken ties with. */
  switches: number;
}

/** Freshness that a block has lost by the time it is needed. */
export const staleOf = ({ staleness, freshMin, endsBeforeMin }: Block, endsMin: number) =>
  staleness * Math.max(0, endsMin - endsBeforeMin - freshMin);

export const isAttended = (segment: Segment) => segment.needs.includes('hands');

/** Minutes before sitting down at which a segment begins and ends, counted backwards: `from` is the end on the clock. */
export function backwards(block: Block, segment: Segment, endsMin: number): { from: number; to: number } {
  const from = endsMin + block.lastsMin - segment.fromMin - segment.lastsMin;
  return { from, to: from + segment.lastsMin };
}

const handsFrom = new WeakMap<Block, number>();

/** Minutes before its end at which a block first needs a hand; less than nothing when it needs none. */
function handsBeforeEndMin(block: Block): number {
  const known = handsFrom.get(block);
  if (known !== undefined) return known;
  const found = Math.max(-Infinity, ...block.segments.filter(isAttended).map((one) => block.lastsMin - one.fromMin));
  handsFrom.set(block, found);
  return found;
}

/** Minutes before sitting down at which a block with attended work first needs a hand; less than nothing when it needs none. */
export const firstHandMin = (block: Block, endsMin: number): number => endsMin + handsBeforeEndMin(block);
