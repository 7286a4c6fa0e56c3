import { CORNER_SHARE, type Vessel } from '@elixa/contract';

/** A point of a pot seen from above, in mm from its middle; x to the right, y towards the cook. */
export interface Point {
  x: number;
  y: number;
}

/** Where something lies in an outline: how far from its centre to its edge, and how far round, clockwise from the back. */
export interface Polar {
  /** 0 in the centre, 1 at the edge. */
  share: number;
  turnDeg: number;
}

/** A stretch of an outline: from one share of the way to the edge to another, and from one direction on. */
export interface Region {
  fromShare: number;
  toShare: number;
  startDeg: number;
  sweepDeg: number;
}

/**
 * The mouth of a pot, or of one half of a divided one, as a polygon round a centre from which all of its edge is seen.
 * Directions in it are measured by area: a quarter of a turn is a quarter of the area, in an oval and a half pot as well.
 */
export interface Outline {
  centre: Point;
  /** The edge, in mm from the centre, clockwise from the back. */
  edge: readonly Point[];
  /** Area from the back to each point of the edge and once round, in mm². */
  areaMm2: readonly number[];
}

const SIDES = 180;

/** Half of the wall of a divided pot with what keeps clear of it, in mm. */
const WALL_MM = 6;
/** How far the wall of a divided pot bends, of the radius: the control points of its curve. */
const BEND = { x: 0.5, y: 0.4 };

/** An edge without its direction from the back. */
function outlined(points: readonly Point[]): Outline {
  let twice = 0;
  let x = 0;
  let y = 0;
  points.forEach((a, index) => {
    const b = points[(index + 1) % points.length]!;
    const cross = a.x * b.y - b.x * a.y;
    twice += cross;
    x += (a.x + b.x) * cross;
    y += (a.y + b.y) * cross;
  });
  const centre = { x: x / (3 * twice), y: y / (3 * twice) };
  const from = points.map((one) => ({ x: one.x - centre.x, y: one.y - centre.y }));
  const turned = (one: Point) => (Math.atan2(one.x, -one.y) + 2 * Math.PI) % (2 * Math.PI);
  const edge = from.sort((a, b) => turned(a) - turned(b));
  const areaMm2 = [0];
  edge.forEach((a, index) => {
    const b = edge[(index + 1) % edge.length]!;
    areaMm2.push(areaMm2[index]! + Math.abs(a.x * b.y - b.x * a.y) / 2);
  });
  return { centre, edge, areaMm2 };
}

const round = (halfLengthMm: number, halfBreadthMm: number): Point[] =>
  Array.from({ length: SIDES }, (_, index) => {
    const angle = (index / SIDES) * 2 * Math.PI;
    return { x: Math.sin(angle) * halfLengthMm, y: -Math.cos(angle) * halfBreadthMm };
  });

function rectangle(halfLengthMm: number, halfBreadthMm: number): Point[] {
  const cornerMm = CORNER_SHARE * 2 * halfBreadthMm;
  const steps = SIDES / 4;
  return [0, 1, 2, 3].flatMap((quarter) =>
    Array.from({ length: steps }, (_, index) => {
      const angle = ((quarter + index / (steps - 1)) * Math.PI) / 2;
      const right = quarter < 2 ? 1 : -1;
      const down = quarter === 1 || quarter === 2 ? 1 : -1;
      return {
        x: right * (halfLengthMm - cornerMm) + Math.sin(angle) * cornerMm,
        y: down * (halfBreadthMm - cornerMm) - Math.cos(angle) * cornerMm,
      };
    }),
  );
}

/** The wall of a divided pot from the back to the front, as points in mm. */
export function wallLine(halfLengthMm: number, halfBreadthMm = halfLengthMm): Point[] {
  return Array.from({ length: 41 }, (_, index) => {
    const t = index / 40;
    const u = 1 - t;
    return {
      x: 3 * BEND.x * halfLengthMm * (u * u * t - u * t * t),
      y: halfBreadthMm * (-(u ** 3) - 3 * BEND.y * (u * u * t - u * t * t) + t ** 3),
    };
  });
}

function half(halfLengthMm: number, halfBreadthMm: number, side: -1 | 1): Point[] {
  const arc = round(halfLengthMm, halfBreadthMm).filter((one) => one.x * side > WALL_MM);
  const wall = wallLine(halfLengthMm, halfBreadthMm)
    .map(({ x, y }) => ({ x: x + side * WALL_MM, y }))
    .filter((one) => (one.x / halfLengthMm) ** 2 + (one.y / halfBreadthMm) ** 2 < 1);
  // Once round: along the arc, and back along the wall.
  const clockwise = side > 0 ? [...arc, ...wall.reverse()] : [...arc, ...wall];
  return clockwise;
}

type Mouth = Pick<Vessel, 'outline' | 'innerDiameterMm' | 'innerBreadthMm' | 'divided'>;

/** A part of a pot that has its own liquid. */
export interface Chamber {
  side?: 'first' | 'second';
  outline: Outline;
  /** Share of the pot's area. */
  areaShare: number;
}

/** The mouth of a pot with nothing parted off. */
export function mouthOf({ outline = 'round', innerDiameterMm, innerBreadthMm = innerDiameterMm }: Mouth): Outline {
  const [length, breadth] = [innerDiameterMm / 2, innerBreadthMm / 2];
  return outlined(outline === 'rectangular' ? rectangle(length, breadth) : round(length, breadth));
}

/**
 * The parts of a pot that food lies in: one, or the two halves of a divided pot, the first broth's at the left.
 * @param isParted whether two broths simmer in it
 */
export function chambersOf(vessel: Mouth, isParted: boolean): Chamber[] {
  if (!isParted) return [{ outline: mouthOf(vessel), areaShare: 1 }];
  const { innerDiameterMm, innerBreadthMm = innerDiameterMm } = vessel;
  return (['first', 'second'] as const).map((side) => ({
    side,
    outline: outlined(half(innerDiameterMm / 2, innerBreadthMm / 2, side === 'first' ? -1 : 1)),
    areaShare: 0.5,
  }));
}

/** The outlines of each vessel, for as long as there is that vessel: a picture asks for the same ones many times. */
const OF_VESSEL = new WeakMap<Mouth, Map<Chamber['side'], Outline>>();

/** The mouth that a thing lies in: the pot's, or that of its half. */
export function outlineFor(vessel: Mouth, side?: 'first' | 'second'): Outline {
  const mine = OF_VESSEL.get(vessel) ?? new Map<Chamber['side'], Outline>();
  OF_VESSEL.set(vessel, mine);
  const found =
    mine.get(side) ?? (side ? chambersOf(vessel, true).find((one) => one.side === side)!.outline : mouthOf(vessel));
  mine.set(side, found);
  return found;
}

/** Area of an outline, in mm². */
export const outlineAreaMm2 = ({ areaMm2 }: Outline): number => areaMm2[areaMm2.length - 1]!;

/**
 * A point by its place, from the middle of the pot.
 * @param scale how wide the pot is there, of its width at the rim
 */
export function pointAt(outline: Outline, { share, turnDeg }: Polar, scale = 1): Point {
  const { centre, edge, areaMm2 } = outline;
  const wanted = ((((turnDeg / 360) % 1) + 1) % 1) * outlineAreaMm2(outline);
  let low = 0;
  let high = edge.length - 1;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (areaMm2[middle]! <= wanted) low = middle;
    else high = middle - 1;
  }
  const a = edge[low]!;
  const b = edge[(low + 1) % edge.length]!;
  const along = (wanted - areaMm2[low]!) / Math.max(1e-9, areaMm2[low + 1]! - areaMm2[low]!);
  return {
    x: scale * (centre.x + share * (a.x + (b.x - a.x) * along)),
    y: scale * (centre.y + share * (a.y + (b.y - a.y) * along)),
  };
}

/** The place of a point; the inverse of `pointAt`. A share above 1 lies outside. */
export function placeOf(outline: Outline, point: Point, scale = 1): Polar {
  const { centre, edge, areaMm2 } = outline;
  const p = { x: point.x / scale - centre.x, y: point.y / scale - centre.y };
  for (let index = 0; index < edge.length; index += 1) {
    const a = edge[index]!;
    const b = edge[(index + 1) % edge.length]!;
    const whole = a.x * b.y - b.x * a.y;
    const first = (p.x * b.y - b.x * p.y) / whole;
    const second = (a.x * p.y - p.x * a.y) / whole;
    if (first < -1e-9 || second < -1e-9) continue;
    const share = first + second;
    const along = share > 0 ? second / share : 0;
    const turnDeg =
      ((areaMm2[index]! + along * (areaMm2[index + 1]! - areaMm2[index]!)) / outlineAreaMm2(outline)) * 360;
    return { share, turnDeg };
  }
  return { share: 0, turnDeg: 0 };
}

/** Area of a region, in mm², at a scale of the outline. */
export const regionAreaMm2 = (outline: Outline, region: Region, scale = 1): number =>
  (outlineAreaMm2(outline) * scale ** 2 * (region.toShare ** 2 - region.fromShare ** 2) * region.sweepDeg) / 360;
