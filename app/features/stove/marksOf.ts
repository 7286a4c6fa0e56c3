import type { InPot } from '@elixa/core';
import { lessDone, type DoneMark } from '@/ui/pot/DoneMarks';

/** A ring is drawn in so many steps, so that it is not drawn anew each second. */
const STEPS = 24;

/** How far each thing in the pot has come, for its drawing: of one food in two cuts the one that has come less far. */
export function marksOf(inPot: readonly InPot[]): Array<[ingredientId: string, mark: DoneMark]> {
  const marks = new Map<string, DoneMark>();
  for (const { piece, share, state, isSafe } of inPot) {
    if (piece.pan !== 'main') continue;
    const mark: DoneMark = {
      share: Math.round(share * STEPS) / STEPS,
      state: state === 'over' ? 'past' : state,
      ...(isSafe ? { isSafe } : {}),
    };
    const other = marks.get(piece.ingredientId);
    marks.set(piece.ingredientId, other ? lessDone(other, mark) : mark);
  }
  return [...marks];
}
