import type { Placement, Vessel } from '@elixa/contract';
import type { Catalogue } from '../../catalogue/catalogue';
import { outlineFor, placeOf, type Point } from '../outline';
import { pieceOf, type Piece } from '../pieces';
import { radiusAtMm, widthShareAt } from '../vesselShape';
import { cutKey, layersOf, type Buildable, type Layer } from './fromAbove';
import { steady } from './layPieces';
import type { DrawnLook } from './lookOf';

/** A piece of a pot that is cut through: as wide as it is, and as high as it lies. */
export interface SidePiece extends DrawnLook {
  id: string;
  bunchId: string;
  cutKey: string;
  x: number;
  /** Upwards from the floor as negative numbers. */
  y: number;
  /** Half of its drawing across and up, in mm. */
  radius: number;
  radiusUp: number;
  turnDeg: number;
}

/** A block of a stack that is cut through: it leans outwards with the wall, so that its foot stands nearer to the middle. */
export interface StandingBlock {
  id: string;
  topFromX: number;
  topToX: number;
  footFromX: number;
  footToX: number;
}

/** A stretch of a pot that is cut through, with the bunch that lies in it. */
export interface CutRun {
  id: string;
  ingredientId: string;
  fromX: number;
  toX: number;
  fromMm: number;
  toMm: number;
}

/** A pot that is cut through the middle, with what lies and stands in it, in mm. */
export interface SideDrawing {
  /** Where it is cut: the direction of its right hand, clockwise from the back. */
  cutDeg: number;
  runs: CutRun[];
  pieces: SidePiece[];
  blocks: StandingBlock[];
  layers: Layer[];
}

const STEPS = 40;

/** How far the pot reaches from the middle along a cut, of its half length, at the rim. */
function reachOf({ outline = 'round', innerDiameterMm, innerBreadthMm = innerDiameterMm }: Vessel, cutDeg: number) {
  if (outline === 'round') return 1;
  const angle = (cutDeg * Math.PI) / 180;
  const [x, y] = [Math.abs(Math.sin(angle)), Math.abs(Math.cos(angle))];
  const across = innerBreadthMm / innerDiameterMm;
  return outline === 'oval' ? 1 / Math.hypot(x, y / across) : 1 / Math.max(x, y / across);
}

const halfAt = (vessel: Vessel, heightMm: number, cutDeg: number) =>
  radiusAtMm(vessel, heightMm) * reachOf(vessel, cutDeg);

/** The inside of a pot up to a height, as a closed path in mm; heights are negative. */
export function outlineOf(vessel: Vessel, upToMm: number, cutDeg = 90): string {
  const heights = Array.from({ length: STEPS + 1 }, (_, index) => upToMm * (index / STEPS) ** 1.6);
  const at = (height: number, side: number) =>
    `${(side * halfAt(vessel, height, cutDeg)).toFixed(1)} ${(-height).toFixed(1)}`;
  const right = heights.map((height) => at(height, 1));
  const left = heights.map((height) => at(height, -1)).reverse();
  return `M${[...left, ...right].join('L')}Z`;
}

/** The wall from rim to rim, open at the top. */
export const wallLineOf = (vessel: Vessel, cutDeg = 90) =>
  outlineOf(vessel, vessel.innerDepthMm, cutDeg).replace('Z', '');

const SAMPLE_MM = 3;
/** What is cut through by less than this is not seen. */
const LEAST_RUN_MM = 8;

const within = (deg: number, startDeg: number, sweepDeg: number) =>
  sweepDeg >= 360 || (((deg - startDeg) % 360) + 360) % 360 <= sweepDeg;

/** Stretches of each placement along a cut through the middle. */
function runsAlong(vessel: Vessel, placements: readonly Placement[], cutDeg: number): CutRun[] {
  const angle = (cutDeg * Math.PI) / 180;
  const half = halfAt(vessel, vessel.innerDepthMm, cutDeg);
  const count = Math.floor((2 * half) / SAMPLE_MM);
  const samples = Array.from({ length: count + 1 }, (_, index) => -half + index * SAMPLE_MM);
  const sides = [...new Set(placements.map((one) => one.side))];
  const places = sides.map((side) => {
    const outline = outlineFor(vessel, side);
    return samples.map((x) => {
      const point: Point = { x: Math.sin(angle) * x, y: -Math.cos(angle) * x };
      return placeOf(outline, point);
    });
  });
  return placements.flatMap((one): CutRun[] => {
    const { region } = one;
    if (!region || one.place === 'stack' || one.place === 'beside') return [];
    const mine = places[sides.indexOf(one.side)]!;
    const isIn = mine.map(
      ({ share, turnDeg }) =>
        share <= Math.min(1, region.toShare) + 1e-6 &&
        share >= region.fromShare - 1e-6 &&
        within(turnDeg, region.startDeg, region.sweepDeg),
    );
    const runs: CutRun[] = [];
    for (let from = 0; from < samples.length; from += 1) {
      if (!isIn[from]) continue;
      let to = from;
      while (to + 1 < samples.length && isIn[to + 1]) to += 1;
      if ((to - from) * SAMPLE_MM >= LEAST_RUN_MM) {
        const { id, ingredientId, fromMm, toMm } = one;
        runs.push({ id, ingredientId, fromX: samples[from]!, toX: samples[to]!, fromMm, toMm });
      }
      from = to;
    }
    return runs;
  });
}

const CUTS = 36;

/** The direction of the cut through the middle that shows most of what is in the pot. */
export function bestCutDeg(vessel: Vessel, placements: readonly Placement[]): number {
  // A divided pot is cut across its wall, and one that is not round along its length, so that it is known again.
  if (placements.some((one) => one.side) || (vessel.outline ?? 'round') !== 'round') return 90;
  let best = { cutDeg: 90, shows: -1 };
  for (let index = 0; index < CUTS; index += 1) {
    const cutDeg = (90 + (index * 180) / CUTS) % 180;
    const runs = runsAlong(vessel, placements, cutDeg);
    const shows = [...new Set(runs.map((one) => one.id))].reduce((sum, id) => {
      const widest = Math.max(...runs.filter((one) => one.id === id).map((one) => one.toX - one.fromX));
      return sum + 1 + Math.min(1, widest / 60);
    }, 0);
    if (shows > best.shows + 1e-9) best = { cutDeg, shows };
  }
  return best.cutDeg;
}

/** Leaves, sprigs and tufts stand as they fall; the rest lies flat. */
const STANDS_FROM_GAPS = 0.55;
const LEAST_ROW_MM = 8;

/** Pieces of a bunch in the stretch that is cut through, in rows from below. */
function fillRun(run: CutRun, piece: Piece, cut: string): SidePiece[] {
  const { form } = piece;
  const heightMm = run.toMm - run.fromMm;
  const widthMm = run.toX - run.fromX;
  const isLoose = form.gaps >= STANDS_FROM_GAPS;
  const unit = piece.alongMm / 2 / form.along;
  const lies = Math.max(LEAST_ROW_MM, piece.heightMm / (1 - form.gaps / 2));
  const rowMm = isLoose ? Math.max(LEAST_ROW_MM * 1.6, Math.min(heightMm, piece.alongMm * 0.55)) : lies;
  const rows = Math.max(1, Math.round(heightMm / rowMm));
  const stepMm = piece.acrossMm * form.exposed[1];
  const columns = Math.max(1, Math.round(widthMm / stepMm));
  const upMm = Math.min((heightMm / rows) * (isLoose ? 1.5 : 1.15), isLoose ? piece.alongMm : Infinity);
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: columns }, (__, column): SidePiece => {
      const by = (what: string) => steady(`${run.id}${cut}${what}${row}-${column}`) - 0.5;
      const shift = row % 2 === 0 ? 0.5 : 0.5 + (columns > 1 ? 0.22 : 0);
      const along = Math.min(0.98, Math.max(0.02, (column + shift + by('x') * 0.2) / columns));
      return {
        id: `${run.id}-${cut}-${run.fromX}-${row}-${column}`,
        bunchId: run.id,
        cutKey: cutKey(run.ingredientId, cut),
        glyph: piece.glyph,
        glaze: piece.glaze,
        x: run.fromX + widthMm * along,
        y: -(run.fromMm + (heightMm * (row + 0.5)) / rows),
        radius: Math.min(unit, (widthMm * 0.62) / form.across),
        radiusUp: upMm / 2 / form.along,
        turnDeg: by('t') * (isLoose ? 40 : 10),
      };
    }),
  ).flat();
}

/** Where the foot of a block is measured, of its height: it stands on the bed and not on the floor. */
const FOOT_AT = 0.12;

/** Blocks of a stack from the hole to the wall, on both sides. */
function blocksOf(vessel: Vessel, { stacks }: Buildable): StandingBlock[] {
  if (!stacks) return [];
  const half = vessel.innerDiameterMm / 2;
  const leans =
    widthShareAt(vessel, stacks.cutWidthMm * FOOT_AT) / Math.max(1e-6, widthShareAt(vessel, stacks.cutWidthMm));
  return ([-1, 1] as const).flatMap((side) =>
    stacks.rows.map((row, index) => {
      const edges = [side * row.fromShare * half, side * row.toShare * half].sort((a, b) => a - b) as [number, number];
      const [from, to] = edges;
      return { id: `${side}-${index}`, topFromX: from, topToX: to, footFromX: from * leans, footToX: to * leans };
    }),
  );
}

/**
 * What is seen in a pot that is cut through the middle, to scale.
 * @param cutDeg direction of its right hand, clockwise from the back; the one that shows most where none is given
 */
export function drawFromSide(
  catalogue: Catalogue,
  vessel: Vessel,
  build: Buildable,
  cutDeg = bestCutDeg(vessel, build.placements),
): SideDrawing {
  const { placements } = build;
  const pieces = placements.flatMap((one) => {
    const piece = pieceOf(catalogue.byId(one.ingredientId), one.cut);
    return runsAlong(vessel, [one], cutDeg).flatMap((run) => fillRun(run, piece, one.cut));
  });
  return {
    cutDeg,
    runs: runsAlong(vessel, placements, cutDeg),
    pieces,
    blocks: blocksOf(vessel, build),
    layers: layersOf(catalogue, build),
  };
}
