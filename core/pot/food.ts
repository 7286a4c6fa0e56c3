import type { FoodIn, SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import { plant } from '../catalogue/cooking';
import type { Cut, Ingredient } from '../catalogue/ingredient';
import { isHeatedThrough } from '../catalogue/kinds';
import { isHot, isSafe, RAW, wantedOf, type Wanted } from '../doneness/wanted';
import { evenly, nodesOf, type Body } from '../heat/conduction';
import { foodBodies } from '../heat/foodBody';
import { goesInAtC } from '../heat/givens';
import type { PieceState } from './state';

/** The coldest likely piece is so much colder than the mean one, in K. Kitchen estimate. */
export const COLDER_K = 2;

export interface Known {
  what: Ingredient;
  cut: Cut;
  wanted: Wanted;
  mean: Body;
  largest: Body;
  thawed: { mean: Body; largest: Body };
}

function windowOf({ cuts }: Ingredient, { cut, way = 'simmered' }: Pick<FoodIn, 'cut' | 'way'>) {
  const cooks = cuts[cut]?.cooks;
  return cooks?.[way] ?? cooks?.simmered;
}

/**
 * What is known of a food that goes into a pot.
 * @throws RangeError when nobody knows the food, its cut, or a time for that
 */
export function knownOf(
  catalogue: Catalogue,
  food: Pick<FoodIn, 'ingredientId' | 'cut' | 'thicknessMm' | 'frozen' | 'way'>,
): Known {
  const what = catalogue.byId(food.ingredientId);
  const cut = what.cuts[food.cut];
  const window = windowOf(what, food);
  if (!cut || !window) throw new RangeError(`No time is known for ${food.ingredientId} cut as "${food.cut}"`);
  return { what, cut, wanted: wantedOf(what, cut, window), ...foodBodies(what, cut, food) };
}

/** What is thrown in at the pot without a known time softens in about so long, in min, and is never past it. Kitchen estimate. */
const THROWN_IN = plant(0, 5, 240, 25, 'it is soft');

/**
 * What is reckoned with of a food that did go in. Where no time is known for it so cut, it goes as its slowest cut does, so
 * that nothing is called done too soon; a plant without any time brings its mass, its heat and its water.
 * @throws RangeError when nobody knows the food, or it is of an animal and nobody knows a time for any cut of it
 */
export function reckonedOf(catalogue: Catalogue, food: Parameters<typeof knownOf>[1]): Known {
  const what = catalogue.byId(food.ingredientId);
  if (windowOf(what, food)) return knownOf(catalogue, food);
  const timed = Object.entries(what.cuts).flatMap(([cut, { cooks }]) =>
    cooks?.simmered ? [{ cut, bestMin: cooks.simmered.bestMin }] : [],
  );
  const [slowest] = timed.sort((a, b) => b.bestMin - a.bestMin);
  if (slowest) return knownOf(catalogue, { ...food, cut: slowest.cut });
  const cut = what.cuts[food.cut] ?? Object.values(what.cuts)[0];
  if (!cut || isHeatedThrough(what)) return knownOf(catalogue, food);
  return { what, cut, wanted: wantedOf(what, cut, THROWN_IN), ...foodBodies(what, cut, food) };
}

/** What a piece of a plan wants: as it is held in the broth, lies on the pan, or simmers, which is also how what was browned goes on. */
export const wantedBy = (catalogue: Catalogue, { way, ...piece }: SimmerPiece): Wanted =>
  knownOf(catalogue, { ...piece, way: way === 'swished' || way === 'seared' ? way : 'simmered' }).wanted;

/** Food as it goes in. */
export function pieceIn(catalogue: Catalogue, food: FoodIn, atS: number): PieceState {
  const { what, cut, mean, largest } = reckonedOf(catalogue, food);
  const isFrozen = food.frozen === true || what.kept === 'freezer';
  const startC = food.tempC ?? goesInAtC(what, cut, food.frozen);
  return {
    ...food,
    ...(isFrozen ? { frozen: true } : {}),
    inAtS: atS,
    mean: evenly(startC, nodesOf(mean)),
    largest: evenly(startC - COLDER_K, nodesOf(largest)),
    cooked: RAW,
    progress: 0,
    gaveWaterG: 0,
    drankG: 0,
    gaveFatG: 0,
  };
}

/** What comes of water and seasoning has come to this share of all at the best time, and slows down then. */
const AT_BEST = 0.9;
const SLOWS = -Math.log(1 - AT_BEST);

/** Share of all that a food gives or drinks when it has come so far towards its best time. */
export const shareAt = (progress: number): number => (1 - Math.exp(-SLOWS * progress)) / AT_BEST;

/** Share of the fat of an animal food that melts out of it while it cooks to done. Kitchen estimate, 0.1-0.25. */
const FAT_MELTS_OUT = 0.15;

/** Fat that a food has given when its flesh has set so far, in g. */
export const fatGivenG = ({ composition }: Ingredient, massG: number, setShare: number): number =>
  composition.fat * massG * FAT_MELTS_OUT * setShare;

/** Whether it has all that it wants, and not too much. */
export const isReady = ({ cooked }: Pick<PieceState, 'cooked'>, wanted: Wanted): boolean =>
  isSafe(wanted, cooked) && isHot(wanted, cooked) && cooked.hadMin >= wanted.leastMin;
export const isOver = ({ cooked }: Pick<PieceState, 'cooked'>, wanted: Wanted): boolean =>
  cooked.hadMin > wanted.mostMin;
