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

interface Grid {
  /** J/K of each node for a square metre of surface, where nothing freezes; its volume in m³. */
  capacity: Float64Array;
  volume: Float64Array;
  /** Area over distance to the next node, 1/m, for a square metre of surface. */
  link: Float64Array;
}

const grids = new WeakMap<Body, Grid>();

function gridOf(body: Body): Grid {
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

export const centreOf = (profile: Profile): number => profile[0]!;
export const surfaceOf = (profile: Profile): number => profile[profile.length - 1]!;

/** Mean temperature by volume, in °C. */
export function meanOf(body: Body, profile: Profile): number {
  const nodes = profile.length;
  const { volume } = gridOf(body);
  let sum = 0;
  let all = 0;
  for (let i = 0; i < nodes; i += 1) {
    sum += volume[i]! * profile[i]!;
    all += volume[i]!;
  }
  return sum / all;
}

/** Heat that a kilogram of the body holds, in J, counted from 0 °C, or from its freezing point where it may be frozen. */
export function heatJPerKg(body: Body, profile: Profile): number {
  const nodes = profile.length;
  if (!body.freezing) return body.cp * meanOf(body, profile);
  const { volume } = gridOf(body);
  const { enthalpyJPerKg } = body.freezing;
  let sum = 0;
  let all = 0;
  for (let i = 0; i < nodes; i += 1) {
    sum += volume[i]! * enthalpyJPerKg(profile[i]!);
    all += volume[i]!;
  }
  return sum / all;
}

/** Square metres of surface of a kilogram of the body, as heat goes into it. */
export const surfaceM2PerKg = ({ dimensionality, halfSizeM, rho }: Body): number => dimensionality / (halfSizeM * rho);

/** How a body answers to the bath at the end of a stage: each node is `p + q·bath`. */
export interface Answer {
  p: Float64Array;
  q: Float64Array;
}

/** Share of a step at which its first stage ends; both stages then have the same matrix. TR-BDF2, Bank et al. 1985. */
export const FIRST_STAGE = 2 - Math.SQRT2;
/** What each stage lasts implicitly, as a share of the step. */
export const STAGE_SHARE = FIRST_STAGE / 2;
/** The second stage starts from so much of the first stage's end, less so much of the step's beginning. */
export const FROM_FIRST = 1 / (FIRST_STAGE * (2 - FIRST_STAGE));
export const FROM_START = (1 - FIRST_STAGE) ** 2 / (FIRST_STAGE * (2 - FIRST_STAGE));

/** The matrix of a stage, worked out once for a body, a step and a film: how it falls to a triangle, and its answer to the bath. */
interface Factor {
  upper: Float64Array;
  pivot: Float64Array;
  below: Float64Array;
  q: Float64Array;
}

const factors = new WeakMap<Body, { last: number; factor: Factor; all: Map<number, Factor> }>();
/** Films and steps that are kept for a body. */
const MOST_FACTORS = 200;

function factored(diagonal: ArrayLike<number>, links: ArrayLike<number>, toBath: number): Factor {
  const nodes = diagonal.length;
  const [upper, pivot, below, q] = [0, 1, 2, 3].map(() => new Float64Array(nodes)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let i = 0; i < nodes; i += 1) {
    const under = i > 0 ? links[i - 1]! : 0;
    const over = i < nodes - 1 ? links[i]! : toBath;
    below[i] = under;
    pivot[i] = 1 / (diagonal[i]! + under + over - (i > 0 ? under * upper[i - 1]! : 0));
    upper[i] = i < nodes - 1 ? over * pivot[i]! : 0;
  }
  q[nodes - 1] = toBath * pivot[nodes - 1]!;
  for (let i = nodes - 2; i >= 0; i -= 1) q[i] = upper[i]! * q[i + 1]!;
  return { upper, pivot, below, q };
}

/** Thomas' algorithm with the triangle known, in the place of its right side. */
function solved({ upper, pivot, below }: Factor, p: Float64Array): Float64Array {
  const nodes = p.length;
  p[0]! *= pivot[0]!;
  for (let i = 1; i < nodes; i += 1) p[i] = (p[i]! + below[i]! * p[i - 1]!) * pivot[i]!;
  for (let i = nodes - 2; i >= 0; i -= 1) p[i]! += upper[i]! * p[i + 1]!;
  return p;
}

/** The matrix of a stage of a body that never freezes. */
function plainFactor(body: Body, stepS: number, h: number): Factor {
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

const conductivityBetween = ({ freezing, k }: Body, a: number, b: number) =>
  freezing ? freezing.conductivity((a + b) / 2) : k;

/** Heat into each node at these temperatures, in W for a square metre of surface. */
function inflowW(body: Body, profile: ArrayLike<number>, h: number, bathC: number): Float64Array {
  const nodes = profile.length;
  const { link } = gridOf(body);
  const { faster = 1 } = body;
  const flow = new Float64Array(nodes);
  for (let i = 0; i < nodes - 1; i += 1) {
    const up = faster * conductivityBetween(body, profile[i]!, profile[i + 1]!) * link[i]!;
    const watts = up * (profile[i + 1]! - profile[i]!);
    flow[i]! += watts;
    flow[i + 1]! -= watts;
  }
  flow[nodes - 1]! += faster * h * (bathC - profile[nodes - 1]!);
  return flow;
}

/** What a stage starts from: temperatures, or enthalpies in J/kg where the body may be frozen. */
export type StageStart = Float64Array;

const enthalpies = ({ freezing }: Body, profile: ArrayLike<number>): Float64Array =>
  Float64Array.from(profile, (tempC) => freezing!.enthalpyJPerKg(tempC));

/** What the first stage of a step starts from: the profile, and half a stage of what flows in now. */
export function firstStart(body: Body, profile: Profile, stepS: number, h: number, bathC: number): StageStart {
  const nodes = profile.length;
  const flow = inflowW(body, profile, h, bathC);
  const { capacity, volume } = gridOf(body);
  const s = STAGE_SHARE * stepS;
  if (!body.freezing) {
    for (let i = 0; i < nodes; i += 1) flow[i] = profile[i]! + (s * flow[i]!) / capacity[i]!;
    return flow;
  }
  return enthalpies(body, profile).map((joule, i) => joule + (s * flow[i]!) / (body.rho * volume[i]!));
}

/** What the second stage starts from. */
export function secondStart(body: Body, profile: Profile, atFirst: Profile): StageStart {
  const nodes = profile.length;
  const [a, b] = body.freezing ? [enthalpies(body, atFirst), enthalpies(body, profile)] : [atFirst, profile];
  const start = new Float64Array(nodes);
  for (let i = 0; i < nodes; i += 1) start[i] = FROM_FIRST * a[i]! - FROM_START * b[i]!;
  return start;
}

/**
 * How the body stands at the end of a stage, for any temperature of the bath then. Where it may be frozen this is true
 * near the guess alone: it is asked again with what came out.
 */
export function answerOf(body: Body, start: StageStart, stepS: number, h: number, guess: Profile): Answer {
  const nodes = start.length;
  const { capacity, volume, link } = gridOf(body);
  const right = new Float64Array(nodes);
  if (!body.freezing) {
    const factor = plainFactor(body, stepS, h);
    for (let i = 0; i < nodes; i += 1) right[i] = capacity[i]! * start[i]!;
    return { p: solved(factor, right), q: factor.q };
  }
  const { enthalpyJPerKg, capacityJPerKgK } = body.freezing;
  const s = STAGE_SHARE * stepS * (body.faster ?? 1);
  const diagonal = new Float64Array(nodes);
  for (let i = 0; i < nodes; i += 1) {
    const mass = body.rho * volume[i]!;
    diagonal[i] = mass * capacityJPerKgK(guess[i]!);
    right[i] = mass * (start[i]! - enthalpyJPerKg(guess[i]!)) + diagonal[i]! * guess[i]!;
  }
  const links = link.map((one, i) => s * conductivityBetween(body, guess[i]!, guess[i + 1]!) * one);
  const factor = factored(diagonal, links, s * h);
  return { p: solved(factor, right), q: factor.q };
}

/** The profile that an answer has in a bath. */
export function inBath({ p, q }: Answer, bathC: number): Profile {
  const nodes = p.length;
  const profile = new Array<number>(nodes);
  for (let i = 0; i < nodes; i += 1) profile[i] = p[i]! + q[i]! * bathC;
  return profile;
}

/** Newton's steps over the jump at the freezing point are held to it. */
const MELTING_PASSES = 25;
const SETTLED_C = 1e-4;
const FREEZES_AT = -1;

/** A stage of a body that may be frozen, in a bath that is known. */
function frozenStage(body: Body, start: StageStart, stepS: number, h: number, bathC: number, from: Profile): Profile {
  let guess = from;
  for (let pass = 0; pass < MELTING_PASSES; pass += 1) {
    const found = inBath(answerOf(body, start, stepS, h, guess), bathC);
    const next = found.map((tempC, i) => {
      const crosses = (guess[i]! < FREEZES_AT && tempC > FREEZES_AT) || (guess[i]! > FREEZES_AT && tempC < FREEZES_AT);
      return crosses ? FREEZES_AT : tempC;
    });
    const moved = Math.max(...next.map((tempC, i) => Math.abs(tempC - guess[i]!)));
    guess = next;
    if (moved < SETTLED_C) break;
  }
  return guess;
}

/** A stage in a bath that is known. */
export function stageIn(
  body: Body,
  start: StageStart,
  stepS: number,
  h: number,
  bathC: number,
  from: Profile,
): Profile {
  return body.freezing
    ? frozenStage(body, start, stepS, h, bathC, from)
    : inBath(answerOf(body, start, stepS, h, from), bathC);
}

/**
 * One step of conduction in a bath whose temperature is known, by TR-BDF2: implicit, of second order, and stable for any
 * step, so that a thin slice and a thick root go in the same step.
 * @param bath temperature of the bath in °C at the beginning, at the first stage's end and at the end
 */
export function stepBody(
  body: Body,
  profile: Profile,
  stepS: number,
  h: number,
  bath: readonly [number, number, number],
): Profile {
  const atFirst = stageIn(body, firstStart(body, profile, stepS, h, bath[0]), stepS, h, bath[1], profile);
  return stageIn(body, secondStart(body, profile, atFirst), stepS, h, bath[2], atFirst);
}
