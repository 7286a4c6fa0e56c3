import type { Sector, Vessel } from '@elixa/contract';
import { ingredientById } from '../../catalogue/ingredients';
import { placeBlocks, type Block } from './blocks';
import { lookOf, type DrawnLook } from './lookOf';
import { heartRadiusMm, placePieces, type PlacedPiece } from './placePieces';

export interface DrawnPiece extends PlacedPiece, DrawnLook {}

/** What lies in a stack. */
export interface Layer {
  ingredientId: string;
  glaze: string;
}

/** A pot as somebody sees it who bends over it: everything in mm from its middle, ready to be drawn. */
export interface PotDrawing {
  vessel: Pick<Vessel, 'name' | 'innerDiameterMm' | 'material' | 'divided'>;
  surfaceMm: number;
  pieces: DrawnPiece[];
  blocks: Block[];
  layers: Layer[];
  /** Everything that is drawn, by name; each once. */
  names: Array<{ ingredientId: string; name: string }>;
}

/** Food covers so much of the pot's width. */
const SURFACE = 0.95;

/**
 * Where every piece lies, and how it looks.
 * @param sectors bunches as they are arranged, with their shares of the surface
 */
export function drawFromAbove(vessel: Vessel, sectors: readonly Sector[]): PotDrawing {
  const surfaceMm = (vessel.innerDiameterMm / 2) * SURFACE;
  const stacked = sectors.filter((one) => one.zone === 'stack');
  const { name, innerDiameterMm, material, divided } = vessel;
  return {
    vessel: { name, innerDiameterMm, material, divided },
    surfaceMm,
    pieces: placePieces(sectors, surfaceMm).map((one) => ({ ...one, ...lookOf(one.ingredientId, one.cut) })),
    blocks: stacked.length > 0 ? placeBlocks(surfaceMm * 0.98, heartRadiusMm(sectors, surfaceMm)) : [],
    layers: stacked.map(({ ingredientId }) => ({ ingredientId, glaze: lookOf(ingredientId).glaze })),
    names: [...new Set(sectors.map((one) => one.ingredientId))].map((ingredientId) => ({
      ingredientId,
      name: ingredientById(ingredientId).name,
    })),
  };
}
