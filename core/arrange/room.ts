import { mouthAreaMm2, type Vessel } from '@elixa/contract';
import { crossing } from '../measures/crossing';
import { heightAtMm, insideShare, volumeBelowMl, wallOf } from './vesselShape';

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
  const upTo = (share: number) => insideShare(vessel, toMm, share, wall) - insideShare(vessel, fromMm, share, wall);
  return (mouthAreaMm2(vessel) * vessel.innerDepthMm * (upTo(toShare) - upTo(fromShare))) / 1000;
}

/** A height or a share is known to this. */
const EXACT = 1e-9;

/** The value between two at which a rising function comes to what is wanted; the nearer of the two where it does not. */
export const risesTo = (wanted: number, from: number, to: number, of: (value: number) => number): number =>
  crossing((value) => of(value) - wanted, from, to, EXACT);
