import type { ShownMeasure, Units } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { fractionText } from './fraction';
import { ouncesText } from './showSize';
import { OUNCE_G, POUND_G, SPOONS } from './units';

/** Largest error of a shown measure, and of one that carries salt, in per cent of the exact amount. */
export const MEASURE_BOUND_PCT = 5;
export const SALT_MEASURE_BOUND_PCT = 3;

interface Candidate {
  text: string;
  massG: number;
}

const plural = (count: number, one: string, many: string) => (count > 1 ? many : one);

function nearestStep(value: number, step: number): number {
  return Math.round(value / step) * step;
}

/** Measures by volume, the plainest first: cups and litres for much, spoons for little; a jug is for what is poured. */
function volumeCandidates(volumeMl: number, densityGPerMl: number, units: Units, poured: boolean): Candidate[] {
  const { tspMl, tbspMl, cupMl } = SPOONS[units];
  const found: Candidate[] = [];
  const add = (count: number, unitMl: number, label: (count: number) => string) => {
    if (count > 0) found.push({ text: label(count), massG: count * unitMl * densityGPerMl });
  };
  const spoonLabel = (unit: string) => (count: number) => `${fractionText(count)} ${unit}`;
  if (units === 'metric') {
    if (poured && volumeMl >= 1000) {
      add(nearestStep(volumeMl, 50), 1, (ml) => `${Number((ml / 1000).toFixed(2))} l`);
      add(nearestStep(volumeMl, 25), 1, (ml) => `${ml} ml`);
    } else if (poured && volumeMl >= 90) {
      add(nearestStep(volumeMl, 25), 1, (ml) => `${ml} ml`);
      add(nearestStep(volumeMl, 5), 1, (ml) => `${ml} ml`);
    }
  } else if (volumeMl >= cupMl / 4 - 1) {
    const cups = (count: number) => `${fractionText(count)} ${plural(count, 'cup', 'cups')}`;
    add(nearestStep(volumeMl / cupMl, 1 / 4), cupMl, cups);
    add(nearestStep(volumeMl / cupMl, 1 / 3), cupMl, cups);
    const quarters = Math.floor(volumeMl / cupMl / (1 / 4)) / 4;
    const restTbsp = Math.round((volumeMl - quarters * cupMl) / tbspMl);
    if (quarters > 0 && restTbsp > 0) {
      add(1, quarters * cupMl + restTbsp * tbspMl, () => `${cups(quarters)} + ${restTbsp} tbsp`);
    }
  }
  if (volumeMl < 120) {
    add(nearestStep(volumeMl / tbspMl, 1 / 2), tbspMl, spoonLabel('tbsp'));
    if (volumeMl < tspMl / 5) add(1 / 8, tspMl, spoonLabel('tsp'));
    if (volumeMl < tspMl / 10) add(1 / 16, tspMl, () => 'a pinch');
    if (volumeMl < tbspMl * 1.2) add(nearestStep(volumeMl / tspMl, 1 / 4), tspMl, spoonLabel('tsp'));
    const quarters = Math.floor((volumeMl / tspMl) * 4 + 1e-9) / 4;
    if (quarters > 0 && quarters < 2) add(quarters + 1 / 8, tspMl, () => `${fractionText(quarters)} tsp + ⅛ tsp`);
    for (const tbsp of [1, 2, 3, 4, 5, 6, 7]) {
      const restTsp = nearestStep((volumeMl - tbsp * tbspMl) / tspMl, 1 / 4);
      if (restTsp > 0 && restTsp < 3) {
        add(1, tbsp * tbspMl + restTsp * tspMl, () => `${tbsp} tbsp + ${fractionText(restTsp)} tsp`);
      }
    }
  }
  return found;
}

/** Steps that kitchen scales show; half grams only where there are few. */
const GRAM_STEPS = [10, 5, 1] as const;
const HALVES_BELOW_G = 3;
/** Nobody weighs a few grams in steps of five: the coarsest step for a mass is about a tenth of it. */
const COARSEST_SHARE = 10;

const finestStepG = (massG: number) => (massG < HALVES_BELOW_G ? 0.5 : 1);

/** Grams as a scale shows them, in the coarsest step that stays within the bound, or else the finest. */
function grams(massG: number, boundPct: number): Candidate {
  const step = GRAM_STEPS.find(
    (one) => massG >= one * COARSEST_SHARE - 1e-9 && Math.abs(errorPct(nearestStep(massG, one), massG)) <= boundPct,
  );
  const finest = finestStepG(massG);
  const rounded = massG === 0 ? 0 : Math.max(finest, nearestStep(massG, step ?? finest));
  return { text: rounded >= 1000 ? `${Number((rounded / 1000).toFixed(2))} kg` : `${rounded} g`, massG: rounded };
}

function ounces(massG: number): Candidate[] {
  const step = massG < 2 * OUNCE_G ? 1 / 8 : massG < 4 * OUNCE_G ? 1 / 4 : massG < POUND_G ? 1 / 2 : 1;
  const count = nearestStep(massG / OUNCE_G, step);
  if (count <= 0) return [];
  return [{ text: ouncesText(count), massG: count * OUNCE_G }];
}

/** Wholes and halves of things that are counted: an egg, half a leek; in inches where a kitchen measures so. */
function countCandidates(massG: number, { sold, inInches }: Ingredient, units: Units): Candidate[] {
  const counted = [sold?.countable ? sold : undefined, units === 'us' ? inInches : undefined];
  return counted.flatMap((one) => {
    const count = one ? nearestStep(massG / one.massG, one.smallestPart) : 0;
    if (!one || count <= 0) return [];
    return [
      { text: `${fractionText(count)} ${plural(count, one.unit, one.unitPlural)}`.trim(), massG: count * one.massG },
    ];
  });
}

/** What cooks call a spoon that is not quite full, and one that is more than that: about a tenth either way. */
const SPOON_TENTH = 0.1;
const loosely = ({ text, massG }: Candidate): Candidate[] =>
  /(tsp|tbsp)$/.test(text) && !text.includes('+')
    ? [
        { text: `scant ${text}`, massG: massG * (1 - SPOON_TENTH) },
        { text: `generous ${text}`, massG: massG * (1 + SPOON_TENTH) },
      ]
    : [];

/** Bulk density of what is light enough to be heaped into a cup. */
const LOOSE_G_PER_ML = 0.5;
/** Flakes and small dried things lie loose in a cup where nobody weighs. */
const isLoose = ({ densityGPerMl, sold, inInches }: Ingredient) =>
  densityGPerMl <= LOOSE_G_PER_ML && !sold?.countable && !inInches;
/** A measure further off than this is none: then even a kitchen of cups and ounces is told grams. */
const FARTHEST_PCT = 25;

const errorPct = (shownG: number, exactG: number) => (exactG === 0 ? 0 : ((shownG - exactG) / exactG) * 100);

/**
 * How far a shown measure may be from an exact mass, in per cent: 5, or 3 where it carries salt; more only where the
 * finest step of a kitchen scale is coarser than that, or where cups, spoons and ounces are all there is.
 */
export function measureBoundPct(massG: number, ingredient: Ingredient, units: Units): number {
  const wanted = ingredient.saltPct > 0.5 ? SALT_MEASURE_BOUND_PCT : MEASURE_BOUND_PCT;
  const byScale = massG > 0 ? (100 * finestStepG(massG)) / 2 / massG : 0;
  return Math.max(wanted, byScale, units === 'us' ? FARTHEST_PCT : 0);
}

/**
 * The measure to show a cook for an exact mass: one that can be measured. The plainest spoon, cup, count or ounce within
 * 5 % of the exact amount, or 3 % where it carries salt; where none comes that close, what a kitchen scale shows, or in
 * a kitchen of cups and ounces the nearest of those. Nobody is told tenths of a gram.
 * @param massG exact mass in g, zero or more
 * @param ingredient what is measured: its bulk density, salt and how it is sold
 * @param units the cook's system of measures
 * @param cut how it is cut, where that changes its bulk density
 * @returns the text and the signed error of the shown measure in % of the exact mass
 * @throws RangeError when the mass is negative or not finite
 * @example showMeasure(35, darkSoy, 'metric') // { text: '2 tbsp', errorPct: 1.1 }
 */
export function showMeasure(massG: number, ingredient: Ingredient, units: Units, cut?: string): ShownMeasure {
  if (!Number.isFinite(massG) || massG < 0) throw new RangeError(`massG must be zero or more, got ${massG}`);
  const bound = ingredient.saltPct > 0.5 ? SALT_MEASURE_BOUND_PCT : MEASURE_BOUND_PCT;
  const cutDensity = cut === undefined ? undefined : ingredient.cuts[cut]?.densityGPerMl;
  const densityGPerMl = cutDensity ?? ingredient.densityIn?.[units] ?? ingredient.densityGPerMl;
  const isPart = cut !== undefined && ingredient.cuts[cut]?.partOfWhole === true;
  const byVolume = ingredient.byVolume || cutDensity !== undefined;
  const volumes = volumeCandidates(massG / densityGPerMl, densityGPerMl, units, ingredient.poured === true);
  const candidates = [
    ...(isPart ? [] : countCandidates(massG, ingredient, units)),
    ...(byVolume || (units === 'us' && isLoose(ingredient)) ? volumes : []),
    ...(units === 'us' && !byVolume ? ounces(massG) : []),
  ];
  const off = (one: Candidate) => Math.abs(errorPct(one.massG, massG));
  const nearest = (all: Candidate[]) => [...all].sort((a, b) => off(a) - off(b))[0];
  const weighed = grams(massG, bound);
  const pool =
    units === 'us' && ingredient.densityGPerMl !== 1 && !ingredient.inInches ? [...candidates, ...volumes] : candidates;
  // Where half a gram or an eighth of a spoon is much, a spoon that is not quite full comes closer.
  const loose = units === 'us' || ingredient.saltPct > 0.5 ? pool.flatMap(loosely) : [];
  const told = nearest([...pool, ...loose, ...(units === 'us' ? [] : [weighed])]);
  const chosen =
    candidates.find((one) => off(one) <= bound) ??
    (off(weighed) <= bound && units !== 'us' ? weighed : undefined) ??
    (told && off(told) <= FARTHEST_PCT ? told : nearest([weighed, ...candidates])!);
  return { text: chosen.text, errorPct: errorPct(chosen.massG, massG) };
}

/**
 * A volume of liquid in the cook's measures, for text where nothing has to be exact (how much stays in reserve).
 * @param volumeMl zero or more
 * @example showVolume(1337, 'metric') // '1.35 l'
 */
export function showVolume(volumeMl: number, units: Units): string {
  if (volumeMl < FEW_ML) return volumeMl > 0 ? nearestVolume(volumeMl, units) : '0 ml';
  if (units === 'metric') {
    const step = METRIC_STEPS.find(([belowMl]) => volumeMl < belowMl)![1];
    const rounded = nearestStep(volumeMl, step);
    return rounded >= 1000 ? `${Number((rounded / 1000).toFixed(2))} l` : `${rounded} ml`;
  }
  const { cupMl } = SPOONS[units];
  if (volumeMl < MANY_CUPS * cupMl) return nearestVolume(volumeMl, units);
  const cups = nearestStep(volumeMl / cupMl, 1 / 4);
  return `${fractionText(cups)} ${plural(cups, 'cup', 'cups')}`;
}

/** Less than this is spooned. */
const FEW_ML = 20;
/** From so many cups on quarters are near enough. */
const MANY_CUPS = 2.5;
/** Steps in which a jug is read, in ml: no step is more than a twentieth either way. */
const METRIC_STEPS: ReadonlyArray<readonly [belowMl: number, stepMl: number]> = [
  [100, 5],
  [250, 10],
  [500, 25],
  [Infinity, 50],
];

/** The plainest cup or spoon that is near enough, or else the nearest. */
function nearestVolume(volumeMl: number, units: Units): string {
  const off = (one: Candidate) => Math.abs(errorPct(one.massG, volumeMl));
  const found = volumeCandidates(volumeMl, 1, units, true);
  const all = [...found, ...found.flatMap(loosely)];
  const [nearest] = [...all].sort((a, b) => off(a) - off(b));
  return (found.find((one) => off(one) <= MEASURE_BOUND_PCT) ?? nearest)?.text ?? 'a few drops';
}

/**
 * A little of something to stir in by taste: the nearest spoon, where nothing has to be exact.
 * @param massG zero or more
 * @example showPinch(0.3, salt, 'metric') // 'a pinch'
 */
export function showPinch(massG: number, ingredient: Ingredient, units: Units): string {
  const teaspoons = massG / ingredient.densityGPerMl / SPOONS[units].tspMl;
  if (teaspoons < 0.09) return 'a pinch';
  if (teaspoons < 0.19) return '⅛ tsp';
  if (teaspoons < 3) return `${fractionText(Math.max(1, nearestStep(teaspoons, 1 / 4) * 4) / 4)} tsp`;
  const tablespoons = massG / ingredient.densityGPerMl / SPOONS[units].tbspMl;
  return `${fractionText(nearestStep(tablespoons, 1 / 2))} tbsp`;
}
