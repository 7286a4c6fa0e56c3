import type { SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { reckonedOf } from '../pot/food';
import type { LiveState } from './foldLive';

/** What a device tells counts when it was told so often: one reading may be off. */
const PROVED_BY = 2;

/** Pieces of which somebody measured the thickest, and found it as hot in the middle as is advised. */
export function provedIn(
  catalogue: Catalogue,
  inPot: ReadonlyArray<{ piece: SimmerPiece }>,
  { taps, readings }: Pick<LiveState, 'taps' | 'readings'>,
): ReadonlySet<string> {
  const hottest = new Map<string, number>();
  const note = (pieceId: string, tempC: number) =>
    hottest.set(pieceId, Math.max(tempC, hottest.get(pieceId) ?? -Infinity));
  for (const { saw } of taps.flatMap(({ facts }) => facts)) {
    if (saw?.is === 'probe' && saw.pieceId !== undefined) note(saw.pieceId, saw.tempC);
  }
  const read = new Map<string, number[]>();
  for (const { saw } of readings.flatMap(({ facts }) => facts)) {
    if (saw?.is !== 'probe' || saw.pieceId === undefined) continue;
    const last = [...(read.get(saw.pieceId) ?? []), saw.tempC].slice(-PROVED_BY);
    read.set(saw.pieceId, last);
    if (last.length === PROVED_BY) note(saw.pieceId, Math.min(...last));
  }
  const proved = inPot.filter(({ piece }) => {
    const { way: _way, ...food } = piece;
    const { safe } = reckonedOf(catalogue, food).wanted;
    const tempC = hottest.get(piece.id);
    return tempC !== undefined && safe && 'centreC' in safe && tempC >= safe.centreC;
  });
  return new Set(proved.map(({ piece }) => piece.id));
}
