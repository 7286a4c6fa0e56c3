/** Share of the alcohol that stays, by minutes of simmering. USDA Table of Nutrient Retention Factors, Release 6. */
const RETAINED: ReadonlyArray<readonly [minutes: number, share: number]> = [
  [0, 0.85],
  [15, 0.4],
  [30, 0.35],
  [60, 0.25],
  [90, 0.2],
  [120, 0.1],
  [150, 0.05],
];

/**
 * Share of the alcohol that is still there after a time at the simmer. Alcohol that is only stirred into something hot
 * keeps 85 %; what is never heated keeps all of it.
 * @param minutes at the simmer; `undefined` for never heated
 * @returns 0.05 to 1
 * @example retainedAlcohol(30) // 0.35
 */
export function retainedAlcohol(minutes: number | undefined): number {
  if (minutes === undefined) return 1;
  const after = RETAINED.findIndex(([at]) => at >= minutes);
  if (after === -1) return RETAINED[RETAINED.length - 1]![1];
  if (after === 0) return RETAINED[0]![1];
  const [fromMin, fromShare] = RETAINED[after - 1]!;
  const [toMin, toShare] = RETAINED[after]!;
  return fromShare + ((minutes - fromMin) / (toMin - fromMin)) * (toShare - fromShare);
}
