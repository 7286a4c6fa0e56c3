import { mouthAreaMm2, type Vessel } from '@elixa/contract';
import { heightAtMm, volumeBelowMl, wallOf, widthShareAt } from './vesselShape';

/** Steps of Simpson's rule up a pot: its wall is smooth, and a tenth of a millilitre is not looked for. */
const STEPS = 24;

/** Volume up to a height that may lie over the rim, where food is heaped straight up, in ml. */
export function heapedBelowMl(vessel: Vessel, heightMm: number): number {
  const overMm = Math.max(0, heightMm - vessel.innerDepthMm);
  return volumeBelowMl(vessel, heightMm) + (overMm * mouthAreaMm2(vessel)) / 1000;
}

/** Height that so much food reaches; what is more than the pot holds is heaped straight up from its rim. */
export function heapedAtMm(vessel: Vessel, volumeMl: number): number {
  const overMl = Math.max(0, volumeMl - vessel.rimVolumeMl);
  return heightAtMm(vessel, volumeMl) + (overMl * 1000) / mouthAreaMm2(vessel);
}

/**
 * Volume between two heights and two shares of the way from the middle to the rim; the wall stands before what would lie
 * behind it.
 * @returns ml, all the way round
 */
export function ringMl(vessel: Vessel, fromMm: number, toMm: number, fromShare: number, toShare: number): number {
  if (toMm <= fromMm) return 0;
  const wall = wallOf(vessel);
  const area = mouthAreaMm2(vessel);
  const at = (heightMm: number) => {
    const width = widthShareAt(vessel, heightMm, wall);
    return area * (Math.min(width, toShare) ** 2 - Math.min(width, fromShare) ** 2);
  };
  const step = (toMm - fromMm) / STEPS;
  let total = at(fromMm) + at(toMm);
  for (let index = 1; index < STEPS; index += 1) total += at(fromMm + index * step) * (index % 2 === 1 ? 4 : 2);
  return (total * step) / 3 / 1000;
}

const HALVINGS = 40;

/** The value between two at which a rising function comes to what is wanted. */
export function risesTo(wanted: number, from: number, to: number, of: (value: number) => number): number {
  let [low, high] = [from, to];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (of(middle) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
