import { ADDITION_TIMES, type AdditionWindow } from '../catalogue/additionTimes';
import { ingredientById } from '../catalogue/ingredients';
import { recoveryS, timeToBoilS } from '../heat/burner';
import { specificHeatJPerKgK } from '../heat/composition';
import type { AdditionModel } from './additionModel';

const KEPT_C = { fridge: 5, room: 20 } as const;
/** Temperature of a broth that was made a little earlier and stands strained. Kitchen estimate, 40-80 °C. */
const STANDING_BROTH_C = 60;

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
  if ('zC' in how) return 10 ** ((100 - boilingC) / how.zC);
  if (boilingC <= how.centreC + 0.5) {
    throw new RangeError(`Broth at ${boilingC.toFixed(1)} °C cannot bring a piece to ${how.centreC} °C`);
  }
  const climb = (bathC: number) => Math.log(((4 / Math.PI) * (bathC - KEPT_C.fridge)) / (bathC - how.centreC));
  return climb(boilingC) / climb(100);
}

/** The addition model that reads times from a table and scales them to the altitude. */
export const timesTable: AdditionModel = {
  id: 'table of times',
  cookWindow(ingredientId, cut, pan) {
    const window = ADDITION_TIMES[`${ingredientId}/${cut}`];
    if (!window) throw new RangeError(`No time is known for ${ingredientId} cut as "${cut}"`);
    const secondsPerMinute = 60 * slowerBy(window, pan.boilingC);
    return {
      leastS: window.leastMin * secondsPerMinute,
      bestS: window.bestMin * secondsPerMinute,
      mostS: window.mostMin * secondsPerMinute,
      safeS: window.safeMin * secondsPerMinute,
      sign: window.sign,
    };
  },
  toBoilS: (brothMl, pan) => timeToBoilS({ ...pan, brothMl, fromC: Math.min(STANDING_BROTH_C, pan.boilingC) }),
  recoveryS(loads, pan) {
    const heatDrawnJ = loads.reduce((sum, { ingredientId, massG }) => {
      const { composition, kept } = ingredientById(ingredientId);
      const fromC = KEPT_C[kept];
      const cp = specificHeatJPerKgK(composition, (fromC + pan.boilingC) / 2);
      return sum + (massG / 1000) * cp * (pan.boilingC - fromC);
    }, 0);
    return recoveryS({ ...pan, heatDrawnJ });
  },
};
