import type { Appetite, Diner } from '@elixa/contract';

/** Portions of a regular adult by appetite. Kitchen estimate: protein of 120 to 220 g a head spans the same range. */
const BY_APPETITE: Record<Appetite, number> = { small: 0.75, regular: 1, large: 1.3 };
/** A child of primary-school age eats about six tenths of an adult. Kitchen estimate, 0.5-0.7. */
const CHILD_SHARE = 0.6;

/**
 * How many regular adult portions one diner eats.
 * @example portionOf({ ...bram, appetite: 'large' }) // 1.3
 */
export function portionOf(diner: Diner): number {
  return BY_APPETITE[diner.appetite] * (diner.child ? CHILD_SHARE : 1);
}

/** Portions of several diners together. */
export const portionsOf = (diners: readonly Diner[]) => diners.reduce((sum, diner) => sum + portionOf(diner), 0);
