import { mouthAreaMm2, type Vessel } from '@elixa/contract';

/** What is measured of a pot's inside; all of its shape follows from it. */
export type VesselInside = Pick<
  Vessel,
  'outline' | 'innerDiameterMm' | 'innerBreadthMm' | 'baseDiameterMm' | 'innerDepthMm' | 'rimVolumeMl'
>;

/** The wall of a pot: at a height z of its depth d it is s = base + (1 − base)·(z/d)^bend of its width at the rim. */
export interface Wall {
  base: number;
  bend: number;
}

/** How much narrower the bottom of a bowl is the less it holds of a straight wall's volume. Kitchen estimate, 1.4-2. */
const BASE_BY_FILL = 1.7;
/** A wall that bends more than this is a step. */
const MOST_BEND = 30;

const straightMl = (vessel: VesselInside) => (mouthAreaMm2(vessel) * vessel.innerDepthMm) / 1000;

/**
 * The wall that makes a pot of this width and depth hold the volume that it is said to hold. The volume below the rim is
 * A·d·(b² + 2b(1−b)/(p+1) + (1−b)²/(2p+1)) for a base b and a bend p; for a bottom that was measured, or else the usual one
 * of a pot that holds so much, p is the positive root of a quadratic.
 * @returns shares of the width at the rim; a straight wall has a base of 1
 * @example wallOf({ innerDiameterMm: 200, innerDepthMm: 100, rimVolumeMl: 3142 }).base // 1
 */
export function wallOf(vessel: VesselInside): Wall {
  const fill = Math.min(1, vessel.rimVolumeMl / straightMl(vessel));
  const measured = vessel.baseDiameterMm && vessel.baseDiameterMm / vessel.innerDiameterMm;
  const base = measured ?? fill ** BASE_BY_FILL;
  if (fill >= 1 - 1e-9 || base >= 1 - 1e-9) return { base: 1, bend: 0 };
  const more = fill - base ** 2;
  if (more <= 0) return { base, bend: MOST_BEND };
  const half = 3 * more - (1 - base) * (1 + 3 * base);
  const bend = (-half + Math.sqrt(half ** 2 + 8 * more * (1 - fill))) / (4 * more);
  return { base, bend: Math.min(MOST_BEND, bend) };
}

const share = (vessel: VesselInside, heightMm: number) => Math.min(1, Math.max(0, heightMm / vessel.innerDepthMm));

/**
 * How wide the pot is at a height over the bottom, of its width at the rim.
 * @returns 0 to 1
 */
export function widthShareAt(vessel: VesselInside, heightMm: number, { base, bend }: Wall = wallOf(vessel)): number {
  return base + (1 - base) * share(vessel, heightMm) ** bend;
}

/**
 * Half of its width at a height over the bottom; of a pot that is not round along its longer side.
 * @returns mm
 */
export const radiusAtMm = (vessel: VesselInside, heightMm: number): number =>
  (vessel.innerDiameterMm / 2) * widthShareAt(vessel, heightMm);

/** Area of a level surface at a height, in mm². */
export const areaAtMm2 = (vessel: VesselInside, heightMm: number): number =>
  mouthAreaMm2(vessel) * widthShareAt(vessel, heightMm) ** 2;

/** Share of the straight wall's volume that lies below a share of the depth. */
function belowShare(t: number, { base, bend }: Wall): number {
  return (
    base ** 2 * t +
    (2 * base * (1 - base) * t ** (bend + 1)) / (bend + 1) +
    ((1 - base) ** 2 * t ** (2 * bend + 1)) / (2 * bend + 1)
  );
}

/**
 * Volume up to a height and out to a share of the way to the rim, as a share of the straight wall's: the wall stands before
 * what would lie behind it, and over the rim it goes straight up.
 * @param toShare of the way from the middle to the rim
 */
export function insideShare(
  vessel: VesselInside,
  heightMm: number,
  toShare: number,
  wall: Wall = wallOf(vessel),
): number {
  const t = Math.max(0, heightMm / vessel.innerDepthMm);
  // Where the wall comes to be so wide.
  const reach =
    toShare >= 1 || wall.base >= 1 ? Infinity : Math.max(0, (toShare - wall.base) / (1 - wall.base)) ** (1 / wall.bend);
  const open = Math.min(t, 1, wall.base >= 1 ? 0 : reach);
  return belowShare(open, wall) + Math.min(1, toShare) ** 2 * (t - open);
}

/**
 * Volume below a height. The inverse of `heightAtMm`.
 * @returns ml
 * @example volumeBelowMl(pot, pot.innerDepthMm) === pot.rimVolumeMl
 */
export function volumeBelowMl(vessel: VesselInside, heightMm: number): number {
  const wall = wallOf(vessel);
  return vessel.rimVolumeMl * (belowShare(share(vessel, heightMm), wall) / belowShare(1, wall));
}

/**
 * Height that a volume reaches in the pot: what a ruler would show that is held to the bottom.
 * @returns mm
 */
export function heightAtMm(vessel: VesselInside, volumeMl: number): number {
  const wall = wallOf(vessel);
  const wanted = Math.min(1, Math.max(0, volumeMl / vessel.rimVolumeMl)) * belowShare(1, wall);
  if (wanted <= 0) return 0;
  // The curve bends one way only: from the rim every step of Newton's ends above the answer and below the last.
  let t = 1;
  for (let step = 0; step < 60; step += 1) {
    const next = t - (belowShare(t, wall) - wanted) / (wall.base + (1 - wall.base) * t ** wall.bend) ** 2;
    if (t - next < 1e-12) break;
    t = next;
  }
  return vessel.innerDepthMm * t;
}

/** Share of the depth that stays free over a plain broth. Kitchen estimate; a cook's rule is to fill a pot to seven or eight tenths. */
const HEADROOM_SHARE = 1 / 6;
const LEAST_HEADROOM_MM = 12;

/**
 * Room that stays free below the rim for foam: a share of the depth by the kind of liquid, at least 12 mm.
 * @param share a sixth where nothing is said
 * @returns mm
 */
export const headroomMm = (vessel: VesselInside, share = HEADROOM_SHARE): number =>
  Math.max(LEAST_HEADROOM_MM, vessel.innerDepthMm * share);

/** Volume that broth and food together may fill, in ml; for a liquid that foams more, with more headroom. */
export const usableVolumeMl = (vessel: VesselInside, headroomShare?: number): number =>
  volumeBelowMl(vessel, vessel.innerDepthMm - headroomMm(vessel, headroomShare));
