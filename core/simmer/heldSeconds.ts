import type { SimmerPiece } from '@elixa/contract';
import { andList } from '../measures/andList';

/** Nobody counts finer than in fives with a slice in the chopsticks, and never too few. */
export const inFives = (seconds: number): number => Math.ceil(seconds / 5) * 5;

/** For so many seconds a slice is held, as it is told. */
export const heldSeconds = ({ bestS }: Pick<SimmerPiece, 'bestS'>): number => inFives(bestS);

/**
 * For how long a slice is held, in words, with those whose slices stay longer.
 * @example heldWords(beef) // 'for 15 seconds (Pim’s 25, until no pink is left)'
 */
export function heldWords(piece: Pick<SimmerPiece, 'bestS' | 'heldBy'>): string {
  const usual = heldSeconds(piece);
  const longer = (piece.heldBy ?? []).filter(({ seconds }) => seconds > usual);
  const [first] = longer;
  const whose = andList(longer.map((one) => `${one.diner}’s`));
  return `for ${usual} seconds${first ? ` (${whose} ${first.seconds}, until no pink is left)` : ''}`;
}
