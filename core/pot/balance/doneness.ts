import { cookRate, lethalRate } from '../../doneness/cookValue';
import { isSafe } from '../../doneness/wanted';
import { isOver, isReady } from '../food';
import type { Lying } from '../lying';

/** How far a piece has come in a step, by the mean of its middles before and after it; when it became safe, ready and past it. */
export function stepDoneness(one: Lying, atS: number, stepS: number): void {
  const { cooked } = one;
  const { wanted } = one.known;
  const { measure } = wanted;
  const meanC = (one.wasC + one.mean.centreC) / 2;
  const largestC = (one.wasLargestC + one.largestC) / 2;
  if (measure.is === 'cookValue') {
    cooked.hadMin += cookRate(meanC, measure.zC) * stepS;
    cooked.largestCookValueMin += cookRate(largestC, measure.zC) * stepS;
  } else if (meanC >= measure.centreC) {
    cooked.hadMin += stepS / 60;
  }
  cooked.lethalityMin += lethalRate(largestC) * stepS;
  cooked.hottestC = Math.max(cooked.hottestC, largestC, one.largestC);
  cooked.meanHottestC = Math.max(cooked.meanHottestC, one.mean.centreC);
  if (one.safeAtS === undefined && isSafe(wanted, cooked)) one.safeAtS = atS;
  if (one.readyAtS === undefined && isReady(one, wanted)) one.readyAtS = atS;
  if (one.overAtS === undefined && isOver(one, wanted)) one.overAtS = atS;
}
