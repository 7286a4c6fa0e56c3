import type { SimmerPiece } from '@elixa/contract';
import { STACK_TAKES_MIN, type AdditionWindow, type CookingWay } from '../catalogue/cooking';
import { reboilS, timeToBoilS } from '../heat/burner';
import { freezingOf, specificHeatJPerKgK, thermalOf } from '../heat/composition';
import { goesInAs } from '../heat/foodBody';
import { KEPT_C } from '../heat/givens';
import { slowerBy } from '../heat/slowerBy';
import { sum } from '../measures/sum';
import type { AdditionModel, Load, PanContext } from './additionModel';

/** The row of times that each way of cooking is read from. What browns first goes on in the pot. */
const ROW: Record<SimmerPiece['way'], CookingWay> = {
  simmered: 'simmered',
  stacked: 'simmered',
  fried: 'simmered',
  swished: 'swished',
  seared: 'seared',
};

/** What is frozen is described as it is thawed at this temperature, in °C. */
const THAWED_C = 45;

const stacked = (window: AdditionWindow): AdditionWindow => ({
  ...window,
  leastMin: window.leastMin + STACK_TAKES_MIN.least,
  bestMin: window.bestMin + STACK_TAKES_MIN.best,
  mostMin: window.mostMin + STACK_TAKES_MIN.most,
  safeMin: window.safeMin > 0 ? window.safeMin + STACK_TAKES_MIN.least : 0,
});

/** Heat that a cold load takes to the boil, in J. */
const heatDrawnJ = (loads: readonly Load[], pan: PanContext): number =>
  sum(
    loads.map(({ ingredientId, cut = '', massG: weighedG }) => {
      const what = pan.catalogue.byId(ingredientId);
      const { kept } = what;
      const { soaks = 1 } = what.cuts[cut] ?? {};
      const composition = goesInAs(what, { soaks });
      const massG = weighedG * soaks;
      const fromC = KEPT_C[kept];
      const cp = specificHeatJPerKgK(composition, (Math.max(0, fromC) + pan.boilingC) / 2);
      if (kept !== 'freezer') return (massG / 1000) * cp * (pan.boilingC - fromC);
      const { enthalpyJPerKg } = freezingOf(composition, { ...thermalOf(composition, THAWED_C), cp });
      return (massG / 1000) * (enthalpyJPerKg(pan.boilingC) - enthalpyJPerKg(fromC));
    }),
  );

/** The addition model that reads times from the rows of the ingredients and scales them to the altitude. */
export const timesTable: AdditionModel = {
  id: 'table of times',
  cookWindow(ingredientId, cut, pan, way = 'simmered') {
    const row = pan.catalogue.byId(ingredientId).cuts[cut]?.cooks?.[ROW[way]];
    if (!row) throw new RangeError(`No time is known for ${ingredientId} cut as "${cut}", ${way}`);
    const window = way === 'stacked' ? stacked(row) : row;
    // A hot pan is as hot on a mountain.
    const secondsPerMinute = 60 * (way === 'seared' ? 1 : slowerBy(window, pan.boilingC));
    return {
      leastS: window.leastMin * secondsPerMinute,
      bestS: window.bestMin * secondsPerMinute,
      mostS: window.mostMin * secondsPerMinute,
      safeS: window.safeMin * secondsPerMinute,
      sign: window.sign,
    };
  },
  toBoilS: (brothMl, pan, { fromC, loads, panIsHot }) =>
    timeToBoilS({ ...pan, brothMl, fromC: Math.min(fromC, pan.boilingC), panIsHot }) +
    (loads.length > 0 ? reboilS({ ...pan, heatDrawnJ: heatDrawnJ(loads, pan) }) : 0),
  recoveryS: (loads, pan) => reboilS({ ...pan, heatDrawnJ: heatDrawnJ(loads, pan) }),
};
