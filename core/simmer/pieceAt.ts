import { TASTED_S } from './problems';
import type { SimmerPiece, Trace } from '@elixa/contract';

/** How a piece stands at a moment: not in yet or out again, cooking, ready, or past its best. */
export interface PieceMoment {
  state: 'waits' | 'cooking' | 'ready' | 'past' | 'out';
  isSafe: boolean;
  /** In the middle of the largest piece; none where it is not followed. */
  centreTempC?: number;
  /** From nothing to its best time. */
  share: number;
}

/**
 * A piece at a moment of its plan.
 * @param atS seconds from lighting the burner
 */
export function pieceAt(piece: SimmerPiece, trace: Trace | undefined, atS: number): PieceMoment {
  const { id, inAtS, outAtS, safeAtS, readyAtS = Infinity, overAtS = Infinity, window } = piece;
  const followed = trace?.pieces?.find((one) => one.pieceId === id);
  const isSafe = safeAtS !== undefined && atS >= safeAtS - 1e-6;
  const index = trace ? (atS - trace.fromS) / trace.stepS - (followed?.from ?? 0) : 0;
  const between = (values: readonly number[]): number => {
    const place = Math.min(values.length - 1, Math.max(0, index));
    const low = Math.floor(place);
    const a = values[low]!;
    return a + (place - low) * (values[Math.min(values.length - 1, low + 1)]! - a);
  };
  const told = followed
    ? {
        centreTempC: between(followed.centreTempC),
        share: window && window.bestMin > 0 ? between(followed.hadMin) / window.bestMin : atS >= readyAtS ? 1 : 0,
      }
    : { share: atS >= readyAtS ? 1 : 0 };
  if (atS < inAtS - 1e-6) return { state: 'waits', isSafe: false, share: 0 };
  if (atS > outAtS + 1e-6) return { ...told, state: 'out', isSafe };
  const state = atS > overAtS + TASTED_S ? 'past' : atS >= readyAtS - 1e-6 ? 'ready' : 'cooking';
  return { ...told, state, isSafe };
}
