import type { ShownMeasure, Units } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { isPoured } from '../catalogue/poured';
import { fractionText } from './fraction';
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
      add(nearestStep(volumeMl, 25), 1, (ml) => `${Number((ml / 1000).toFixed(3))} l`);
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
    if (volumeMl < tbspMl * 1.2) add(nearestStep(volumeMl / tspMl, 1 / 4), tspMl, spoonLabel('tsp'));
    for (const tbsp of [1, 2, 3, 4, 5, 6, 7]) {
      const restTsp = nearestStep((volumeMl - tbsp * tbspMl) / tspMl, 1 / 4);
      if (restTsp > 0 && restTsp < 3) {
        add(1, tbsp * tbspMl + restTsp * tspMl, () => `${tbsp} tbsp + ${fractionText(restTsp)} tsp`);
      }
    }
  }
  return found;
}

/** Steps of kitchen scales, and below a gram of the spoon scales that weigh salt and spices. */
const GRAM_STEPS = [10, 5, 1, 0.5, 0.1, 0.05, 0.01];
/** Nobody weighs a few grams in steps of five: the coarsest step for a mass is about a tenth of it. */
const COARSEST_SHARE = 10;

/** Grams as a scale shows them, in the coarsest step that stays within the bound. */
function grams(massG: number, boundPct: number): Candidate {
  const fits = (step: number) =>
    massG >= step * COARSEST_SHARE - 1e-9 || step === 1
      ? Math.abs(errorPct(nearestStep(massG, step), massG)) <= boundPct
      : false;
  const step = GRAM_STEPS.find(fits) ?? 0.01;
  const rounded = Number(nearestStep(massG, step).toFixed(2));
  return { text: rounded >= 1000 ? `${Number((rounded / 1000).toFixed(2))} kg` : `${rounded} g`, massG: rounded };
}

function ounces(massG: number): Candidate[] {
  const step = massG < 4 * OUNCE_G ? 1 / 4 : massG < POUND_G ? 1 / 2 : 1;
  const count = nearestStep(massG / OUNCE_G, step);
  if (count <= 0) return [];
  const pounds = Math.floor(count / 16);
  const rest = count - pounds * 16;
  const text = pounds > 0 ? `${pounds} lb${rest > 0 ? ` ${fractionText(rest)} oz` : ''}` : `${fractionText(count)} oz`;
  return [{ text, massG: count * OUNCE_G }];
}

/** Wholes and halves of things that are counted: an egg, half a leek. */
function countCandidates(massG: number, ingredient: Ingredient): Candidate[] {
  const sold = ingredient.sold;
  if (!sold?.countable) return [];
  const count = nearestStep(massG / sold.massG, sold.smallestPart);
  if (count <= 0) return [];
  return [
    { text: `${fractionText(count)} ${plural(count, sold.unit, sold.unitPlural)}`.trim(), massG: count * sold.massG },
  ];
}

const errorPct = (shownG: number, exactG: number) => (exactG === 0 ? 0 : ((shownG - exactG) / exactG) * 100);

/**
 * The measure to show a cook for an exact mass: one that can be measured, within 5 % of the exact amount, or 3 % where
 * it carries salt. Where no spoon, cup, count or ounce comes that close, grams are shown.
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
  const byVolume = ingredient.byVolume || cutDensity !== undefined;
  const candidates = [
    ...countCandidates(massG, ingredient),
    ...(byVolume ? volumeCandidates(massG / densityGPerMl, densityGPerMl, units, isPoured(ingredient.id)) : []),
    ...(units === 'us' && !byVolume ? ounces(massG) : []),
  ];
  const chosen = candidates.find((one) => Math.abs(errorPct(one.massG, massG)) <= bound) ?? grams(massG, bound);
  return { text: chosen.text, errorPct: errorPct(chosen.massG, massG) };
}

/**
 * A volume of liquid in the cook's measures, for text where nothing has to be exact (how much stays in reserve).
 * @param volumeMl zero or more
 * @example showVolume(1337, 'metric') // '1.35 l'
 */
export function showVolume(volumeMl: number, units: Units): string {
  const step = units === 'metric' ? 50 : 0;
  if (units === 'metric') {
    const rounded = volumeMl < 100 ? nearestStep(volumeMl, 10) : nearestStep(volumeMl, step);
    return rounded >= 1000 ? `${Number((rounded / 1000).toFixed(2))} l` : `${rounded} ml`;
  }
  const { cupMl } = SPOONS[units];
  const cups = Math.max(1 / 4, nearestStep(volumeMl / cupMl, 1 / 4));
  return `${fractionText(cups)} ${plural(cups, 'cup', 'cups')}`;
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
