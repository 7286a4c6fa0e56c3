/** Scoville units in a liquid at which most people first notice heat, and the factor from one step to the next. */
const FIRST_NOTICED_SHU = 10;
const STEP = 3.2;
const HOTTEST = 5;

/**
 * Heat on the plain scale of 0 (none) to 5 (as hot as a table will eat), from the Scoville units of the liquid. The sense
 * of heat grows with the logarithm of capsaicin; the steps are a kitchen estimate, within one.
 * @param shu Scoville units of the liquid, zero or more
 * @returns 0 to 5
 * @example heatScale(0) // 0
 */
export function heatScale(shu: number): number {
  if (shu <= FIRST_NOTICED_SHU) return shu / FIRST_NOTICED_SHU / 2;
  return Math.min(HOTTEST, 0.5 + Math.log(shu / FIRST_NOTICED_SHU) / Math.log(STEP));
}
