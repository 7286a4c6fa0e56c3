import type { Sector, Vessel } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import type { Style } from '../catalogue/style';
import type { Helping } from '../diners/helpings';
import { isOn } from '../diners/sides';
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

/** Two things that must not touch lie across the pot from one another. */
function apart(ring: readonly Helping[], keepsApart: Style['keepsApart']): Helping[] {
  const of = (id: string) => ring.find((one) => one.slotId === id);
  const pair = keepsApart.map(({ a, b }) => [of(a), of(b)] as const).find(([a, b]) => a && b);
  if (!pair?.[0] || !pair[1]) return [...ring];
  const [a, b] = [pair[0], pair[1]];
  const others = ring.filter((one) => one !== a && one !== b);
  const halfMl = others.reduce((sum, one) => sum + volumeMl(one), 0) / 2;
  let beforeMl = 0;
  const near = others.filter((one) => {
    const isNear = beforeMl + volumeMl(one) / 2 <= halfMl;
    beforeMl += volumeMl(one);
    return isNear;
  });
  return [a, ...near, b, ...others.filter((one) => !near.includes(one))];
}

type Zone = Sector['zone'];

const ZONES: readonly Zone[] = ['bed', 'stack', 'ring', 'heart', 'top'];
const zoneOf = ({ place }: Helping): Zone => ZONES.find((zone) => zone === place) ?? 'ring';

/** Degrees at which each half of a pot with a wall begins: the first broth lies at the left. */
const HALF_FROM_DEG = { first: 180, second: 0 } as const;

/** In a pot with a wall every bunch lies round its own half; what goes into both lies in both. */
function inHalves(pieces: readonly Helping[], surfaceMm2: number, heightMm: number): Sector[] {
  return (['first', 'second'] as const).flatMap((side) => {
    const mine = alternate(pieces.filter((one) => isOn(one.where, side)));
    const shareMl = (one: Helping) => volumeMl(one) / (one.where === side ? 1 : 2);
    const sideMl = mine.reduce((sum, one) => sum + shareMl(one), 0);
    let startDeg: number = HALF_FROM_DEG[side];
    return mine.map((one): Sector => {
      const sweepDeg = (shareMl(one) / sideMl) * 180;
      const areaMm2 = (shareMl(one) / sideMl) * (surfaceMm2 / 2);
      const placed = {
        ingredientId: one.ingredientId,
        zone: 'ring' as const,
        startDeg,
        sweepDeg,
        areaMm2,
        heightMm,
        side,
      };
      startDeg += sweepDeg;
      return placed;
    });
  });
}

/**
 * Where each thing lies in the pot seen from above: a bed under all, stacks or bunches round the wall, the best piece in
 * the middle, what is laid on top; each with the share of the surface that its volume asks for. What goes round the wall
 * shares one turn; everything else lies all round.
 * @param fillHeightMm height of the surface over the bottom
 * @param keepsApart what must not touch
 * @returns angles in degrees clockwise from the top, areas in mm²; the areas add up to the surface
 */
export function arrange(
  vessel: Vessel,
  pieces: readonly Helping[],
  fillHeightMm: number,
  keepsApart: Style['keepsApart'] = [],
): Sector[] {
  const surfaceMm2 = Math.PI * radiusAtMm(vessel, fillHeightMm) ** 2;
  const totalMl = pieces.reduce((sum, one) => sum + volumeMl(one), 0);
  if (totalMl === 0) return [];
  if (pieces.some((one) => one.where)) return inHalves(pieces, surfaceMm2, fillHeightMm);
  const sector = (one: Helping, startDeg: number, sweepDeg: number): Sector => ({
    ingredientId: one.ingredientId,
    zone: zoneOf(one),
    startDeg,
    sweepDeg,
    areaMm2: (volumeMl(one) / totalMl) * surfaceMm2,
    heightMm: fillHeightMm,
  });
  const allRound = [...pieces]
    .filter((one) => zoneOf(one) !== 'ring')
    .sort((a, b) => ZONES.indexOf(zoneOf(a)) - ZONES.indexOf(zoneOf(b)))
    .map((one) => sector(one, 0, 360));
  const ring = apart(alternate(pieces.filter((one) => zoneOf(one) === 'ring')), keepsApart);
  const ringMl = ring.reduce((sum, one) => sum + volumeMl(one), 0);
  let angleDeg = 0;
  const round = ring.map((one) => {
    const sweepDeg = (volumeMl(one) / ringMl) * 360;
    const placed = sector(one, angleDeg, sweepDeg);
    angleDeg += sweepDeg;
    return placed;
  });
  return [...allRound, ...round];
}
