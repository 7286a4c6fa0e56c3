import type { AdditionWindow } from '../catalogue/cooking';
import type { Cut, Ingredient } from '../catalogue/ingredient';
import { centreOf, evenly, stepBody, type Body, type Profile } from '../heat/conduction';
import { FILM, foodBodies } from '../heat/foodBody';
import { KEPT_C, WATER_BOILS_C } from '../heat/givens';
import { cookRate, ENOUGH_MIN, lethalRate } from './cookValue';

/**
 * What a cut wants, whatever the pot, the height or its thickness: of a plant the cook value in its middle, of an animal
 * food the minutes for which its middle is done. Each is fitted once from its time at 100 °C.
 */
export interface Wanted {
  measure: { is: 'cookValue'; zC: number } | { is: 'doneFor'; centreC: number };
  leastMin: number;
  bestMin: number;
  mostMin: number;
  /** What the largest piece must have reached: a temperature in the middle, or the lethality in its place; or a cook value. */
  safe?: { centreC: number } | { cookValueMin: number };
  sign: string;
}

/** How a piece stands that is being cooked: temperatures of the mean and of the largest one, and what they have had. */
export interface Cooked {
  /** Cook value in the middle of the mean piece, or minutes for which it was done. */
  hadMin: number;
  /** Of the largest piece: the hottest its middle has been, its lethality and its cook value. */
  hottestC: number;
  lethalityMin: number;
  largestCookValueMin: number;
}

/** What a second at these temperatures adds. */
export function cookedFor(
  { measure }: Pick<Wanted, 'measure'>,
  had: Cooked,
  meanC: number,
  largestC: number,
  seconds: number,
): Cooked {
  const isPlant = measure.is === 'cookValue';
  const rate = isPlant ? cookRate(meanC, measure.zC) : meanC >= measure.centreC ? 1 / 60 : 0;
  return {
    hadMin: had.hadMin + rate * seconds,
    hottestC: Math.max(had.hottestC, largestC),
    lethalityMin: had.lethalityMin + lethalRate(largestC) * seconds,
    largestCookValueMin: had.largestCookValueMin + (isPlant ? cookRate(largestC, measure.zC) * seconds : 0),
  };
}

export const RAW: Cooked = { hadMin: 0, hottestC: -273, lethalityMin: 0, largestCookValueMin: 0 };

/** Whether the largest piece is safe: as hot as is advised, or as long at a lower heat as does the same. */
export function isSafe({ safe }: Pick<Wanted, 'safe'>, cooked: Cooked): boolean {
  if (!safe) return true;
  if ('cookValueMin' in safe) return cooked.largestCookValueMin >= safe.cookValueMin;
  return cooked.hottestC >= safe.centreC || cooked.lethalityMin >= ENOUGH_MIN;
}

/** Seconds of a step while a time is followed. */
const STEP_S = 1;
const HOUR_S = 3600;

/** The middle of a body in boiling water at sea level, second by second. */
function* boiled(body: Body, fromC: number): Generator<number> {
  let profile: Profile = evenly(fromC);
  for (let atS = 0; atS < 2 * HOUR_S; atS += STEP_S) {
    profile = stepBody(body, profile, STEP_S, FILM.simmer, [WATER_BOILS_C, WATER_BOILS_C, WATER_BOILS_C]);
    yield centreOf(profile);
  }
}

/** What the middle of the mean piece has had after each of these minutes. */
function hadAfter(measure: Wanted['measure'], body: Body, fromC: number, minutes: readonly number[]): number[] {
  const ends = minutes.map((one) => one * 60);
  const had = minutes.map(() => 0);
  let total = 0;
  let atS = 0;
  const last = Math.max(...ends);
  for (const centreC of boiled(body, fromC)) {
    const rate = measure.is === 'cookValue' ? cookRate(centreC, measure.zC) : centreC >= measure.centreC ? 1 / 60 : 0;
    ends.forEach((end, index) => {
      const part = Math.min(1, Math.max(0, (end - atS) / STEP_S));
      had[index]! += rate * STEP_S * part;
    });
    total += rate;
    atS += STEP_S;
    if (atS >= last) break;
  }
  return total > 0 ? had : had.map(() => 0);
}

const fitted = new WeakMap<AdditionWindow, Map<string, Wanted>>();

/**
 * What a cut of a food wants, from its time at 100 °C.
 * @param window the row of its time, in minutes at 100 °C from where it is kept
 */
export function wantedOf(what: Ingredient, cut: Cut, window: AdditionWindow): Wanted {
  const ofWindow = fitted.get(window) ?? new Map<string, Wanted>();
  fitted.set(window, ofWindow);
  const there = ofWindow.get(what.id);
  if (there) return there;
  const { slowsBy, leastMin, bestMin, mostMin, safeMin, sign } = window;
  const measure: Wanted['measure'] =
    'zC' in slowsBy ? { is: 'cookValue', zC: slowsBy.zC } : { is: 'doneFor', centreC: slowsBy.centreC };
  const { mean, largest } = foodBodies(what, cut);
  const [least = 0, best = 0, most = 0] = hadAfter(measure, mean, KEPT_C[what.kept], [leastMin, bestMin, mostMin]);
  const plantSafe = () => ({ cookValueMin: hadAfter(measure, largest, KEPT_C[what.kept], [safeMin])[0]! });
  const safe = 'centreC' in slowsBy ? { centreC: slowsBy.centreC } : safeMin > 0 ? plantSafe() : undefined;
  const wanted: Wanted = {
    measure,
    leastMin: measure.is === 'doneFor' ? 0 : least,
    bestMin: best,
    mostMin: most,
    ...(safe ? { safe } : {}),
    sign,
  };
  ofWindow.set(what.id, wanted);
  return wanted;
}
