import { outlineAreaMm2, pointAt, type Outline, type Region } from '../outline';
import type { Piece } from '../pieces';

/** Where one piece lies, in mm from the middle of the pot; its length points towards the rim. */
export interface LaidPiece {
  x: number;
  y: number;
  turnDeg: number;
}

/** A steady number between 0 and 1 for a text: the same picture every time. */
export function steady(text: string): number {
  let hash = 2166136261;
  for (const character of text) hash = Math.imul(hash ^ character.charCodeAt(0), 16777619);
  hash = Math.imul(hash ^ (hash >>> 15), 2246822507);
  return ((hash >>> 0) % 10_000) / 10_000;
}

/** Pieces lie no closer than this, of what their shape leaves uncovered, and are spread no wider. */
const CLOSEST = 0.92;
const WIDEST = 3.2;
const WIDER = 1.04;

interface Row {
  /** From the centre, in mm. */
  atMm: number;
  columns: number;
}

/** Rows from the rim inwards, and how many pieces lie in each, at so much of the usual distance. */
function rowsAt(piece: Piece, fromMm: number, toMm: number, sweep: number, wide: number): Row[] {
  const { alongMm, acrossMm, form } = piece;
  const [exposedAlong, exposedAcross] = form.exposed;
  const roomMm = toMm - fromMm;
  const outerMm = Math.max(Math.sqrt(Math.max(0, toMm ** 2 - (acrossMm / 2) ** 2)) - alongMm / 2, (fromMm + toMm) / 2);
  const innerMm = sweep >= 1 && fromMm <= 0 ? 0 : Math.min(outerMm, fromMm + alongMm * 0.32);
  const count =
    roomMm <= alongMm * 0.8 ? 1 : 1 + Math.floor((outerMm - innerMm) / (alongMm * exposedAlong * wide) + 0.3);
  return Array.from({ length: count }, (_, index) => {
    const atMm =
      count === 1 ? (sweep >= 1 && fromMm <= 0 ? 0 : outerMm) : outerMm - (index * (outerMm - innerMm)) / (count - 1);
    const arcMm = 2 * Math.PI * atMm * sweep;
    const room = sweep >= 1 ? arcMm : arcMm - acrossMm * 0.8;
    const columns = Math.max(1, Math.floor(room / (acrossMm * exposedAcross * wide)) + (sweep >= 1 ? 0 : 1));
    return { atMm, columns };
  });
}

const inRows = (rows: readonly Row[]) => rows.reduce((sum, one) => sum + one.columns, 0);

/** As many rows and pieces as there are to lay, spread over the room; of more than show, those that do. */
function rowsFor(count: number, piece: Piece, fromMm: number, toMm: number, sweep: number): Row[] {
  let rows = rowsAt(piece, fromMm, toMm, sweep, CLOSEST);
  for (let wide = CLOSEST; inRows(rows) > count && wide < WIDEST; wide *= WIDER) {
    rows = rowsAt(piece, fromMm, toMm, sweep, wide);
  }
  // What is still too many is left out of the innermost rows, what is too few added to the outermost.
  const closest = inRows(rowsAt(piece, fromMm, toMm, sweep, CLOSEST));
  let over = inRows(rows) - Math.min(count, closest);
  const kept = rows.map((one) => ({ ...one }));
  for (let index = kept.length - 1; over > 0 && index >= 0; index -= 1) {
    const taken = Math.min(over, kept[index]!.columns);
    kept[index]!.columns -= taken;
    over -= taken;
  }
  for (let index = 0; over < 0; index = (index + 1) % kept.length) {
    kept[index]!.columns += 1;
    over += 1;
  }
  return kept.filter((one) => one.columns > 0);
}

/**
 * Pieces of a bunch as a cook lays them: in rows like tiles, tips towards the rim, or in a heap as they fall; as many as
 * there are, or as show of them.
 * @param outline of the pot or of its half, at the rim
 * @param name of the bunch, so that it looks the same every time
 * @param strewn it is laid over the rest, and not set against the wall
 * @returns in the order of laying: from the rim inwards
 */
export function layPieces(
  outline: Outline,
  region: Region,
  piece: Piece,
  count: number,
  name: string,
  strewn = false,
): LaidPiece[] {
  const meanMm = Math.sqrt(outlineAreaMm2(outline) / Math.PI);
  const sweep = region.sweepDeg / 360;
  const rows = rowsFor(count, piece, region.fromShare * meanMm, region.toShare * meanMm, sweep);
  const loose = piece.form.heaped ? 1 : 0.3;
  return rows.flatMap(({ atMm, columns }, row) =>
    Array.from({ length: columns }, (_, column) => {
      const by = (what: string) => steady(`${name}${what}${row}-${column}`) - 0.5;
      const stagger = sweep >= 1 ? row * 0.5 : 0;
      const along = (column + 0.5 + stagger + by('a') * 0.24 * loose) / columns;
      const share = (atMm + by('d') * piece.alongMm * 0.16 * loose) / meanMm;
      const turnDeg = region.startDeg + region.sweepDeg * along;
      const at = pointAt(outline, { share: Math.max(0, Math.min(region.toShare, share)), turnDeg });
      const out = Math.atan2(at.x - outline.centre.x, -(at.y - outline.centre.y)) * (180 / Math.PI);
      // What is laid round the best piece lies along its edge.
      const lies = strewn && region.fromShare > 0 ? out + 90 : atMm === 0 ? 0 : out;
      return { x: at.x, y: at.y, turnDeg: lies + by('t') * (strewn ? 50 : piece.form.heaped ? 120 : 18) };
    }),
  );
}
