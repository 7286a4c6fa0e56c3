import type { Build, Vessel } from '@elixa/contract';
import { usableVolumeMl, volumeBelowMl } from './vesselShape';

/**
 * Broth in a pot from the height at which it stands, and the room that is left for more.
 * @param heightMm what a dipstick shows, from the bottom in the middle
 * @param foodMl settled volume of the food that lies in it
 * @param usableMl what the pot takes to its mark, where its liquid foams more than a plain broth
 * @returns ml, zero or more
 * @example brothAtLevel(clayPot, 40, 300).brothMl
 */
export function brothAtLevel(
  vessel: Vessel,
  heightMm: number,
  foodMl: number,
  usableMl = usableVolumeMl(vessel),
): { brothMl: number; roomMl: number } {
  const belowMl = volumeBelowMl(vessel, heightMm);
  return { brothMl: Math.max(0, belowMl - foodMl), roomMl: Math.max(0, usableMl - belowMl) };
}

/** What a ruler says of the fill and of the liquid may differ by so much where it covers the food, in mm. */
const COVERS_WITHIN_MM = 1;

/** Whether the liquid covers the food; or else the food stands out of it. */
export const isCovered = ({ liquidStandsMm, fillHeightMm }: Pick<Build, 'liquidStandsMm' | 'fillHeightMm'>): boolean =>
  liquidStandsMm >= fillHeightMm - COVERS_WITHIN_MM;

/**
 * How deep a ruler shows the liquid right after it is poured: alone, or between the food that lies in the pot by then.
 * @returns mm
 * @example pouredToMm(plan.build) // 33
 */
export function pouredToMm(build: Build): number {
  if (!build.laidFirst) return build.pourDepthMm;
  return isCovered(build) ? (build.levelAfterMin[0]?.depthMm ?? build.liquidStandsMm) : build.liquidStandsMm;
}
