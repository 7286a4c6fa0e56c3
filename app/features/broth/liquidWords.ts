import type { Liquid } from '@elixa/contract';
import { capital, type PotFamily } from '@elixa/core';

/** Families of pot in a cook's words. */
export const FAMILY: Record<PotFamily, string> = {
  plainWater: 'plain-water pot',
  clear: 'clear pot',
  miso: 'miso pot',
  sukiyakiEast: 'sukiyaki, poured',
  sukiyakiWest: 'sukiyaki, seared',
  layered: 'layered leaves and meat',
  beefJeongol: 'marinated-beef jeongol',
  fishCakeJeongol: 'fish-cake jeongol',
  spicyStew: 'hot stew at the table',
  meatball: 'meatball pot',
  mushroom: 'mushroom pot',
  numbing: 'numbing-hot pot',
  divided: 'divided pot',
  soyMilk: 'soy-milk pot',
  souredPork: 'soured cabbage and pork',
  coconut: 'coconut chicken pot',
  satay: 'peanut and sesame pot',
  everything: 'everything pot',
  staged: 'any weeknight pot',
};

const names = (list: readonly string[]) => list.join(' and ');

/** What a liquid is called on its tab: for whom, where it is not for all. */
export function tabName({ kind, name, place, forGuests }: Liquid): string {
  if (place === 'otherHalf') return 'Other half';
  const what = kind === 'broth' ? 'Broth' : name;
  return forGuests ? `${what} for ${names(forGuests)}` : what;
}

/** The five tastes that a cook turns up or down, with the words for less and more. */
export const TASTES = [
  { key: 'salt', label: 'Salt', less: 'Milder', more: 'Stronger' },
  { key: 'sweet', label: 'Sweetness', less: 'Less sweet', more: 'Sweeter' },
  { key: 'sour', label: 'Sourness', less: 'Rounder', more: 'Sharper' },
  { key: 'heat', label: 'Heat', less: 'Less hot', more: 'Hotter' },
  { key: 'savour', label: 'Savour', less: 'Lighter', more: 'More savoury' },
] as const;

const STEP_WORDS: Record<number, string> = {
  [-3]: 'much less',
  [-2]: 'less',
  [-1]: 'a little less',
  0: 'as written',
  1: 'a little more',
  2: 'more',
  3: 'much more',
};

export const stepWords = (step: number): string => STEP_WORDS[step] ?? 'as written';

const WORDS_FROM = {
  sweet: ['not sweet', [0.4, 'a little sweet'], [2, 'sweet'], [8, 'very sweet']],
  sour: ['not sour', [0.15, 'a little sour'], [0.6, 'sharp'], [1.5, 'very sharp']],
  heat: ['not hot', [0.5, 'a little warmth'], [1.5, 'warm'], [2.5, 'hot'], [3.5, 'very hot']],
  savour: ['light', [0.08, 'round'], [0.3, 'full'], [1, 'deep']],
} as const;

/** How strong a taste is, in a word. */
export function tasteWord(key: keyof typeof WORDS_FROM, value: number): string {
  const [none, ...steps] = WORDS_FROM[key];
  return steps.reduce<string>((word, [from, next]) => (value >= from ? next : word), none);
}

/** The colour of a bowl, and what makes it so. */
export const colourWords = ({ word, from }: { word: string; from?: string }): string =>
  `${capital(word)} in the bowl${from ? `, most of it from ${from}` : ''}.`;

/** How long something keeps. */
export function keepsWords({
  fridgeDays,
  freezerMonths,
  how,
}: {
  fridgeDays: number;
  freezerMonths: number;
  how: string;
}): string {
  const fridge = fridgeDays === 0 ? '' : `${fridgeDays} ${fridgeDays === 1 ? 'day' : 'days'} in the fridge`;
  const freezer = freezerMonths === 0 ? '' : `${freezerMonths} ${freezerMonths === 1 ? 'month' : 'months'} frozen`;
  const spans = [fridge, freezer].filter(Boolean).join(', ');
  return spans ? `${spans}; ${how}` : how;
}

/** The strength of a liquid at the moment that its band belongs to: as it is made or poured, or at the table. */
export const judgedPct = (liquid: Pick<Liquid, 'judged' | 'salinityAsMadePct' | 'salinityPct'>): number =>
  liquid.judged === 'asMade' ? liquid.salinityAsMadePct : liquid.salinityPct;
