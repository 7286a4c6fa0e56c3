import { createRequire } from 'node:module';
import type { Evening } from '@elixa/contract';
import {
  applyEdit,
  CATALOGUE,
  checkEvening,
  HEAT_SOURCES,
  makePlanning,
  POT_FOOD,
  potAtRest,
  potCutsOf,
  simulate,
  usefulPowerW,
  VESSELS,
  type TimedAct,
  type PotState,
} from '@elixa/core';
import { lossesW, POT_CP, STEAM_J_PER_KG, WATER_CP } from '@elixa/core/heat/burner';
import type { Body } from '@elixa/core/heat/conduction';
import { cautiousFilm, FILM } from '@elixa/core/heat/foodBody';
import { KEPT_C } from '@elixa/core/heat/givens';
import { knownOf } from '@elixa/core/pot/food';
import { NOTHING } from '@elixa/core/pot/state';
import { practice } from './household';
import { ms, row, timed, type Row } from './row';

/** A general package for ordinary differential equations: Gragg, Bulirsch and Stoer by Hairer and Wanner. It has no types. */
interface Odex {
  Solver: new (equations: number) => {
    absoluteTolerance: number;
    relativeTolerance: number;
    maxSteps: number;
    solve(
      slope: (at: number, y: number[]) => number[],
      from: number,
      y: number[],
      to: number,
    ): { y: number[]; outcome: number };
  };
}
const { Solver } = createRequire(import.meta.url)('odex') as Odex;

const MINUTES = 90;
const KINDS = 14;
const NODES = 16;
const GRAMS = 90;

/** Kinds of food that nothing else is needed for, and none that thaws: fourteen of the catalogue, each in its first cut. */
const FOOD = POT_FOOD.filter(
  (what) => potCutsOf(what).length > 0 && (what.drinksMlPerG ?? 0) === 0 && what.kept !== 'freezer',
)
  .slice(0, KINDS)
  .map((what) => ({ pieceId: what.id, ingredientId: what.id, cut: potCutsOf(what)[0]!, massG: GRAMS }));

/** A large pot on a flame that does not quite bring it to the boil, so that both solve one smooth system. */
function potOf(): PotState {
  const heatSource = { ...HEAT_SOURCES[0]!, powerW: 1900 };
  const vessel = { ...VESSELS.find((one) => one.id === 'steel26')!, rimVolumeMl: 7000, innerDepthMm: 140 };
  return potAtRest({
    vessel,
    heatSource,
    roomTempC: 20,
    altitudeM: 0,
    tempC: 40,
    liquid: { ...NOTHING, waterG: 4000 },
    power: 0.32,
    lid: 'off',
  });
}
const PROGRAM: TimedAct[] = FOOD.map((one) => ({ atS: 0, act: { is: 'added', ...one } }));

const ours = (stepS?: number) => simulate(potOf(), PROGRAM, MINUTES * 60, stepS ? { stepS } : {});

/** A body on its nodes: what each holds, and what links it to the next. */
function gridOf({ dimensionality: e, halfSizeM, rho, cp, k, faster = 1 }: Body) {
  const dx = halfSizeM / (NODES - 1);
  const share = (x: number) => (Math.max(0, Math.min(halfSizeM, x)) / halfSizeM) ** e * (halfSizeM / e);
  const capacity = Array.from(
    { length: NODES },
    (_, i) => ((share((i + 0.5) * dx) - share((i - 0.5) * dx)) * rho * cp) / faster,
  );
  const link = Array.from({ length: NODES - 1 }, (_, i) => (k * ((i + 0.5) / (NODES - 1)) ** (e - 1)) / dx);
  return { capacity, link, m2PerKg: e / (halfSizeM * rho), faster };
}

/** The same pot as a system for the general package: the liquid's temperature and mass, then every node of every body. */
function system() {
  const pot = potOf();
  const bodies = FOOD.flatMap((one) => {
    const { mean, largest, wanted, what } = knownOf(CATALOGUE, one);
    const of = (body: Body, h: number, kg: number, startC: number) => ({ ...gridOf(body), h, kg, startC });
    const startC = KEPT_C[what.kept];
    return [
      of(mean, FILM.hot, one.massG / 1000, startC),
      ...(wanted.safe ? [of(largest, cautiousFilm(FILM.hot), 0, startC - 2)] : []),
    ];
  });
  const y0 = [pot.tempC, 4, ...bodies.flatMap(({ startC }) => Array.from({ length: NODES }, () => startC))];
  const powerW = usefulPowerW(pot.heatSource) * pot.power;
  const potJPerK = (pot.vessel.emptyMassG / 1000) * POT_CP[pot.vessel.material];
  const slope = (_at: number, y: number[]): number[] => {
    const [tempC, kg] = y as [number, number];
    const { dryW, steamW } = lossesW({ ...pot, heat: pot.heatSource }, tempC, pot.lid);
    const d = new Array<number>(y.length);
    let drawnW = 0;
    bodies.forEach(({ capacity, link, m2PerKg, faster, h, kg: bodyKg }, index) => {
      const at = 2 + index * NODES;
      for (let i = 0; i < NODES; i += 1) {
        const inW = i > 0 ? link[i - 1]! * (y[at + i - 1]! - y[at + i]!) : 0;
        const outW = i < NODES - 1 ? link[i]! * (y[at + i + 1]! - y[at + i]!) : h * (tempC - y[at + i]!);
        d[at + i] = (inW + outW) / capacity[i]!;
      }
      drawnW += bodyKg * m2PerKg * faster * h * (tempC - y[at + NODES - 1]!);
    });
    d[0] = (powerW - dryW - steamW - drawnW) / (kg * WATER_CP + potJPerK);
    d[1] = -steamW / STEAM_J_PER_KG;
    return d;
  };
  return { y0, slope, meanAt: bodies.flatMap(({ kg }, index) => (kg > 0 ? [2 + index * NODES] : [])) };
}

/** Moments at which the two are held against each other, in s: while all is changing, and at the end. */
const MOMENTS = [60, 180, 600, 1800, MINUTES * 60];
/** The liquid's temperature and the middles of all kinds, at each of those moments. */
type Told = number[][];

function general(tolerance: number): Told {
  const { y0, slope, meanAt } = system();
  let [at, y] = [0, y0];
  return MOMENTS.map((until) => {
    const solver = new Solver(y0.length);
    solver.absoluteTolerance = tolerance;
    solver.relativeTolerance = tolerance;
    solver.maxSteps = 1_000_000;
    const solved = solver.solve(slope, at, y, until);
    if (solved.outcome !== 0) throw new Error(`The general package gave up: ${solved.outcome}`);
    [at, y] = [until, solved.y];
    return [y[0]!, ...meanAt.map((place) => y[place]!)];
  });
}

const toldBy = ({ samples }: ReturnType<typeof ours>): Told =>
  MOMENTS.map((until) => {
    // A sample is taken when a step is over, which may be some seconds after the moment.
    const at = samples.findIndex((one) => one.atS >= until - 1e-6);
    const [before, after] = [samples[Math.max(0, at - 1)]!, samples[at]!];
    const share = after.atS > before.atS ? (until - before.atS) / (after.atS - before.atS) : 1;
    const between = (a: number, b: number) => a + share * (b - a);
    return [
      between(before.tempC, after.tempC),
      ...after.pieces.map((one, index) => between(before.pieces[index]!.centreC, one.centreC)),
    ];
  });
const apartK = (a: Told, b: Told) =>
  Math.max(...a.flatMap((row, i) => row.map((value, j) => Math.abs(value - b[i]![j]!))));

/** An evening with so many kinds of food in its pot. */
function eveningWith(kinds: number): Evening {
  const bare = { ...practice(), vessel: { ...VESSELS.find((one) => one.id === 'enamel26')! } };
  const own = new Set(bare.choices.added);
  let evening = bare;
  for (const what of POT_FOOD) {
    if (own.size >= kinds) break;
    const more = applyEdit(evening, { kind: 'putIn', ingredientId: what.id, grams: 12 });
    if (checkEvening(more).length > 0) continue;
    own.add(what.id);
    evening = more;
  }
  return evening;
}

/** The quick plan, and the one that was gone through; what comes after those is no part of it. */
function planned(evening: Evening): number {
  let pots = 0;
  for (const found of makePlanning()({ evening })) {
    if (found?.kind !== 'pot') continue;
    pots += 1;
    if (pots === 2) return found.plan.simmer.pieces.length;
  }
  throw new Error('The evening was not planned');
}

/**
 * Ninety minutes of a pot with fourteen kinds of food, against the same equations in a general package that is as near to
 * its own limit; the time of a plan by the things in the pot; what a course takes up in memory.
 */
export function timeToSimmer(): Row[] {
  const fine = toldBy(ours(0.5));
  const ownK = apartK(toldBy(ours()), fine);
  const limit = general(1e-8);
  let generalMs = 0;
  const tolerance = [1e-1, 1e-2, 1e-3, 1e-4, 1e-5].find((one) => {
    const from = performance.now();
    const told = general(one);
    generalMs = performance.now() - from;
    return apartK(told, limit) <= ownK;
  });
  const oursMs = timed(() => void ours(), 5);
  const rows = [
    row(
      `${MINUTES} min of a pot, ${FOOD.length} kinds, within ${ownK.toFixed(2)} K of its limit (${apartK(fine, limit).toFixed(1)} K between the limits)`,
      oursMs,
      `odex at ${tolerance}`,
      generalMs,
      ms,
    ),
  ];
  for (const kinds of [5, 10, 20, 40]) {
    const evening = eveningWith(kinds);
    const pieces = planned(evening);
    // Each is worked out anew: what was gone through lately is remembered, so another height is asked each time.
    let height = 0;
    const value = timed(() => {
      height += 7;
      planned(applyEdit(evening, { kind: 'heightSet', altitudeM: evening.place.altitudeM + height }));
    }, 3);
    // Beside it and not once for all: a machine that is busy meanwhile is so for both.
    const onceMs = timed(() => void ours(), 5);
    rows.push(
      row(
        `a plan gone through, ${kinds} kinds asked for, ${pieces} pieces in all rounds`,
        value,
        `those ${MINUTES} min`,
        onceMs,
        ms,
      ),
    );
  }
  global.gc?.();
  const before = process.memoryUsage().heapUsed;
  const kept = ours();
  global.gc?.();
  const bytes = process.memoryUsage().heapUsed - before;
  rows.push(
    row(
      `memory of a course, ${kept.samples.length} samples of ${FOOD.length} kinds`,
      bytes / 1024,
      'the same as text',
      JSON.stringify(kept).length / 1024,
      (value) => `${value.toFixed(0)} kB`,
    ),
  );
  return rows;
}
