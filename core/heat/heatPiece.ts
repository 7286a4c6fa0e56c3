import { conducting } from './conducting';
import { evenly, FIRST_STAGE, surfaceOf, type Body } from './conduction';
import { slabRest } from './slabSeries';

export interface PieceInBath {
  /** A brick has three half-sizes; `halfSizeM` is its smallest and `otherHalfSizesM` the other two. */
  shape: 'slab' | 'cylinder' | 'sphere' | 'brick';
  halfSizeM: number;
  otherHalfSizesM?: readonly [number, number];
  /** W/(m·K), kg/m³, J/(kg·K) and, at the surface, W/(m²·K). */
  k: number;
  rho: number;
  cp: number;
  h: number;
  startC: number;
  bathC: number | ((atS: number) => number);
  durationS: number;
  /** In place of that of the shape, from 1 to 3. */
  dimensionality?: number;
}

const DIMENSIONS = { slab: 1, cylinder: 2, sphere: 3 } as const;

/** Steps that the time is cut in: the error falls with their square. */
const STEPS = 240;
/** Nodes from the middle to the surface. */
const NODES = 40;

const positive = (name: string, value: number) => {
  if (!(value > 0)) throw new RangeError(`${name} must be above zero, and is ${value}`);
};

function checked(piece: PieceInBath): void {
  const { halfSizeM, k, rho, cp, h, durationS, shape, otherHalfSizesM } = piece;
  for (const [name, value] of Object.entries({ halfSizeM, k, rho, cp, h })) positive(name, value);
  if (!(durationS >= 0)) throw new RangeError(`durationS must be zero or more, and is ${durationS}`);
  if (shape === 'brick' && !otherHalfSizesM) {
    throw new RangeError('A brick needs otherHalfSizesM, its other two half-sizes in m');
  }
}

/**
 * A brick in a bath that changes: the product of the series of three slabs for each change, one upon another (Duhamel).
 */
function brickIn(
  { halfSizeM, otherHalfSizesM, k, rho, cp, h, startC, durationS }: PieceInBath,
  bathAt: (atS: number) => number,
) {
  const sides = [halfSizeM, ...otherHalfSizesM!].sort((a, b) => a - b);
  const restAfter = (seconds: number) =>
    sides.map((size) => slabRest((h * size) / k, (k * seconds) / (rho * cp * size ** 2)));
  const left = { centre: 0, mean: 0, surface: 0 };
  const stepS = durationS / STEPS;
  const change = (byC: number, seconds: number) => {
    const [thin, ...others] = restAfter(seconds);
    left.centre += byC * others.reduce((product, one) => product * one.centre, thin!.centre);
    left.mean += byC * others.reduce((product, one) => product * one.mean, thin!.mean);
    left.surface += byC * others.reduce((product, one) => product * one.centre, thin!.surface);
  };
  change(bathAt(0) - startC, durationS);
  for (let step = 0; step < STEPS && stepS > 0; step += 1) {
    const byC = bathAt((step + 1) * stepS) - bathAt(step * stepS);
    if (byC !== 0) change(byC, durationS - (step + 0.5) * stepS);
  }
  const endC = bathAt(durationS);
  return { centreC: endC - left.centre, meanC: endC - left.mean, surfaceC: endC - left.surface };
}

/**
 * How warm a piece of food is after a time in a bath: conduction through a slab, a cylinder, a sphere or a brick with a
 * surface coefficient; a brick by exact products, the others by TR-BDF2. Within 0.3 °C of the exact series.
 * At the surface of a brick: in the middle of its largest face.
 * @param piece lengths in m, temperatures in °C, time in s; `bathC` may change with time
 * @returns temperatures in °C: in the middle, by volume, at the surface
 * @throws RangeError when a size, a property or the surface coefficient is not above zero, or the time is below it,
 *   or a brick has but one size
 * @example heatPiece({ shape: 'slab', halfSizeM: 0.008, k: 0.55, rho: 1030, cp: 3700, h: 800, startC: 5, bathC: 98, durationS: 240 }).centreC // 60.1
 */
export function heatPiece(piece: PieceInBath): { centreC: number; meanC: number; surfaceC: number } {
  checked(piece);
  const { shape, halfSizeM, k, rho, cp, h, startC, bathC, durationS } = piece;
  const bathAt = (atS: number) => (typeof bathC === 'number' ? bathC : bathC(atS));
  if (shape === 'brick') return brickIn(piece, bathAt);
  const body: Body = { dimensionality: piece.dimensionality ?? DIMENSIONS[shape], halfSizeM, k, rho, cp, nodes: NODES };
  const stepS = durationS / STEPS;
  const one = conducting(body, evenly(startC, NODES));
  for (let step = 0; step < STEPS && stepS > 0; step += 1) {
    const atS = step * stepS;
    one.step(stepS, h, bathAt(atS), bathAt(atS + FIRST_STAGE * stepS), bathAt(atS + stepS));
  }
  return { centreC: one.centreC, meanC: one.meanC, surfaceC: surfaceOf(one.profile) };
}
