import type { Vessel } from '@elixa/contract';
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
