import { crossing } from '../measures/crossing';
import type { Thermal } from './composition';
import type { Body } from './conduction';
import { slabRest } from './slabSeries';

/** The slowest mode of a body of some dimensionality: its root, and how much of an even start it holds in the middle. */
interface Mode {
  root: number;
  weight: number;
}

/** A term of a series whose argument stays below ten no longer counts below this. */
const NO_MORE = 1e-17;
/** A root is known to this, of numbers of about one. */
const EXACT = 1e-12;

/**
 * The shape of the slowest mode, u(x) = Σ (−(λx)²/4)^m / (m! (E/2)_m), at the surface: the cosine, J₀ and sin(x)/x for a
 * slab, a cylinder and a sphere. @returns u and its slope at x = 1
 */
function mode(e: number, root: number): { u: number; slope: number } {
  const z = -(root ** 2) / 4;
  let term = 1;
  let u = 1;
  let slope = 0;
  for (let m = 1; Math.abs(term) > NO_MORE; m += 1) {
    term *= z / (m * (e / 2 + m - 1));
    u += term;
    slope += 2 * m * term;
  }
  return { u, slope };
}

/**
 * The first root of u'(1) + Bi·u(1) = 0, and the weight of its mode in the middle. Both integrals of the weight, of u and of
 * u² over the body, are in closed form: the equation of the mode times one, and times its slope, taken over the body.
 */
function slowestMode(e: number, biot: number): Mode {
  const past = (root: number) => {
    const { u, slope } = mode(e, root);
    return slope + biot * u;
  };
  // Beyond the first zero of u (π/2, 2.405, π, 4.493 where E is 1, 2, 3, 5), and before the second root.
  const root = crossing(past, 0, 1.6 + 0.85 * (e - 1), EXACT);
  const { u, slope } = mode(e, root);
  const all = -slope / root ** 2;
  const square = (slope ** 2 + (root * u) ** 2 + (e - 2) * u * slope) / (2 * root ** 2);
  return { root, weight: all / square };
}

/** A brick is matched where so much of its start is left in the middle: from when it begins to warm to when it is done. */
const MATCHED = [0.55, 0.15] as const;
/** Beyond a sphere, since a cube is slower to begin with and faster then. */
const MOST_DIMENSIONS = 4.5;

/**
 * A brick as a body of one dimension. What is left in its middle is the product of the series of its three slabs; between
 * the moments that count that falls as one exponential, and the equivalent dimensionality (after Cleland and Earle, 1982)
 * is the one whose slowest mode begins as late, with a factor that makes it as fast.
 * @param halfSizesM of its three sides, in any order, in m
 * @param h surface coefficient in W/(m²·K)
 * @returns a body of the smallest half-size, whose middle follows the exact product
 */
export function brickBody(halfSizesM: readonly [number, number, number], { k, rho, cp }: Thermal, h: number): Body {
  const halfSizeM = Math.min(...halfSizesM);
  const rest = (fourier: number) =>
    halfSizesM.reduce(
      (product, size) => product * slabRest((h * size) / k, fourier * (halfSizeM / size) ** 2).centre,
      1,
    );
  const biot = (h * halfSizeM) / k;
  // A slab alone is never slower than this.
  const longest = 4 * (1 + 1 / biot);
  // What is left falls nearly as one exponential.
  const [first, last] = MATCHED.map((left) =>
    crossing((fourier) => Math.log(rest(fourier) / left), 0, longest, EXACT),
  ) as [number, number];
  const rate = Math.log(MATCHED[0] / MATCHED[1]) / (last - first);
  const weight = MATCHED[0] * Math.exp(rate * first);
  const dimensionality = crossing((e) => slowestMode(e, biot).weight - weight, 1, MOST_DIMENSIONS, EXACT);
  const { root } = slowestMode(dimensionality, biot);
  return { dimensionality, halfSizeM, k, rho, cp, faster: rate / root ** 2 };
}
