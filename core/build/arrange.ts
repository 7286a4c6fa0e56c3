import type { Sector, Vessel } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Helping } from '../diners/helpings';
import { radiusAtMm } from './vesselShape';

/** Families round the wall, so that neighbours differ in colour. */
const ROUND_THE_WALL = [
  'leaf',
  'root',
  'tofu',
  'mushroom',
  'allium',
  'fish',
  'shellfish',
  'grain',
  'egg',
  'meat',
  'poultry',
] as const;

const volumeMl = (one: Helping) => one.massG / ingredientById(one.ingredientId).settledDensityGPerMl;

function alternate(ring: readonly Helping[]): Helping[] {
  const rank = (one: Helping) =>
    ROUND_THE_WALL.indexOf(ingredientById(one.ingredientId).family as (typeof ROUND_THE_WALL)[number]);
  const sorted = [...ring].sort((a, b) => rank(a) - rank(b));
  const half = Math.ceil(sorted.length / 2);
  return sorted.slice(0, half).flatMap((one, index) => {
    const opposite = sorted[half + index];
    return opposite ? [one, opposite] : [one];
  });
}

/**
 * Where each thing lies in the pot seen from above: bunches round the wall, the best piece in the middle, each with the
 * share of the surface that its volume asks for.
 * @param fillHeightMm height of the surface over the bottom
 * @returns angles in degrees clockwise from the top, areas in mm²; the areas add up to the surface
 */
export function arrange(vessel: Vessel, pieces: readonly Helping[], fillHeightMm: number): Sector[] {
  const surfaceMm2 = Math.PI * radiusAtMm(vessel, fillHeightMm) ** 2;
  const totalMl = pieces.reduce((sum, one) => sum + volumeMl(one), 0);
  if (totalMl === 0) return [];
  const ring = alternate(pieces.filter((one) => one.zone === 'ring'));
  const ringMl = ring.reduce((sum, one) => sum + volumeMl(one), 0);
  let angleDeg = 0;
  const sectors: Sector[] = pieces.filter((one) => one.zone === 'heart').map((one) => sector(one, 'heart', 0, 360));
  for (const one of ring) {
    const sweepDeg = (volumeMl(one) / ringMl) * 360;
    sectors.push(sector(one, 'ring', angleDeg, sweepDeg));
    angleDeg += sweepDeg;
  }
  return sectors;

  function sector(one: Helping, zone: Sector['zone'], startDeg: number, sweepDeg: number): Sector {
    const areaMm2 = (volumeMl(one) / totalMl) * surfaceMm2;
    return { ingredientId: one.ingredientId, zone, startDeg, sweepDeg, areaMm2, heightMm: fillHeightMm };
  }
}
