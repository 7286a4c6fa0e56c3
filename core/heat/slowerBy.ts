import type { AdditionWindow } from '../catalogue/cooking';
import { KEPT_C, WATER_BOILS_C } from './givens';

/**
 * How much longer a cut takes where water boils below 100 °C.
 *
 * Plants follow their z-value: 10^((100 − T) / z). Animal foods wait for the centre, whose temperature in a bath climbs
 * as one exponential: t ∝ ln[(4/π)(T_bath − T_start) / (T_bath − T_centre)], the first term of the slab series.
 * @param boilingC temperature of the simmering broth in °C
 * @returns 1 at 100 °C, more below
 * @throws RangeError when the broth cannot bring the centre to its temperature at all
 */
export function slowerBy(window: AdditionWindow, boilingC: number): number {
  const how = window.slowsBy;
  if ('zC' in how) return 10 ** ((WATER_BOILS_C - boilingC) / how.zC);
  if (boilingC <= how.centreC + 0.5) {
    throw new RangeError(`Broth at ${boilingC.toFixed(1)} °C cannot bring a piece to ${how.centreC} °C`);
  }
  const climb = (bathC: number) => Math.log(((4 / Math.PI) * (bathC - KEPT_C.fridge)) / (bathC - how.centreC));
  return climb(boilingC) / climb(WATER_BOILS_C);
}
