import type { Freezing } from './composition';

/**
 * A body that heat goes into from all round: a slab (1), a long cylinder (2), a sphere (3), or anything between them by
 * its equivalent dimensionality.
 */
export interface Body {
  /** Area grows with the distance from the middle to the power of this less one. */
  dimensionality: number;
  /** From the middle to the surface, in m. */
  halfSizeM: number;
  /** W/(m·K), kg/m³, J/(kg·K). */
  k: number;
  rho: number;
  cp: number;
  /** How much faster heat goes in than the dimensionality alone says: for bricks. */
  faster?: number;
  /** Nodes from the middle to the surface: the error falls with their square. */
  nodes?: number;
  /** Where it may be frozen: its enthalpy takes the place of `cp`, its conductivity that of `k`. */
  freezing?: Freezing;
}

/** Temperatures in °C from the middle to the surface, at even distances. */
export type Profile = readonly number[];

/** Nodes from the middle to the surface where a body does not say. */
const USUAL_NODES = 16;

/** A body cut into nodes. */
export interface Grid {
  /** J/K of each node for a square metre of surface, where nothing freezes; its volume in m³. */
  capacity: Float64Array;
  volume: Float64Array;
  /** Area over distance to the next node, 1/m, for a square metre of surface. */
  link: Float64Array;
}

const grids = new WeakMap<Body, Grid>();

/** The nodes of a body, worked out once. */
export function gridOf(body: Body): Grid {
  const known = grids.get(body);
  if (known) return known;
  const { dimensionality: e, halfSizeM, rho, cp, nodes = USUAL_NODES } = body;
  const dx = halfSizeM / (nodes - 1);
  const share = (x: number) => (Math.max(0, Math.min(halfSizeM, x)) / halfSizeM) ** e * (halfSizeM / e);
  const volume = Float64Array.from({ length: nodes }, (_, i) => share((i + 0.5) * dx) - share((i - 0.5) * dx));
  const grid = {
    volume,
    capacity: volume.map((one) => one * rho * cp),
    link: Float64Array.from({ length: nodes - 1 }, (_, i) => ((i + 0.5) / (nodes - 1)) ** (e - 1) / dx),
  };
  grids.set(body, grid);
  return grid;
}

/** A body as warm all through. */
export const evenly = (tempC: number, nodes = USUAL_NODES): Profile => Array.from({ length: nodes }, () => tempC);

/** Nodes of a body from the middle to the surface. */
export const nodesOf = ({ nodes = USUAL_NODES }: Body): number => nodes;

export const centreOf = (profile: Profile): number => profile[0]!;
export const surfaceOf = (profile: Profile): number => profile[profile.length - 1]!;

/** Square metres of surface of a kilogram of the body, as heat goes into it. */
export const surfaceM2PerKg = ({ dimensionality, halfSizeM, rho }: Body): number => dimensionality / (halfSizeM * rho);

/** Share of a step at which its first stage ends; both stages then have the same matrix. TR-BDF2, Bank et al. 1985. */
export const FIRST_STAGE = 2 - Math.SQRT2;
/** What each stage lasts implicitly, as a share of the step. */
export const STAGE_SHARE = FIRST_STAGE / 2;
/** The second stage starts from so much of the first stage's end, less so much of the step's beginning. */
export const FROM_FIRST = 1 / (FIRST_STAGE * (2 - FIRST_STAGE));
export const FROM_START = (1 - FIRST_STAGE) ** 2 / (FIRST_STAGE * (2 - FIRST_STAGE));

/** The matrix of a stage, worked out once for a body, a step and a film: how it falls to a triangle, and its answer to the bath. */
export interface Factor {
  upper: Float64Array;
  pivot: Float64Array;
  below: Float64Array;
  q: Float64Array;
  /** What links the surface to the bath. */
  toBath: number;
}

const factors = new WeakMap<Body, { last: number; factor: Factor; all: Map<number, Factor> }>();
/** Films and steps that are kept for a body. */
const MOST_FACTORS = 200;

/** Works the matrix of a stage out in the place of one for as many nodes. */
export function factorInto(
  into: Factor,
  diagonal: ArrayLike<number>,
  links: ArrayLike<number>,
  toBath: number,
): Factor {
  const { upper, pivot, below, q } = into;
  const nodes = diagonal.length;
  for (let i = 0; i < nodes; i += 1) {
    const under = i > 0 ? links[i - 1]! : 0;
    const over = i < nodes - 1 ? links[i]! : toBath;
    below[i] = under;
    pivot[i] = 1 / (diagonal[i]! + under + over - (i > 0 ? under * upper[i - 1]! : 0));
    upper[i] = i < nodes - 1 ? over * pivot[i]! : 0;
  }
  q[nodes - 1] = toBath * pivot[nodes - 1]!;
  for (let i = nodes - 2; i >= 0; i -= 1) q[i] = upper[i]! * q[i + 1]!;
  into.toBath = toBath;
  return into;
}

function factored(diagonal: ArrayLike<number>, links: ArrayLike<number>, toBath: number): Factor {
  const fresh = () => new Float64Array(diagonal.length);
  return factorInto({ upper: fresh(), pivot: fresh(), below: fresh(), q: fresh(), toBath }, diagonal, links, toBath);
}

/** Thomas' algorithm with the triangle known, in the place of its right side. */
export function solved({ upper, pivot, below }: Factor, p: Float64Array): Float64Array {
  const nodes = p.length;
  p[0]! *= pivot[0]!;
  for (let i = 1; i < nodes; i += 1) p[i] = (p[i]! + below[i]! * p[i - 1]!) * pivot[i]!;
  for (let i = nodes - 2; i >= 0; i -= 1) p[i]! += upper[i]! * p[i + 1]!;
  return p;
}

/** The matrix of a stage of a body that never freezes. */
export function plainFactor(body: Body, stepS: number, h: number): Factor {
  const key = stepS * 1e5 + h;
  const known = factors.get(body);
  if (known?.last === key) return known.factor;
  const there = known?.all.get(key);
  if (known && there) {
    known.last = key;
    known.factor = there;
    return there;
  }
  const { capacity, link } = gridOf(body);
  const s = STAGE_SHARE * stepS * (body.faster ?? 1);
  const found = factored(
    capacity,
    link.map((one) => s * body.k * one),
    s * h,
  );
  const all = known && known.all.size < MOST_FACTORS ? known.all : new Map<number, Factor>();
  all.set(key, found);
  factors.set(body, { last: key, factor: found, all });
  return found;
}
