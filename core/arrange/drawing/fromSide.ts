import type { Build, Vessel } from '@elixa/contract';
import { ingredientById } from '../../catalogue/ingredients';
import { radiusAtMm } from '../vesselShape';
import { standBlocks, type StandingBlock } from './blocks';
import type { DrawnPiece, Layer } from './fromAbove';
import { lookOf } from './lookOf';
import { heartRadiusMm, pieceRadiusMm, type PlacedPiece } from './placePieces';

const STEPS = 24;

/** The inside of a pot up to a height, as a closed path in mm; heights are negative. */
export function outlineOf(vessel: Vessel, upToMm: number): string {
  const heights = Array.from({ length: STEPS + 1 }, (_, index) => (upToMm * index) / STEPS);
  const right = heights.map((height) => `${radiusAtMm(vessel, height).toFixed(1)} ${(-height).toFixed(1)}`);
  const left = heights.map((height) => `${(-radiusAtMm(vessel, height)).toFixed(1)} ${(-height).toFixed(1)}`).reverse();
  return `M${[...left, ...right].join('L')}Z`;
}

/** The wall from rim to rim, open at the top. */
export const wallLineOf = (vessel: Vessel) => outlineOf(vessel, vessel.innerDepthMm).replace('Z', '');

/** Hard things below, tender on top; as many of each as its share of the pot. */
const LAYER: Record<string, number> = {
  root: 0,
  poultry: 1,
  meat: 1,
  fish: 1,
  shellfish: 3,
  allium: 2,
  tofu: 2,
  mushroom: 3,
  leaf: 4,
};

/**
 * What lies in a pot that is cut through the middle: hard things below, tender on top, each as its share of the food.
 * @param halfMm how far it reaches from the middle, where stacks stand round it
 * @returns places in mm, heights upwards from the floor as negative numbers
 */
function layPieces(vessel: Vessel, build: Build, halfMm?: number): PlacedPiece[] {
  const spacing = 25;
  const rows = Math.max(1, Math.floor(build.fillHeightMm / 15));
  const slots = Array.from({ length: rows }, (_, row) => {
    const y = (build.fillHeightMm * (row + 0.5)) / rows;
    const half = Math.min(halfMm ?? Infinity, radiusAtMm(vessel, y) - 12);
    const count = Math.max(1, Math.floor((half * 2) / spacing));
    return Array.from({ length: count }, (__, index) => ({ x: -half + (half * 2 * (index + 0.5)) / count, y }));
  }).flat();
  const loose = build.sectors.filter((one) => one.zone !== 'stack');
  const total = loose.reduce((sum, one) => sum + one.areaMm2, 0);
  const sorted = [...loose].sort(
    (a, b) => (LAYER[ingredientById(a.ingredientId).family] ?? 2) - (LAYER[ingredientById(b.ingredientId).family] ?? 2),
  );
  let from = 0;
  return sorted.flatMap((sector) => {
    const to = Math.min(slots.length, from + (sector.areaMm2 / total) * slots.length);
    const own = slots.slice(Math.round(from), Math.round(to));
    from = to;
    const cut = Object.keys(ingredientById(sector.ingredientId).cuts)[0] ?? '';
    return own.map(({ x, y }, index) => ({
      id: `${sector.ingredientId}-${index}`,
      ingredientId: sector.ingredientId,
      cut,
      x,
      y: -y,
      radius: pieceRadiusMm(sector.ingredientId, cut) * 0.72,
      turnDeg: 0,
    }));
  });
}

/** A pot that is cut through the middle, with what lies and stands in it, in mm. */
export interface SideDrawing {
  pieces: DrawnPiece[];
  blocks: StandingBlock[];
  layers: Layer[];
}

/** What is seen in a pot that is cut through the middle. */
export function drawFromSide(vessel: Vessel, build: Build): SideDrawing {
  const radiusMm = vessel.innerDiameterMm / 2;
  const stacked = build.sectors.filter((one) => one.zone === 'stack');
  const heartMm = stacked.length > 0 ? heartRadiusMm(build.sectors, radiusMm) : undefined;
  return {
    pieces: layPieces(vessel, build, heartMm).map((one) => ({ ...one, ...lookOf(one.ingredientId, one.cut) })),
    blocks: heartMm === undefined ? [] : standBlocks(heartMm, radiusMm),
    layers: stacked.map(({ ingredientId }) => ({ ingredientId, glaze: lookOf(ingredientId).glaze })),
  };
}
