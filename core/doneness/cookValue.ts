/** At this temperature a minute counts as a minute, in °C. */
const REFERENCE_C = 100;

/**
 * How much of a minute at 100 °C a second at a temperature is worth: 10^((T − 100)/z) / 60. Its sum over time is the cook
 * value C in minutes (Mansfield, 1962).
 * @param zC what makes it ten times faster, 17-33 °C for plants
 * @example cookRate(100, 25) * 60 // 1
 */
export const cookRate = (tempC: number, zC: number): number => 10 ** ((tempC - REFERENCE_C) / zC) / 60;

/** Lethality is counted in minutes at 70 °C, with a z-value of 7.5 °C: for Listeria, as food authorities advise it. */
const LETHAL = { referenceC: 70, zC: 7.5 } as const;
/** Two minutes at 70 °C through and through: a million times fewer Listeria. Usual advice of food authorities. */
export const ENOUGH_MIN = 2;

/**
 * How much of a minute at 70 °C a second is worth to what makes people ill: 10^((T − 70)/7.5) / 60.
 * @example lethalRate(77.5) * 60 // 10
 */
export const lethalRate = (tempC: number): number => 10 ** ((tempC - LETHAL.referenceC) / LETHAL.zC) / 60;
