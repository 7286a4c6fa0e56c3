import type { Vessel } from '@elixa/contract';

/**
 * Exponent p of the wall r(z) = R·(z/d)^p that makes a pot of this width and depth hold the volume it is said to hold:
 * V = πR²d/(2p + 1). Zero is a straight wall; a bowl has about a third to one half.
 */
export function wallExponent(vessel: Vessel): number {
  const cylinderMl = (Math.PI * (vessel.innerDiameterMm / 2) ** 2 * vessel.innerDepthMm) / 1000;
  return Math.max(0, (cylinderMl / vessel.rimVolumeMl - 1) / 2);
}

/**
 * Inside radius at a height over the bottom.
 * @returns mm
 */
export function radiusAtMm(vessel: Vessel, heightMm: number): number {
  const share = Math.min(1, Math.max(0, heightMm / vessel.innerDepthMm));
  return (vessel.innerDiameterMm / 2) * share ** wallExponent(vessel);
}

/**
 * Volume below a height: V(z) = V_rim·(z/d)^(2p+1). The inverse of `heightAtMm`.
 * @returns ml
 * @example volumeBelowMl(pot, pot.innerDepthMm) === pot.rimVolumeMl
 */
export function volumeBelowMl(vessel: Vessel, heightMm: number): number {
  const share = Math.min(1, Math.max(0, heightMm / vessel.innerDepthMm));
  return vessel.rimVolumeMl * share ** (2 * wallExponent(vessel) + 1);
}

/**
 * Height that a volume reaches in the pot; what a dipstick would show.
 * @returns mm
 */
export function heightAtMm(vessel: Vessel, volumeMl: number): number {
  const share = Math.min(1, Math.max(0, volumeMl / vessel.rimVolumeMl));
  return vessel.innerDepthMm * share ** (1 / (2 * wallExponent(vessel) + 1));
}

/**
 * Room that stays free below the rim for foam: a sixth of the depth, at least 12 mm. Kitchen estimate; a cook's rule is
 * to fill a pot to seven or eight tenths.
 * @returns mm
 */
export function headroomMm(vessel: Vessel): number {
  return Math.max(12, vessel.innerDepthMm / 6);
}

/** Volume that broth and food together may fill, in ml. */
export function usableVolumeMl(vessel: Vessel): number {
  return volumeBelowMl(vessel, vessel.innerDepthMm - headroomMm(vessel));
}
