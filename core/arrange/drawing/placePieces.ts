import type { Sector } from '@elixa/contract';
import { ingredientById } from '../../catalogue/ingredients';

export interface PlacedPiece {
  id: string;
  ingredientId: string;
  cut: string;
  x: number;
  y: number;
  radius: number;
  turnDeg: number;
  /** Of a pot with a wall. */
  side?: Sector['side'];
}

/** A steady number between 0 and 1 for a text: the same picture every time. */
function steady(text: string): number {
  let hash = 2166136261;
  for (const character of text) hash = Math.imul(hash ^ character.charCodeAt(0), 16777619);
  return ((hash >>> 0) % 10_000) / 10_000;
}

/** Radius of a piece as it lies, from its mass and thickness, in mm; kept between what can be told apart and what fits. */
export function pieceRadiusMm(ingredientId: string, cut: string): number {
  const { settledDensityGPerMl, cuts } = ingredientById(ingredientId);
  const found = cuts[cut];
  if (!found) return 12;
  const areaMm2 = (found.pieceG / settledDensityGPerMl / found.thicknessMm) * 1000;
  return Math.min(21, Math.max(12, Math.sqrt(areaMm2 / Math.PI)));
}

function pieceAt(sector: Sector, cut: string, index: number, angleDeg: number, distanceMm: number): PlacedPiece {
  const id = `${sector.ingredientId}-${sector.side ?? ''}${index}`;
  const jitter = steady(id) - 0.5;
  const radians = ((angleDeg - 90) * Math.PI) / 180;
  return {
    id,
    ingredientId: sector.ingredientId,
    ...(sector.side ? { side: sector.side } : {}),
    cut,
    x: Math.cos(radians) * distanceMm,
    y: Math.sin(radians) * distanceMm,
    radius: pieceRadiusMm(sector.ingredientId, cut),
    turnDeg: angleDeg + jitter * 36,
  };
}

const GAP = 1.55;

function ringPieces(sector: Sector, heartMm: number, wallMm: number): PlacedPiece[] {
  const cut = Object.keys(ingredientById(sector.ingredientId).cuts)[0] ?? '';
  const radius = pieceRadiusMm(sector.ingredientId, cut);
  const placed: PlacedPiece[] = [];
  const width = wallMm - heartMm;
  const rows = Math.max(1, Math.round(width / (radius * GAP)));
  for (let row = 0; row < rows; row += 1) {
    const distance =
      wallMm - radius * 0.85 - (rows === 1 ? width / 2 - radius : (row * (width - radius * 1.3)) / (rows - 1));
    const arcMm = (sector.sweepDeg * Math.PI * distance) / 180;
    const count = Math.max(1, Math.round(arcMm / (radius * GAP)));
    for (let index = 0; index < count; index += 1) {
      const angle = sector.startDeg + (sector.sweepDeg * (index + 0.5)) / count;
      placed.push(pieceAt(sector, cut, placed.length, angle, distance));
    }
  }
  return placed;
}

function heartPieces(sector: Sector, heartMm: number): PlacedPiece[] {
  const cut = Object.keys(ingredientById(sector.ingredientId).cuts)[0] ?? '';
  const radius = pieceRadiusMm(sector.ingredientId, cut);
  const placed: PlacedPiece[] = [];
  for (let ring = heartMm - radius * 0.6; ring > 0; ring -= radius * GAP) {
    const count = Math.max(1, Math.floor((2 * Math.PI * ring) / (radius * GAP)));
    for (let index = 0; index < count; index += 1) {
      placed.push(pieceAt(sector, cut, placed.length, (360 * index) / count + ring * 3, ring));
    }
  }
  placed.push(pieceAt(sector, cut, placed.length, 0, 0));
  return placed;
}

/** What is laid on top lies loosely over the middle. */
const TOP_REACHES = 0.42;

/** Radius of the middle, by the share of the surface that it is given; what lies under everything is not seen. */
export function heartRadiusMm(sectors: readonly Sector[], surfaceMm: number): number {
  const seen = sectors.filter((one) => one.zone !== 'bed' && one.zone !== 'top');
  const total = seen.reduce((sum, one) => sum + one.areaMm2, 0);
  const heart = seen.filter((one) => one.zone === 'heart').reduce((sum, one) => sum + one.areaMm2, 0);
  return surfaceMm * Math.sqrt(total > 0 ? heart / total : 0);
}

/** One thing fills the middle in rings; several share it like slices of a cake. */
function inHeart(sectors: readonly Sector[], heartMm: number): PlacedPiece[] {
  const [only, ...others] = sectors;
  if (!only) return [];
  if (others.length === 0) return heartPieces(only, heartMm);
  const total = sectors.reduce((sum, one) => sum + one.areaMm2, 0);
  let startDeg = 0;
  return sectors.flatMap((one) => {
    const sweepDeg = (one.areaMm2 / total) * 360;
    const slice = { ...one, startDeg, sweepDeg };
    startDeg += sweepDeg;
    return ringPieces(slice, 0, heartMm);
  });
}

/** A loose handful, each piece where chance would have it, the same every time. */
function topPieces(sector: Sector, reachMm: number): PlacedPiece[] {
  const cut = Object.keys(ingredientById(sector.ingredientId).cuts)[0] ?? '';
  return Array.from({ length: TOP_PIECES }, (_, index) => {
    const angle = (360 * (index + steady(`${sector.ingredientId}${index}`))) / TOP_PIECES;
    return pieceAt(sector, cut, index, angle, reachMm * (0.25 + 0.75 * steady(`${index}${sector.ingredientId}`)));
  });
}
const TOP_PIECES = 7;

/**
 * Pieces of every bunch, lying as a cook lays them: in rows round the wall, the heart in rings.
 * @param surfaceMm radius of the surface that food may cover, in mm
 */
export function placePieces(sectors: readonly Sector[], surfaceMm: number): PlacedPiece[] {
  const heartMm = heartRadiusMm(sectors, surfaceMm);
  return [
    ...sectors.filter((one) => one.zone === 'ring').flatMap((one) => ringPieces(one, heartMm, surfaceMm)),
    ...inHeart(
      sectors.filter((one) => one.zone === 'heart'),
      heartMm,
    ),
    ...sectors.filter((one) => one.zone === 'top').flatMap((one) => topPieces(one, surfaceMm * TOP_REACHES)),
  ];
}
