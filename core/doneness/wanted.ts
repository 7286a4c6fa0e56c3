import type { AdditionWindow } from '../catalogue/cooking';
import type { Cut, Ingredient } from '../catalogue/ingredient';
import { conducting } from '../heat/conducting';
import { evenly, nodesOf, type Body } from '../heat/conduction';
import { cautiousFilm, FILM, foodBodies } from '../heat/foodBody';
import { goesInAtC, WATER_BOILS_C } from '../heat/givens';
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
  /** As warm as this the middle of the mean piece has been when it is served. */
  servedC?: number;
  sign: string;
}

/** How a piece stands that is being cooked: temperatures of the mean and of the largest one, and what they have had. */
export interface Cooked {
  /** Cook value in the middle of the mean piece, or minutes for which it was done. */
  hadMin: number;
  /** Of the largest piece: the hottest its middle has been, its lethality and its cook value. */
  hottestC: number;
  /** The hottest that the middle of the mean piece has been. */
  meanHottestC: number;
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
    meanHottestC: Math.max(had.meanHottestC, meanC),
    lethalityMin: had.lethalityMin + lethalRate(largestC) * seconds,
    largestCookValueMin: had.largestCookValueMin + (isPlant ? cookRate(largestC, measure.zC) * seconds : 0),
  };
}

export const RAW: Cooked = { hadMin: 0, hottestC: -273, meanHottestC: -273, lethalityMin: 0, largestCookValueMin: 0 };

/** Whether the largest piece is safe: as hot as is advised, or as long at a lower heat as does the same. */
export function isSafe({ safe }: Pick<Wanted, 'safe'>, cooked: Cooked): boolean {
  if (!safe) return true;
  if ('cookValueMin' in safe) return cooked.largestCookValueMin >= safe.cookValueMin;
  return cooked.hottestC >= safe.centreC || cooked.lethalityMin >= ENOUGH_MIN;
}

/** Whether it is hot enough to be eaten out of a pot. */
export const isHot = ({ servedC = -273 }: Pick<Wanted, 'servedC'>, { meanHottestC }: Cooked): boolean =>
  meanHottestC >= servedC;

/** Food out of a hot pot is hot in the middle, in °C. Kitchen estimate, 55-65. */
const SERVED_C = 60;

/** A time is followed in so many steps, each no longer and no shorter than this, in s. */
const STEPS = 300;
const STEPS_LAST_S = { least: 0.5, most: 6 };

/** What the middle of a body has had in boiling water at sea level, after each step. */
interface Boiled {
  stepS: number;
  hadMin: number[];
}

/** Follows the middle of a body in boiling water, up to so many seconds. */
function boiled(measure: Wanted['measure'], body: Body, fromC: number, untilS: number): Boiled {
  const hadMin = [0];
  const stepS = Math.min(STEPS_LAST_S.most, Math.max(STEPS_LAST_S.least, untilS / STEPS));
  const one = conducting(body, evenly(fromC, nodesOf(body)));
  for (let atS = 0; atS < untilS + stepS; atS += stepS) {
    const beforeC = one.centreC;
    one.step(stepS, FILM.simmer, WATER_BOILS_C, WATER_BOILS_C, WATER_BOILS_C);
    const middleC = (beforeC + one.centreC) / 2;
    const rate = measure.is === 'cookValue' ? cookRate(middleC, measure.zC) : middleC >= measure.centreC ? 1 / 60 : 0;
    hadMin.push(hadMin[hadMin.length - 1]! + rate * stepS);
  }
  return { stepS, hadMin };
}

/** What it has had after so many minutes. */
function hadAfter({ stepS, hadMin }: Boiled, minutes: number): number {
  const at = Math.min(hadMin.length - 1, (minutes * 60) / stepS);
  const low = Math.floor(at);
  const [a, b] = [hadMin[low]!, hadMin[Math.min(hadMin.length - 1, low + 1)]!];
  return a + (at - low) * (b - a);
}

const curves = new WeakMap<Body, Map<string, Boiled>>();

/**
 * Minutes at 100 °C that would have done the same to the middle of the mean piece.
 * @param hadMin what it has had, by its measure
 * @param tonight a thickness of the cook's own in mm; whether it goes in frozen
 */
export function minutesAtBoil(
  what: Ingredient,
  cut: Cut,
  { measure, mostMin }: Wanted,
  hadMin: number,
  tonight: { thicknessMm?: number; frozen?: boolean } = {},
): number {
  const { mean } = foodBodies(what, cut, tonight);
  const thicker = Math.max(1, (tonight.thicknessMm ?? 0) / cut.thicknessMm) ** 2;
  const fromC = goesInAtC(what, cut, tonight.frozen);
  const ofBody = curves.get(mean) ?? new Map<string, Boiled>();
  curves.set(mean, ofBody);
  const key = JSON.stringify(measure);
  const curve =
    ofBody.get(key) ?? boiled(measure, mean, fromC, (mostMin + 20) * 60 * thicker * (tonight.frozen ? 2 : 1));
  ofBody.set(key, curve);
  const { hadMin: values, stepS } = curve;
  const past = values.findIndex((value) => value >= hadMin);
  if (past <= 0) return past === 0 ? 0 : ((values.length - 1) * stepS) / 60 + hadMin - values[values.length - 1]!;
  const share = (hadMin - values[past - 1]!) / (values[past]! - values[past - 1]!);
  return ((past - 1 + share) * stepS) / 60;
}

/** Nothing is followed for longer, in s. */
const LONGEST_S = 8 * 3600;
const safeAfter = new WeakMap<Body, Map<string, number>>();

/**
 * Minutes at 100 °C until the largest likely piece is safe; none where nobody has to fear it.
 * @param tonight a thickness of the cook's own in mm; whether it goes in frozen
 */
export function safeMinutesAtBoil(
  what: Ingredient,
  cut: Cut,
  wanted: Wanted,
  tonight: { thicknessMm?: number; frozen?: boolean } = {},
): number {
  if (!wanted.safe) return 0;
  const { largest } = foodBodies(what, cut, tonight);
  const ofBody = safeAfter.get(largest) ?? new Map<string, number>();
  safeAfter.set(largest, ofBody);
  const key = JSON.stringify([wanted.measure, wanted.safe]);
  const there = ofBody.get(key);
  if (there !== undefined) return there;
  const one = conducting(largest, evenly(goesInAtC(what, cut, tonight.frozen), nodesOf(largest)));
  // Heat goes in by the square of its way.
  const stepS = Math.min(STEPS_LAST_S.most, Math.max(STEPS_LAST_S.least, (largest.halfSizeM * 200) ** 2));
  let cooked = RAW;
  let atS = 0;
  for (; atS < LONGEST_S && !isSafe(wanted, cooked); atS += stepS) {
    const beforeC = one.centreC;
    one.step(stepS, cautiousFilm(FILM.simmer), WATER_BOILS_C, WATER_BOILS_C, WATER_BOILS_C);
    const middleC = (beforeC + one.centreC) / 2;
    cooked = cookedFor(wanted, cooked, middleC, middleC, stepS);
  }
  ofBody.set(key, atS / 60);
  return atS / 60;
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
  const { slowsBy, leastMin, safeMin, sign } = window;
  const { bestMin, mostMin } = window.tender ?? window;
  const measure: Wanted['measure'] =
    'zC' in slowsBy ? { is: 'cookValue', zC: slowsBy.zC } : { is: 'doneFor', centreC: slowsBy.centreC };
  const { mean, largest } = foodBodies(what, cut);
  const fromC = goesInAtC(what, cut);
  const ofMean = boiled(measure, mean, fromC, mostMin * 60);
  const [least = 0, best = 0, most = 0] = [leastMin, bestMin, mostMin].map((minutes) => hadAfter(ofMean, minutes));
  const plantSafe = () => ({
    cookValueMin: hadAfter(boiled(measure, largest, fromC, safeMin * 60), safeMin),
  });
  const safe = 'centreC' in slowsBy ? { centreC: slowsBy.centreC } : safeMin > 0 ? plantSafe() : undefined;
  const wanted: Wanted = {
    measure,
    leastMin: measure.is === 'doneFor' ? 0 : least,
    bestMin: best,
    mostMin: most,
    ...(safe ? { safe } : {}),
    // What is done at a temperature is as hot as that; what comes out of its broth goes in hot, and what is strewn last is not meant to be.
    ...(measure.is === 'cookValue' && !cut.fromLiquid && leastMin > 0 ? { servedC: what.servedC ?? SERVED_C } : {}),
    sign,
  };
  ofWindow.set(what.id, wanted);
  return wanted;
}
