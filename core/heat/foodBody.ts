import type { Composition, Cut, Ingredient } from '../catalogue/ingredient';
import { sidesMm } from '../catalogue/cutThickness';
import { brickBody } from './brick';
import { freezingOf, thermalOf, type Thermal } from './composition';
import type { Body } from './conduction';

/** Surface coefficients of broth on food, W/(m²·K): standing hot, simmering, rolling. Kitchen estimates: 300-500, 800-1000, 1500. */
export const FILM = { hot: 400, simmer: 900, rolling: 1500 } as const;

/** Food is described at this temperature, half way between the fridge and done, in °C. */
const PROPERTIES_AT_C = 45;

/** How much larger the largest likely piece of a cut is, in each direction. Kitchen estimate, 1.05-1.2. */
const LARGEST = 1.15;
/** What the model may be wrong by on the side that counts: conductivity a tenth, the film a fifth. Kitchen estimates. */
const CAUTION = { k: 0.9, film: 0.8 } as const;

export const cautiousFilm = (h: number) => h * CAUTION.film;

export interface PieceShape {
  /** Half of each of three sides, in m, the smallest first. */
  halfSizesM: readonly [number, number, number];
  isBall: boolean;
}

/**
 * The shape of one piece of a cut: as thick as it is said to be, and as wide as long; a ball where it is one.
 * @param thicknessMm instead of that of the cut
 */
export function shapeOf(cut: Cut, rhoKgPerM3: number, thicknessMm?: number): PieceShape {
  const { thickMm, wideMm } = sidesMm(cut, rhoKgPerM3 / 1000, thicknessMm);
  if (cut.solidMm !== undefined) {
    const solid = (cut.solidMm * thickMm) / cut.thicknessMm / 2000;
    const wide = Math.max(solid, wideMm / 2000);
    return { halfSizesM: [solid, wide, wide], isBall: false };
  }
  return { halfSizesM: [thickMm / 2000, wideMm / 2000, wideMm / 2000], isBall: cut.ball === true };
}

/** What a cut is made of as it goes in: with the water that it was soaked in. */
export function goesInAs(
  { composition }: Pick<Ingredient, 'composition'>,
  { soaks = 1 }: Pick<Cut, 'soaks'>,
): Composition {
  const { water, protein, fat, carbohydrate, fibre, ash } = composition;
  return {
    water: (water + soaks - 1) / soaks,
    protein: protein / soaks,
    fat: fat / soaks,
    carbohydrate: carbohydrate / soaks,
    fibre: fibre / soaks,
    ash: ash / soaks,
  };
}

function thermalAt(what: Ingredient, cut: Cut): Thermal {
  return thermalOf(goesInAs(what, cut), PROPERTIES_AT_C);
}

export interface FoodBodies {
  /** The mean piece of the cut, and the largest likely one with what the model may be wrong by. */
  mean: Body;
  largest: Body;
  /** The same when all ice in them has melted. */
  thawed: { mean: Body; largest: Body };
}

const known = new WeakMap<Cut, Map<string, FoodBodies>>();

/**
 * A thin body is as warm all through within a step or two, and a slab is solved better by as many nodes than a ball: by so
 * few nodes the middle is within 0.15 K of its limit in boiling water (with sixteen: 0.3 K for a ball of 24 mm).
 */
const NODES = { thin: 8, slab: 12, other: 16 } as const;
const THIN_M = 0.00125;
const LIKE_A_SLAB = 1.3;

const nodesFor = ({ halfSizeM, dimensionality }: Body): number =>
  halfSizeM <= THIN_M ? NODES.thin : dimensionality <= LIKE_A_SLAB ? NODES.slab : NODES.other;

function bodyFrom({ halfSizesM, isBall }: PieceShape, thermal: Thermal, times: number, h: number): Body {
  const [thin, wide, long] = halfSizesM;
  const body: Body = isBall
    ? { ...thermal, dimensionality: 3, halfSizeM: thin * times }
    : brickBody([thin * times, wide * times, long * times], thermal, h);
  return { ...body, nodes: nodesFor(body) };
}

/**
 * The bodies that heat goes into for a cut of a food.
 * @param more a thickness of the cook's own in mm; whether it goes in frozen
 */
export function foodBodies(
  what: Ingredient,
  cut: Cut,
  more: { thicknessMm?: number; frozen?: boolean } = {},
): FoodBodies {
  const isFrozen = more.frozen === true || what.kept === 'freezer';
  const key = `${what.id} ${more.thicknessMm ?? ''} ${isFrozen}`;
  const ofCut = known.get(cut) ?? new Map<string, FoodBodies>();
  known.set(cut, ofCut);
  const there = ofCut.get(key);
  if (there) return there;
  const thermal = thermalAt(what, cut);
  const slow = { ...thermal, k: thermal.k * CAUTION.k };
  const shape = shapeOf(cut, thermal.rho, more.thicknessMm);
  const thawed = {
    mean: bodyFrom(shape, thermal, 1, FILM.simmer),
    largest: bodyFrom(shape, slow, LARGEST, cautiousFilm(FILM.simmer)),
  };
  const frozen = () => ({
    mean: { ...thawed.mean, freezing: freezingOf(what.composition, thermal) },
    largest: { ...thawed.largest, freezing: freezingOf(what.composition, slow) },
  });
  const bodies: FoodBodies = { ...(isFrozen ? frozen() : thawed), thawed };
  ofCut.set(key, bodies);
  return bodies;
}
