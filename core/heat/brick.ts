import type { Thermal } from './composition';
import type { Body } from './conduction';
import { slabRest } from './slabSeries';

/** The slowest mode of a body of some dimensionality: its root, and how much of an even start it holds in the middle. */
interface Mode {
  root: number;
  weight: number;
}

/** Terms of a series whose argument stays below ten. */
const TERMS = 40;
const PASSES = 60;
/** Of Simpson's rule. */
const INTERVALS = 40;

/**
 * The shape of the slowest mode, u(x) = Σ (−(λx)²/4)^m / (m! (E/2)_m): the cosine, J₀ and sin(x)/x for a slab, a cylinder
 * and a sphere. @returns u and its slope at x
 */
function mode(e: number, root: number, x: number): { u: number; slope: number } {
  const z = -((root * x) ** 2) / 4;
  let term = 1;
  let u = 1;
  let slope = 0;
  for (let m = 1; m < TERMS; m += 1) {
    term *= z / (m * (e / 2 + m - 1));
    u += term;
    slope += (2 * m * term) / Math.max(x, 1e-12);
  }
  return { u, slope };
}

function bisect(from: number, to: number, isPast: (x: number) => boolean): number {
  let [low, high] = [from, to];
  for (let pass = 0; pass < PASSES; pass += 1) {
    const middle = (low + high) / 2;
    if (isPast(middle)) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}

/** The first root of u'(1) + Bi·u(1) = 0, and the weight of its mode in the middle. */
function slowestMode(e: number, biot: number): Mode {
  const isPast = (root: number) => {
    const { u, slope } = mode(e, root, 1);
    return u <= 0 || -slope > biot * u;
  };
  // The first zero of u lies below this for every dimensionality up to five.
  const root = bisect(1e-6, 4.6, isPast);
  let square = 0;
  for (let i = 0; i <= INTERVALS; i += 1) {
    const x = i / INTERVALS;
    const simpson = i === 0 || i === INTERVALS ? 1 : i % 2 === 1 ? 4 : 2;
    square += simpson * (x === 0 && e === 1 ? 1 : mode(e, root, x).u ** 2 * x ** (e - 1));
  }
  const all = -mode(e, root, 1).slope / root ** 2;
  return { root, weight: all / (square / (3 * INTERVALS)) };
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
  const [first, last] = MATCHED.map((left) => bisect(0, longest, (fourier) => rest(fourier) < left)) as [
    number,
    number,
  ];
  const rate = Math.log(MATCHED[0] / MATCHED[1]) / (last - first);
  const weight = MATCHED[0] * Math.exp(rate * first);
  const dimensionality = bisect(1, MOST_DIMENSIONS, (e) => slowestMode(e, biot).weight > weight);
  const { root } = slowestMode(dimensionality, biot);
  return { dimensionality, halfSizeM, k, rho, cp, faster: rate / root ** 2 };
}
