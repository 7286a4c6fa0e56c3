import { crossing } from '../measures/crossing';

/** What is left of an even start, as a share of its distance from the bath: in the middle, by volume, at the surface. */
export interface Rest {
  centre: number;
  mean: number;
  surface: number;
}

const MOST_ROOTS = 60;
/** A term that has fallen by e to this counts for nothing. */
const GONE = 36;

/** A root is known to this. */
const EXACT = 1e-12;

/** The root number `index` of β·tan β = Bi, as one of β·sin β = Bi·cos β, which has no poles. */
const rootOf = (index: number, biot: number): number =>
  crossing((beta) => beta * Math.sin(beta) - biot * Math.cos(beta), index * Math.PI, (index + 0.5) * Math.PI, EXACT);

const roots = new Map<number, number[]>();

/** The same, each found when it is first asked for: most series end after a few. */
function* rootsOf(biot: number): Generator<number> {
  const known = roots.get(biot) ?? [];
  roots.set(biot, known);
  for (let index = 0; index < MOST_ROOTS; index += 1) yield (known[index] ??= rootOf(index, biot));
}

/** Below this Fourier number the warmth has not come to the middle, and a slab is as one without end. */
const SHORT = 0.003;

/** e^(y²)·erfc(y), for y from zero on. Abramowitz and Stegun, 7.1.26 and 7.1.23. */
function scaledErfc(y: number): number {
  if (y > 6) return (1 - 1 / (2 * y * y)) / (y * Math.sqrt(Math.PI));
  const t = 1 / (1 + 0.3275911 * y);
  return t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
}

/** A body without end, by its surface: Carslaw and Jaeger 2.7. */
function shortRest(biot: number, fourier: number): Rest {
  const y = biot * Math.sqrt(fourier);
  const surface = scaledErfc(y);
  return { centre: 1, mean: Math.min(1, 1 - (surface - 1 + (2 * y) / Math.sqrt(Math.PI)) / biot), surface };
}

/**
 * What is left of an even start in a slab whose bath has changed at once: θ = Σ 4 sin β / (2β + sin 2β) · cos(βx) · e^(−β² Fo).
 * Carslaw and Jaeger, Conduction of Heat in Solids. The product of three is that of a brick.
 * @param biot h·L/k of the half-size L; @param fourier k·t/(ρ·cp·L²)
 * @example slabRest(1e6, 0.5).centre // 0.371
 */
export function slabRest(biot: number, fourier: number): Rest {
  if (fourier <= 0) return { centre: 1, mean: 1, surface: 1 };
  if (fourier < SHORT) return shortRest(biot, fourier);
  const rest = { centre: 0, mean: 0, surface: 0 };
  for (const root of rootsOf(biot)) {
    if (root ** 2 * fourier > GONE) break;
    const term = ((4 * Math.sin(root)) / (2 * root + Math.sin(2 * root))) * Math.exp(-(root ** 2) * fourier);
    rest.centre += term;
    rest.mean += (term * Math.sin(root)) / root;
    rest.surface += term * Math.cos(root);
  }
  return rest;
}
