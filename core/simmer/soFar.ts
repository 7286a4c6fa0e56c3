import type { SimmerPiece } from '@elixa/contract';
import type { Pan } from '../diners/table';
import type { Filling } from './panRounds';

/** What is settled of a pot that is on the fire already. Seconds are on its clock. */
export interface SimmerSoFar {
  /** When each filling is ready that is eaten from the pot, and each go of the finish; what was eaten, when that was. */
  filledAtS: readonly number[];
  finishReadyAtS: readonly number[];
  /** When the first slices were eaten, where some are seared first. */
  searedAtS?: number;
  /** When a filling began and when it boiled, or will, by `fillingKey`; what is not said of follows from when it is ready. */
  begunAtS: ReadonlyMap<string, number>;
  boilAtS: ReadonlyMap<string, number>;
  /** When a piece went in, by its id. */
  wentInAtS: ReadonlyMap<string, number>;
  /** Nothing new begins before this. */
  nowS: number;
}

export const fillingKey = (pan: Pan, round: number): string => `${pan} ${round}`;

/** A filling with what is settled of it. */
export function fillingSoFar(filling: Filling, pan: Pan, { begunAtS, boilAtS, nowS }: SimmerSoFar): Filling {
  const key = fillingKey(pan, filling.round);
  const startS = begunAtS.get(key) ?? Math.max(nowS, filling.startS);
  const toBoilS = filling.boilS - filling.startS;
  return { ...filling, startS, boilS: boilAtS.get(key) ?? startS + toBoilS };
}

/** A piece that went in at another time than planned: what the cold took of its time it took all the same. */
export function pieceSoFar(piece: SimmerPiece, { wentInAtS }: SimmerSoFar): SimmerPiece {
  const inAtS = wentInAtS.get(piece.id);
  if (inAtS === undefined) return piece;
  const isFromCold = piece.countsFromS > piece.inAtS;
  const countsFromS = isFromCold ? Math.max(inAtS, piece.countsFromS) : inAtS;
  const lostS = piece.outAtS - piece.countsFromS - piece.cookS;
  const cookS = Math.max(0, piece.outAtS - countsFromS - lostS);
  const { leastS, mostS, safeS } = piece;
  return {
    ...piece,
    inAtS,
    countsFromS,
    cookS,
    inWindow: cookS >= leastS - 1e-6 && cookS <= mostS + 1e-6,
    safe: cookS >= safeS - 1e-6,
  };
}
