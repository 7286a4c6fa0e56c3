import type { Build, Placement, Vessel } from '@elixa/contract';
import type { Catalogue } from '../../catalogue/catalogue';
import { mouthOf, outlineFor, pointAt, wallLine, type Outline, type Point } from '../outline';
import { pieceOf, piecesOf } from '../pieces';
import { widthShareAt } from '../vesselShape';
import { layPieces } from './layPieces';
import { lookOf, type DrawnLook } from './lookOf';

/** One piece ready to be drawn. */
export interface DrawnPiece extends DrawnLook {
  id: string;
  /** The bunch that it is of. */
  bunchId: string;
  ingredientId: string;
  /** The cut that it is of, by `cutKey`. */
  cutKey: string;
  side?: Placement['side'];
  place: Placement['place'];
  x: number;
  y: number;
  turnDeg: number;
  /** Half of its drawing, in mm. */
  radius: number;
}

/** Names one cut of one thing. */
export const cutKey = (ingredientId: string, cut: string) => `${ingredientId}/${cut}`;

/** What lies in a stack. */
export interface Layer {
  ingredientId: string;
  cutKey: string;
  glaze: string;
}

/** A block that stands on end, with the layers of its stack along the wall. */
export interface Block {
  id: string;
  x: number;
  y: number;
  turnDeg: number;
  widthMm: number;
  depthMm: number;
}

/** A stick that leans on the rim with its handle out. */
export interface Stick {
  id: string;
  bunchId: string;
  cutKey: string;
  fromX: number;
  fromY: number;
  toX: number;
  toY: number;
}

/** A plate behind the pot, with what waits on it. */
export interface DrawnPlate {
  x: number;
  y: number;
  radius: number;
}

/** A bunch by its middle, for a finger or a mark. */
export interface DrawnBunch {
  id: string;
  ingredientId: string;
  name: string;
  place: Placement['place'];
  x: number;
  y: number;
  held?: Placement['held'];
  /** Its edge, as a closed path in mm. */
  edge: string;
}

/** A pot as somebody sees it who bends over it: everything in mm from its middle, ready to be drawn. */
export interface PotDrawing {
  vessel: Pick<Vessel, 'name' | 'material' | 'divided' | 'handles'> & { halfLengthMm: number; halfBreadthMm: number };
  /** The rim inside, and the surface of the liquid, as closed paths. */
  mouth: string;
  surface: string;
  /** The wall of a divided pot, and the mouth of each half. */
  wall?: string;
  halves?: { first: string; second: string };
  /** In the order of laying. */
  pieces: DrawnPiece[];
  blocks: Block[];
  layers: Layer[];
  sticks: Stick[];
  plate?: DrawnPlate;
  bunches: DrawnBunch[];
  /** Everything that is drawn, by name; each once. */
  names: Array<{ ingredientId: string; name: string; cutKeys: string[] }>;
}

/** What of a plan is drawn. */
export type Buildable = Pick<Build, 'placements' | 'stacks'> & Partial<Pick<Build, 'liquidStandsMm'>>;

const round = (value: number) => Math.round(value * 10) / 10;
const pathOf = (points: readonly Point[]) => `M${points.map(({ x, y }) => `${round(x)} ${round(y)}`).join('L')}`;
const closed = (points: readonly Point[]) => `${pathOf(points)}Z`;

const edgeOf = ({ centre, edge }: Outline, scale = 1): Point[] =>
  edge.map(({ x, y }) => ({ x: scale * (centre.x + x), y: scale * (centre.y + y) }));

/** Points along the edge of a region: out along one side, round, back along the other. */
export function regionEdge(
  outline: Outline,
  { fromShare, toShare, startDeg, sweepDeg }: Placement['region'] & {},
): Point[] {
  const steps = Math.max(2, Math.ceil(sweepDeg / 6));
  const arc = (share: number, reverse: boolean) =>
    Array.from({ length: steps + 1 }, (_, index) => {
      const along = (reverse ? steps - index : index) / steps;
      return pointAt(outline, { share, turnDeg: startDeg + sweepDeg * along });
    });
  return fromShare > 0 || sweepDeg < 360 ? [...arc(toShare, false), ...arc(fromShare, true)] : arc(toShare, false);
}

const PAINTED: readonly Placement['place'][] = ['bed', 'stack', 'ring', 'heart', 'skewer', 'top', 'beside'];

/** Sticks reach so far over the rim, in mm. */
const HANDLE_MM = 38;
/** The food on a stick leans so far over the rim, of its length. */
const LEANS_OUT = 0.02;

/** Of the plate behind the pot, in shares of the pot's half width. */
const PLATE = { radius: 0.66, at: 0.84 } as const;

/** The pieces that a placement is drawn with: as many as it has, or in plans of an older shape as its mass makes. */
const countOf = (catalogue: Catalogue, { ingredientId, cut, pieces, massG }: Placement) =>
  pieces > 0 ? pieces : Math.max(1, piecesOf(catalogue.byId(ingredientId), cut, massG).count);

function drawnPieces(catalogue: Catalogue, placement: Placement, vessel: Vessel): DrawnPiece[] {
  const { id: bunchId, ingredientId, cut, place, side, region } = placement;
  if (!region || place === 'stack') return [];
  const outline = outlineFor(vessel, side);
  const piece = pieceOf(catalogue.byId(ingredientId), cut);
  const radius = piece.alongMm / 2 / piece.form.along;
  const outMm = place === 'skewer' ? piece.alongMm * LEANS_OUT : 0;
  return layPieces(outline, region, piece, countOf(catalogue, placement), `${bunchId}${cut}`, place === 'top').map(
    ({ x, y, turnDeg }, index) => {
      const [dx, dy] = [x - outline.centre.x, y - outline.centre.y];
      const far = Math.hypot(dx, dy) || 1;
      return {
        id: `${bunchId}-${cut}-${index}`,
        bunchId,
        ingredientId,
        cutKey: cutKey(ingredientId, cut),
        ...(side ? { side } : {}),
        place,
        glyph: piece.glyph,
        glaze: piece.glaze,
        // A tenth of a millimetre is not seen, and drawings are sent about.
        x: round(x + (dx / far) * outMm),
        y: round(y + (dy / far) * outMm),
        turnDeg: Math.round(turnDeg),
        radius: round(radius),
      };
    },
  );
}

function sticksOf(pieces: readonly DrawnPiece[]): Stick[] {
  return pieces
    .filter((one) => one.place === 'skewer')
    .map(({ id, bunchId, cutKey: key, x, y, turnDeg, radius }) => {
      const angle = (turnDeg * Math.PI) / 180;
      const [outX, outY] = [Math.sin(angle), -Math.cos(angle)];
      const inMm = radius + 5;
      const outMm = radius + HANDLE_MM;
      return {
        id,
        bunchId,
        cutKey: key,
        fromX: x - outX * inMm,
        fromY: y - outY * inMm,
        toX: x + outX * outMm,
        toY: y + outY * outMm,
      };
    });
}

function blocksOf(vessel: Vessel, { stacks }: Buildable): Block[] {
  if (!stacks) return [];
  const outline = mouthOf(vessel);
  return stacks.rows.flatMap((row, rowIndex) =>
    Array.from({ length: row.blocks }, (_, index) => {
      const turnDeg = (360 * (index + (rowIndex % 2) / 2)) / row.blocks;
      const at = pointAt(outline, { share: (row.fromShare + row.toShare) / 2, turnDeg });
      return {
        id: `${rowIndex}-${index}`,
        ...at,
        turnDeg: Math.atan2(at.x, -at.y) * (180 / Math.PI),
        widthMm: row.widthMm * 0.97,
        depthMm: row.thicknessMm * 0.97,
      };
    }),
  );
}

/** What is held in the pot by its guests waits on a plate behind it; its slices lie fanned where they are seen. */
function onPlate(
  catalogue: Catalogue,
  placements: readonly Placement[],
  vessel: Vessel,
): { plate?: DrawnPlate; pieces: DrawnPiece[] } {
  const waiting = placements.filter((one) => one.place === 'beside');
  if (waiting.length === 0) return { pieces: [] };
  const halfMm = vessel.innerDiameterMm / 2;
  const plate = { x: halfMm * PLATE.at, y: halfMm * PLATE.at, radius: halfMm * PLATE.radius };
  const shown = waiting.flatMap((placement) => {
    const piece = pieceOf(catalogue.byId(placement.ingredientId), placement.cut);
    const most = Math.ceil(Math.min(countOf(catalogue, placement), 7 / waiting.length));
    return Array.from({ length: most }, (_, index) => ({ placement, piece, index }));
  });
  const pieces = shown.map(({ placement, piece, index }, at): DrawnPiece => {
    const turn = -44 + (178 * (at + 0.5)) / shown.length;
    const angle = ((turn + 90) * Math.PI) / 180;
    const out = plate.radius * 0.6;
    return {
      id: `${placement.id}-plate-${index}`,
      bunchId: placement.id,
      ingredientId: placement.ingredientId,
      cutKey: cutKey(placement.ingredientId, placement.cut),
      place: 'beside',
      glyph: piece.glyph,
      glaze: piece.glaze,
      x: plate.x + Math.sin(angle) * out,
      y: plate.y - Math.cos(angle) * out,
      turnDeg: turn + 90,
      radius: Math.min(piece.alongMm / 2 / piece.form.along, plate.radius * 0.42),
    };
  });
  return { plate, pieces };
}

/** Bunches by their middles; two cuts of one thing are one. */
function bunchesOf(catalogue: Catalogue, placements: readonly Placement[], vessel: Vessel): DrawnBunch[] {
  const seen = new Set<string>();
  return placements.flatMap((one): DrawnBunch[] => {
    if (!one.region || seen.has(one.id)) return [];
    seen.add(one.id);
    const outline = outlineFor(vessel, one.side);
    const { fromShare, toShare, startDeg, sweepDeg } = one.region;
    const isRound = sweepDeg >= 359.9;
    const middle = fromShare === 0 ? toShare * 0.66 : (fromShare + toShare) / 2;
    const share = isRound && fromShare === 0 ? 0 : middle;
    const at = pointAt(outline, { share, turnDeg: startDeg + sweepDeg / 2 });
    return [
      {
        id: one.id,
        ingredientId: one.ingredientId,
        name: catalogue.byId(one.ingredientId).name,
        place: one.place,
        ...at,
        ...(one.held ? { held: one.held } : {}),
        edge: closed(regionEdge(outline, one.region)),
      },
    ];
  });
}

/** The layers of a stack from its bottom, as often as they are repeated, and the leaf on top. */
export function layersOf(catalogue: Catalogue, { stacks, placements }: Buildable): Layer[] {
  if (!stacks) return [];
  const cutOf = (id: string) => placements.find((one) => one.ingredientId === id && one.place === 'stack')?.cut ?? '';
  const one = stacks.inEach.map(({ ingredientId }) => ({
    ingredientId,
    cutKey: cutKey(ingredientId, cutOf(ingredientId)),
    glaze: lookOf(catalogue.byId(ingredientId), cutOf(ingredientId)).glaze,
  }));
  return Array.from({ length: stacks.repeats }, () => one)
    .flat()
    .concat(one.slice(0, 1));
}

/**
 * Where every piece lies, and how it looks, to scale.
 * @param build the placements of a plan; what has no pieces in it is drawn by its mass
 */
export function drawFromAbove(catalogue: Catalogue, vessel: Vessel, build: Buildable): PotDrawing {
  const { placements, liquidStandsMm } = build;
  const { name, material, divided, handles, innerDiameterMm, innerBreadthMm = innerDiameterMm } = vessel;
  const isParted = placements.some((one) => one.side);
  const mouth = mouthOf(vessel);
  const scale = widthShareAt(vessel, liquidStandsMm ?? vessel.innerDepthMm * 0.8);
  const sorted = [...placements].sort(
    (a, b) => PAINTED.indexOf(a.place) - PAINTED.indexOf(b.place) || a.fromMm - b.fromMm,
  );
  const { plate, pieces: waiting } = onPlate(catalogue, placements, vessel);
  const laid = sorted.flatMap((one) => drawnPieces(catalogue, one, vessel));
  return {
    vessel: {
      name,
      material,
      divided,
      ...(handles ? { handles } : {}),
      halfLengthMm: innerDiameterMm / 2,
      halfBreadthMm: innerBreadthMm / 2,
    },
    mouth: closed(edgeOf(mouth)),
    surface: closed(edgeOf(mouth, scale)),
    ...(divided ? { wall: pathOf(wallLine(innerDiameterMm / 2, innerBreadthMm / 2)) } : {}),
    ...(isParted
      ? {
          halves: {
            first: closed(edgeOf(outlineFor(vessel, 'first'))),
            second: closed(edgeOf(outlineFor(vessel, 'second'))),
          },
        }
      : {}),
    pieces: [...laid, ...waiting],
    blocks: blocksOf(vessel, build),
    layers: layersOf(catalogue, build),
    sticks: sticksOf(laid),
    ...(plate ? { plate } : {}),
    bunches: bunchesOf(catalogue, placements, vessel),
    names: [...new Set(placements.map((one) => one.ingredientId))].map((ingredientId) => ({
      ingredientId,
      name: catalogue.byId(ingredientId).name,
      cutKeys: placements
        .filter((one) => one.ingredientId === ingredientId)
        .map((one) => cutKey(ingredientId, one.cut)),
    })),
  };
}
