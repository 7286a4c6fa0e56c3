import type { Liquid } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';

/** From how light a bowl is, 0 to 1, down: what a cook calls it. */
const BY_LIGHT = [
  [0.9, 'almost clear'],
  [0.8, 'pale straw'],
  [0.63, 'golden'],
  [0.54, 'amber'],
  [0.45, 'light brown'],
  [0.3, 'brown'],
  [0.2, 'dark brown'],
  [0, 'nearly black'],
] as const;

/** Bowls of a hue below this, in degrees, are red; soy is browner. */
const RED_TO_DEG = 26;
const RED_FROM_SATURATION = 0.35;
/** Of these nobody asks what coloured them. */
const PALE: readonly string[] = ['almost clear', 'pale straw'];
/** A part that brings so much of all colour is named. */
const NAMED_FROM = 0.5;

function hslOf(hex: string): { h: number; s: number; l: number } {
  const [r, g, b] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number];
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  const l = (most + least) / 2;
  if (most === least) return { h: 0, s: 0, l };
  const range = most - least;
  const sixth = most === r ? ((g - b) / range + 6) % 6 : most === g ? (b - r) / range + 2 : (r - g) / range + 4;
  return { h: sixth * 60, s: range / (1 - Math.abs(2 * l - 1)), l };
}

/**
 * The colour of a bowl in a cook's words.
 * @param hex `#rrggbb`, as `bowlColour` gives it
 * @example colourWord('#dec47d') // 'golden'
 */
export function colourWord(hex: string): string {
  const { h, s, l } = hslOf(hex);
  const word = BY_LIGHT.find(([from]) => l >= from)?.[1] ?? 'nearly black';
  const isRed = h < RED_TO_DEG && s >= RED_FROM_SATURATION && l >= 0.42 && l < 0.8;
  return isRed ? (l >= 0.54 ? 'orange red' : 'brick red') : word;
}

/**
 * The colour of a liquid in words, and what brings most of it: soy darkens more than anything else in a kitchen.
 * @returns without a cause where it is pale, or where no one part brings half of it
 */
export function colourOf(catalogue: Catalogue, { colour, ingredients }: Pick<Liquid, 'colour' | 'ingredients'>) {
  const word = colourWord(colour);
  const weights = ingredients.flatMap(({ ingredientId, massG }) => {
    const { name, tint } = catalogue.byId(ingredientId);
    return tint ? [{ name: name.split(',')[0]!, weight: tint.strength * massG }] : [];
  });
  const total = weights.reduce((sum, one) => sum + one.weight, 0);
  const most = weights.reduce((best, one) => (one.weight > best.weight ? one : best), { name: '', weight: 0 });
  const isNamed = !PALE.includes(word) && total > 0 && most.weight / total >= NAMED_FROM;
  return { word, ...(isNamed ? { from: most.name } : {}) };
}
