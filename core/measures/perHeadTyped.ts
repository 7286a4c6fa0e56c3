import type { Units } from '@elixa/contract';
import type { Ingredient } from '../catalogue/ingredient';
import { gramsTyped } from './gramsTyped';
import { parseAmount } from './parseAmount';
import { OUNCE_G } from './units';

/** No head eats more of one thing. */
export const MOST_PER_HEAD_G = 1000;

/**
 * Grams of what somebody typed for a head: by weight, spoon or cup, or counted in pieces as they are cut. A bare number is
 * in grams, and in ounces for a cook who measures by them.
 * @param pieceG mass of a piece as it is cut tonight
 * @returns undefined when it cannot be understood, or is more than anybody eats
 * @example perHeadTyped('3 pieces', shiitake, 'metric', 'cap', 18) // 54
 */
export function perHeadTyped(
  text: string,
  what: Ingredient,
  units: Units,
  cut?: string,
  pieceG?: number,
): number | undefined {
  const amount = parseAmount(text, units);
  const isBare = amount?.kind === 'count' && amount.of === undefined;
  const massG = isBare
    ? amount.count * (units === 'us' ? OUNCE_G : 1)
    : amount?.kind === 'count' && pieceG !== undefined
      ? amount.count * pieceG
      : gramsTyped(text, what, units, cut);
  return massG === undefined || massG > MOST_PER_HEAD_G ? undefined : massG;
}
