import type { SimmerPiece } from '@elixa/contract';
import { cookedFor, isSafe, RAW, type Cooked } from '../doneness/wanted';
import { centreOf, evenly, stepBody } from '../heat/conduction';
import { cautiousFilm, FILM } from '../heat/foodBody';
import { FROZEN_C, KEPT_C } from '../heat/givens';
import { COLDER_K, knownOf } from './pot/food';

/** Broth at the table, where slices are held in it one after another, is so much below the boil, in K. Kitchen estimate, 0-4. */
const BELOW_BOIL_K = 2;
const STEP_S = 0.5;
/** A slice is followed for so long at most, in s. */
const LONGEST_S = 900;

/** A slice as it comes out of the broth, and from when to when it is as it should be, in s from going in. */
export interface Swished {
  cooked: Cooked;
  centreC: number;
  largestC: number;
  safeS?: number;
  readyS?: number;
  bestS: number;
  overS?: number;
}

/**
 * A slice that a guest holds in simmering broth: it is moved, so the broth washes round it as at a rolling boil.
 * @param heldS for how long it is held
 */
export function swished(piece: SimmerPiece, boilingC: number, heldS: number): Swished {
  const { what, wanted, mean, largest } = knownOf({ ...piece, way: 'swished' });
  const bathC = boilingC - BELOW_BOIL_K;
  const bath = [bathC, bathC, bathC] as const;
  const startC = piece.frozen ? FROZEN_C : KEPT_C[what.kept];
  let [inside, inLargest] = [evenly(startC), evenly(startC - COLDER_K)];
  let cooked = RAW;
  const found: Partial<Swished> = {};
  let out: Pick<Swished, 'cooked' | 'centreC' | 'largestC'> | undefined;
  for (let atS = STEP_S; atS <= LONGEST_S; atS += STEP_S) {
    const [wasC, wasLargestC] = [centreOf(inside), centreOf(inLargest)];
    inside = stepBody(mean, inside, STEP_S, FILM.rolling, bath);
    inLargest = stepBody(largest, inLargest, STEP_S, cautiousFilm(FILM.rolling), bath);
    cooked = cookedFor(wanted, cooked, (wasC + centreOf(inside)) / 2, (wasLargestC + centreOf(inLargest)) / 2, STEP_S);
    cooked = { ...cooked, hottestC: Math.max(cooked.hottestC, centreOf(inLargest)) };
    if (found.safeS === undefined && isSafe(wanted, cooked)) found.safeS = atS;
    if (found.readyS === undefined && found.safeS !== undefined && cooked.hadMin >= wanted.leastMin) found.readyS = atS;
    if (found.bestS === undefined && found.readyS !== undefined && cooked.hadMin >= wanted.bestMin) found.bestS = atS;
    if (found.overS === undefined && cooked.hadMin > wanted.mostMin) found.overS = atS;
    if (!out && atS >= heldS - 1e-9) out = { cooked, centreC: centreOf(inside), largestC: centreOf(inLargest) };
    if (out && found.overS !== undefined && found.bestS !== undefined) break;
  }
  return {
    bestS: LONGEST_S,
    ...(out ?? { cooked, centreC: centreOf(inside), largestC: centreOf(inLargest) }),
    ...found,
  };
}
