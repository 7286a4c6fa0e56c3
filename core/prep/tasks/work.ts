import type { PrepTask } from '@elixa/contract';
import type { BoardStage } from '../../catalogue/work';
import type { Block, Lag, Resource, Segment } from '../problem';

/** A part of a piece of work, with what is done in it. */
export interface Part extends Segment {
  id: string;
  says: string;
  /** Raw flesh is touched in it: until they are washed, hands touch nothing else. */
  raw?: boolean;
}

/** A block of the schedule with what it is about, in a cook's words. */
export interface Work extends Block {
  segments: readonly Part[];
  kind: PrepTask['kind'];
  name: string;
  subjectId?: string;
  amountText?: string;
  why: string;
  /** It is the wait of this piece of work, and runs already. */
  runsFor?: string;
  /** It keeps until sitting down from the day before. */
  dayBefore: boolean;
  board?: BoardStage;
  /** It has the board to itself, out of the usual order, and washes it. */
  boardApart?: boolean;
}

export interface WorkList {
  works: Work[];
  lags: Lag[];
}

/** From so many minutes on, something can be done the day before. */
export const DAY_BEFORE_MIN = 16 * 60;

/** Parts one after another, with the minute at which each begins. */
export function inARow(parts: ReadonlyArray<Omit<Part, 'fromMin'>>): Part[] {
  let fromMin = 0;
  return parts.map((part) => {
    const placed = { ...part, fromMin };
    fromMin += part.lastsMin;
    return placed;
  });
}

export const lengthOf = (parts: readonly Part[]) => Math.max(0, ...parts.map((part) => part.fromMin + part.lastsMin));

/** Work about the pot and the table, in one go, that is done for tonight alone. */
export function forTonight({
  parts,
  ...more
}: Pick<Work, 'id' | 'name' | 'endsBeforeMin' | 'freshMin' | 'staleness' | 'why'> & {
  parts: ReadonlyArray<Omit<Part, 'fromMin'>>;
}): Work {
  const segments = inARow(parts);
  return { ...more, kind: 'table', segments, lastsMin: lengthOf(segments), early: false, dayBefore: false };
}

export const needing = (attended: boolean, more: readonly Resource[] = []): Resource[] =>
  attended ? ['hands', ...more] : [...more];

/** Parts whose first lasts otherwise; what follows it moves along. */
export function withFirst(parts: readonly Part[], lastsMin: number): Part[] {
  const moves = lastsMin - (parts[0]?.lastsMin ?? 0);
  return parts.map((part, index) => (index === 0 ? { ...part, lastsMin } : { ...part, fromMin: part.fromMin + moves }));
}
