import type { SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { cookedFor, isSafe, RAW, type Cooked } from '../doneness/wanted';
import { conducting, type Conducting } from '../heat/conducting';
import { evenly, nodesOf } from '../heat/conduction';
import { cautiousFilm, FILM } from '../heat/foodBody';
import { goesInAtC } from '../heat/givens';
import { COLDER_K, knownOf } from '../pot/food';

/** Broth at the table, where slices are held in it one after another, is so much below the boil, in K. Kitchen estimate, 0-4. */
const BELOW_BOIL_K = 2;
/** A pan that slices sear in, in °C; and how its heat goes into them, the mean of a side that lies on it and one that does
 * not, in W/(m²·K). Kitchen estimates, 150-200 and 100-250. */
const HOT_PAN = { tempC: 170, film: 150 } as const;
const STEP_S = 0.5;
/** A slice is followed for so long at most, in s. */
const LONGEST_S = 900;

/** A slice as it comes out of the broth or off the pan, and from when to when it is as it should be, in s from going in. */
export interface ByItself {
  cooked: Cooked;
  centreC: number;
  largestC: number;
  safeS?: number;
  readyS?: number;
  /** When the largest is as hot in the middle as no pink outlives. */
  throughS?: number;
  bestS: number;
  overS?: number;
}

/** Red meat has lost its pink in the middle, in °C; what those are advised who must not eat any. */
const NO_PINK_C = 71;

type Slice = Pick<SimmerPiece, 'ingredientId' | 'cut' | 'thicknessMm' | 'frozen'>;

/** What is round a slice: how hot it is, how heat goes over, and what its wet middle never passes. */
interface Round {
  way: 'swished' | 'seared';
  bathC: number;
  film: number;
  neverOverC: number;
  /** It is best so long after it is safe, in s; by the measure of its window where nothing is said. */
  lingersS?: number;
}

function followed(
  catalogue: Catalogue,
  piece: Slice,
  { way, bathC, film, neverOverC, lingersS }: Round,
  heldS: number,
): ByItself {
  const { what, cut, wanted, mean, largest } = knownOf(catalogue, { ...piece, way });
  const startC = goesInAtC(what, cut, piece.frozen);
  const step = (one: Conducting, h: number) => {
    one.step(STEP_S, h, bathC, bathC, bathC);
    for (let i = 0; i < one.temps.length; i += 1) one.temps[i] = Math.min(one.temps[i]!, neverOverC);
  };
  const inside = conducting(mean, evenly(startC, nodesOf(mean)));
  const inLargest = conducting(largest, evenly(startC - COLDER_K, nodesOf(largest)));
  let cooked = RAW;
  const found: Partial<ByItself> = {};
  let out: Pick<ByItself, 'cooked' | 'centreC' | 'largestC'> | undefined;
  for (let atS = STEP_S; atS <= LONGEST_S; atS += STEP_S) {
    const [wasC, wasLargestC] = [inside.centreC, inLargest.centreC];
    step(inside, film);
    step(inLargest, cautiousFilm(film));
    cooked = cookedFor(wanted, cooked, (wasC + inside.centreC) / 2, (wasLargestC + inLargest.centreC) / 2, STEP_S);
    cooked = { ...cooked, hottestC: Math.max(cooked.hottestC, inLargest.centreC), meanHottestC: inside.centreC };
    if (found.safeS === undefined && isSafe(wanted, cooked)) found.safeS = atS;
    if (found.readyS === undefined && found.safeS !== undefined && cooked.hadMin >= wanted.leastMin) found.readyS = atS;
    const isBest =
      lingersS === undefined ? cooked.hadMin >= wanted.bestMin : atS >= (found.readyS ?? Infinity) + lingersS;
    if (found.bestS === undefined && found.readyS !== undefined && isBest) found.bestS = atS;
    if (found.throughS === undefined && inLargest.centreC >= NO_PINK_C) found.throughS = atS;
    if (found.overS === undefined && cooked.hadMin > wanted.mostMin) found.overS = atS;
    if (!out && atS >= heldS - 1e-9) out = { cooked, centreC: inside.centreC, largestC: inLargest.centreC };
    const isFound = found.overS !== undefined && found.bestS !== undefined && found.throughS !== undefined;
    if (out && isFound) break;
  }
  return {
    bestS: LONGEST_S,
    ...(out ?? { cooked, centreC: inside.centreC, largestC: inLargest.centreC }),
    ...found,
  };
}

/**
 * A slice that a guest holds in simmering broth: it is moved, so the broth washes round it as at a rolling boil. It is best
 * soon after its middle is safe: as long after as the row of its times has between the two.
 * @param heldS for how long it is held
 */
export function swished(catalogue: Catalogue, piece: Slice, boilingC: number, heldS: number): ByItself {
  const row = catalogue.byId(piece.ingredientId).cuts[piece.cut]?.cooks?.swished;
  return followed(
    catalogue,
    piece,
    {
      way: 'swished',
      bathC: boilingC - BELOW_BOIL_K,
      film: FILM.rolling,
      neverOverC: boilingC,
      ...(row ? { lingersS: (row.bestMin - row.safeMin) * 60 } : {}),
    },
    heldS,
  );
}

/**
 * A slice that sears on a hot pan, turned once. While there is juice in it its middle does not pass the boil.
 * @param heldS for how long it lies on the pan, both sides together
 */
export const seared = (catalogue: Catalogue, piece: Slice, boilingC: number, heldS: number): ByItself =>
  followed(catalogue, piece, { way: 'seared', bathC: HOT_PAN.tempC, film: HOT_PAN.film, neverOverC: boilingC }, heldS);
