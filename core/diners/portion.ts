import type { Appetite, Diner } from '@elixa/contract';

/** Portions of a regular adult by appetite. Kitchen estimate: protein of 120 to 220 g a head spans the same range. */
const BY_APPETITE: Record<Appetite, number> = { small: 0.75, regular: 1, large: 1.3 };
/**
 * A child's share of an adult's helping, up to an age in years. Kitchen estimates after the reference energy needs of public
 * nutrition tables, within a quarter; somebody of fifteen eats as much as anybody.
 */
const CHILD_SHARE: ReadonlyArray<{ underYears: number; share: number }> = [
  { underYears: 1, share: 0.15 },
  { underYears: 4, share: 0.4 },
  { underYears: 7, share: 0.5 },
  { underYears: 11, share: 0.6 },
  { underYears: 15, share: 0.85 },
];
/** One whose age is not told is taken to be at primary school. */
const SOME_CHILD_YEARS = 8;

const childShare = ({ child, years = SOME_CHILD_YEARS }: Diner): number =>
  child ? (CHILD_SHARE.find(({ underYears }) => years < underYears)?.share ?? 1) : 1;

/**
 * How many regular adult portions one diner eats.
 * @example portionOf({ ...bram, appetite: 'large' }) // 1.3
 */
export function portionOf(diner: Diner): number {
  return BY_APPETITE[diner.appetite] * childShare(diner);
}

/** Finer than anybody weighs, so that it is no matter in which order people sit. */
const TO = 1e6;

/** Portions of several diners together, the same in whatever order. */
export const portionsOf = (diners: readonly Diner[]) =>
  Math.round(diners.reduce((sum, diner) => sum + portionOf(diner), 0) * TO) / TO;
