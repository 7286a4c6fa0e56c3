import type { Units } from '@elixa/contract';

/** Millilitres in the spoons and cups of each system of kitchen measures. Source: the systems' own definitions. */
export const SPOONS: Record<Units, { tspMl: number; tbspMl: number; cupMl: number }> = {
  metric: { tspMl: 5, tbspMl: 15, cupMl: 250 },
  us: { tspMl: 4.92892, tbspMl: 14.78676, cupMl: 236.58824 },
  eastAsian: { tspMl: 5, tbspMl: 15, cupMl: 200 },
};

/** Grams in an ounce and a pound (international avoirdupois). */
export const OUNCE_G = 28.349523;
export const POUND_G = 16 * OUNCE_G;
