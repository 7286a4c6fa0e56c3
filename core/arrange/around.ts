import { repeatable } from '../measures/repeatable';
import type { Bunch } from './bunches';
import { glazeLikeness } from './likeness';

/** What it costs that two bunches lie near one another. */
export interface Nearness {
  /** By index: how much they look alike, with more where they are of one family. */
  alike: readonly (readonly number[])[];
  /** By index: they must not touch. */
  apart: readonly (readonly boolean[])[];
}

/** A bunch that the cook has put where it lies: the direction of its middle. */
export interface Held {
  atDeg: number;
  /** The cook put it there, and it does not only stay where it lay. */
  byHand?: boolean;
  /** It is to stay there; or else it may give way to what is. */
  locked?: boolean;
}

/** What is dealt round a wall. */
export interface Round {
  sweepDeg: readonly number[];
  nearness: Nearness;
  /** By index, where the cook has put it. */
  held?: readonly (Held | undefined)[];
}

/** The weights of what is asked of an order round the wall; see docs/decisions/0017. */
export const AROUND = {
  /** Edges of two bunches that lie as far from one another as this are not taken together, in degrees. */
  nearDeg: 60,
  sameFamily: 0.5,
  /** For what must not touch: where it does, and how far it is from lying across the pot. */
  touching: 100,
  notAcross: 4,
  /** For each degree that a bunch lies away from where the cook has put it. */
  awayPerDeg: 0.2,
  lockedAwayPerDeg: 5,
} as const;

const glazeOf = ({ parts }: Bunch) => parts[0]?.piece.glaze ?? 'seasoning';

/** What it costs that these lie side by side. */
export function nearnessOf(bunches: readonly Bunch[], keepsApart: ReadonlyArray<{ a: string; b: string }>): Nearness {
  const family = (one: Bunch) => one.what.family;
  return {
    alike: bunches.map((a) =>
      bunches.map((b) => glazeLikeness(glazeOf(a), glazeOf(b)) + (family(a) === family(b) ? AROUND.sameFamily : 0)),
    ),
    apart: bunches.map((a) =>
      bunches.map((b) =>
        keepsApart.some(
          (pair) =>
            (pair.a === a.slotId && pair.b === b.slotId) ||
            (pair.b === a.slotId && pair.a === b.slotId) ||
            (pair.a === a.ingredientId && pair.b === b.ingredientId) ||
            (pair.b === a.ingredientId && pair.a === b.ingredientId),
        ),
      ),
    ),
  };
}

/** The smaller angle between two directions. */
export const betweenDeg = (a: number, b: number): number => {
  const turn = (((a - b) % 360) + 360) % 360;
  return Math.min(turn, 360 - turn);
};

/** The middle of each bunch, in the order of the bunches, where they are laid one after another from a direction on. */
export function middlesOf(order: readonly number[], sweepDeg: readonly number[], fromDeg: number): number[] {
  const middles: number[] = Array.from({ length: order.length }, () => 0);
  let at = fromDeg;
  for (const index of order) {
    middles[index] = at + sweepDeg[index]! / 2;
    at += sweepDeg[index]!;
  }
  return middles;
}

/** What is held, looked up once: which bunches, where, and how dearly. */
interface Pins {
  index: Int32Array;
  atDeg: Float64Array;
  perDeg: Float64Array;
}

function pinsOf({ held = [] }: Round): Pins {
  const pinned = held.flatMap((one, index) => (one ? [{ ...one, index }] : []));
  return {
    index: Int32Array.from(pinned, (one) => one.index),
    atDeg: Float64Array.from(pinned, (one) => one.atDeg),
    perDeg: Float64Array.from(pinned, (one) => (one.locked ? AROUND.lockedAwayPerDeg : AROUND.awayPerDeg)),
  };
}

/**
 * The direction to start from that brings what is held nearest to where it is held, and what that still costs.
 * @param middles of each bunch, by its index, where they start from the back
 */
function startOf(middles: ArrayLike<number>, { index, atDeg, perDeg }: Pins): { fromDeg: number; costs: number } {
  if (index.length === 0) return { fromDeg: 0, costs: 0 };
  let best = { fromDeg: 0, costs: Infinity };
  // The sum of distances is least where one of them is none.
  for (let anchor = 0; anchor < index.length; anchor += 1) {
    const fromDeg = atDeg[anchor]! - middles[index[anchor]!]!;
    let costs = 0;
    for (let pin = 0; pin < index.length && costs < best.costs; pin += 1) {
      const away = Math.abs(middles[index[pin]!]! + fromDeg - atDeg[pin]!) % 360;
      costs += perDeg[pin]! * (away > 180 ? 360 - away : away);
    }
    if (costs < best.costs - 1e-9) best = { fromDeg, costs };
  }
  return best;
}

/**
 * What an order costs, of orders of one round: everything that does not change between them is looked up once.
 * @returns the cost; of one that comes to more than `most` no more than that it does
 */
function costIn(round: Round): (order: ArrayLike<number>, most?: number) => number {
  const { sweepDeg, nearness } = round;
  const count = sweepDeg.length;
  const alike = Float64Array.from(nearness.alike.flat());
  const apart = nearness.apart.flatMap((row, i) => row.flatMap((is, j) => (is && i < j ? [[i, j] as const] : [])));
  const sweeps = Float64Array.from(sweepDeg);
  const widest = Math.max(0, ...sweepDeg);
  const pins = pinsOf(round);
  const middles = new Float64Array(count);
  const byIndex = new Float64Array(count);
  const near = (a: number, b: number, betweenDeg: number) => {
    const gapDeg = betweenDeg - (sweeps[a]! + sweeps[b]!) / 2;
    return gapDeg < AROUND.nearDeg ? alike[a * count + b]! * (1 - Math.max(0, gapDeg) / AROUND.nearDeg) : 0;
  };
  // Middles of what is farther from one another than this are not near, however wide they are.
  const reachDeg = AROUND.nearDeg + widest;
  return (order, most = Infinity) => {
    let at = 0;
    for (let place = 0; place < count; place += 1) {
      const sweep = sweeps[order[place]!]!;
      middles[place] = at + sweep / 2;
      byIndex[order[place]!] = at + sweep / 2;
      at += sweep;
    }
    let { costs } = startOf(byIndex, pins);
    for (const [a, b] of apart) {
      const turn = Math.abs(byIndex[a]! - byIndex[b]!);
      const between = turn > 180 ? 360 - turn : turn;
      const gapDeg = between - (sweeps[a]! + sweeps[b]!) / 2;
      costs += (gapDeg < 1e-6 ? AROUND.touching : 0) + AROUND.notAcross * (1 - between / 180);
    }
    for (let i = 0; i < count && costs < most; i += 1) {
      const one = order[i]!;
      let j = i + 1;
      for (; j < count; j += 1) {
        const turn = middles[j]! - middles[i]!;
        if (turn > reachDeg) break;
        costs += near(one, order[j]!, turn > 180 ? 360 - turn : turn);
      }
      // Round the back, those at the end of the order lie near the first again.
      for (let k = count - 1; k >= j; k -= 1) {
        const turn = middles[k]! - middles[i]!;
        if (360 - turn > reachDeg) break;
        costs += near(one, order[k]!, turn > 180 ? 360 - turn : turn);
      }
    }
    return costs;
  };
}

const fromDegOf = (order: readonly number[], round: Round) =>
  startOf(middlesOf(order, round.sweepDeg, 0), pinsOf(round)).fromDeg;

/** What an order round the wall costs: see docs/decisions/0017. */
export const aroundCost = (order: readonly number[], round: Round): number => costIn(round)(order);

/** One bunch is put elsewhere in the order; those between its old place and its new one close up. */
function put(order: number[], from: number, to: number): void {
  const one = order[from]!;
  if (from < to) order.copyWithin(from, from + 1, to + 1);
  else order.copyWithin(to + 1, to, from);
  order[to] = one;
}

function swap(order: number[], a: number, b: number): void {
  [order[a], order[b]] = [order[b]!, order[a]!];
}

/**
 * The best order that is reached by putting one bunch elsewhere, or letting two change places, as long as that helps. After
 * what helped the search goes on from there, until nothing has helped all the way round.
 */
function downhill(from: readonly number[], costOf: (order: ArrayLike<number>, most?: number) => number) {
  const order = [...from];
  const count = order.length;
  let costs = costOf(order);
  const tried = (change: () => void, back: () => void): boolean => {
    change();
    const cost = costOf(order, costs);
    if (cost < costs - 1e-9) {
      costs = cost;
      return true;
    }
    back();
    return false;
  };
  for (let isBetter = true; isBetter;) {
    isBetter = false;
    for (let a = 1; a < count; a += 1) {
      for (let b = 1; b < count; b += 1) {
        if (b === a) continue;
        if (
          tried(
            () => put(order, a, b),
            () => put(order, b, a),
          )
        )
          isBetter = true;
        if (
          b > a + 1 &&
          tried(
            () => swap(order, a, b),
            () => swap(order, a, b),
          )
        )
          isBetter = true;
      }
    }
  }
  return { order, costs };
}

/** Orders that the search starts from, besides that of the bunches; of so many bunches that one search is long, fewer. */
const STARTS = 6;
const MANY = { from: 20, starts: 1 } as const;
/** As many as this are gone through one by one. */
const EXACT = 7;

function* orders(rest: readonly number[], before: readonly number[]): Generator<number[]> {
  if (rest.length === 0) yield [...before];
  for (const [at, one] of rest.entries()) {
    yield* orders([...rest.slice(0, at), ...rest.slice(at + 1)], [...before, one]);
  }
}

/** The best order by going through all of them; the first bunch stays first, since a pot can be turned. */
export function enumeratedAround(round: Round): { order: number[]; costs: number } {
  const all = round.sweepDeg.map((_, index) => index);
  const costOf = costIn(round);
  let best = { order: all, costs: costOf(all) };
  for (const order of orders(all.slice(1), all.slice(0, 1))) {
    const costs = costOf(order);
    if (costs < best.costs - 1e-9) best = { order, costs };
  }
  return best;
}

/** An order round the wall, the direction that its first starts from, and what it costs. */
export interface OrderAround {
  order: number[];
  fromDeg: number;
  costs: number;
}

/** Orders that were looked for before, by what was asked: a plan and the one that is made of it ask the same. */
export type KnownOrders = Map<string, OrderAround>;

/**
 * The order round the wall in which like things lie far from one another, what must not touch lies across the pot, and what
 * the cook has put somewhere stays there. Few bunches are gone through one by one; for more the best of several descents
 * is taken, the same every time for the same seed.
 * @param known where it is taken from, if it was looked for before, and kept
 * @returns indices of the bunches, clockwise, and the direction that the first starts from
 * @example orderAround({ sweepDeg: [120, 120, 120], nearness }).order // [0, 2, 1]
 */
export function orderAround(round: Round, seed = 1, known: KnownOrders = new Map()): OrderAround {
  const asked = JSON.stringify([round, seed]);
  const found = known.get(asked) ?? lookedFor(round, seed);
  known.set(asked, found);
  return found;
}

function lookedFor(round: Round, seed: number): OrderAround {
  const count = round.sweepDeg.length;
  const all = round.sweepDeg.map((_, index) => index);
  if (count <= EXACT) {
    const { order, costs } = enumeratedAround(round);
    return { order, costs, fromDeg: fromDegOf(order, round) };
  }
  const random = repeatable(seed);
  const costOf = costIn(round);
  const byHand = [...all].sort((a, b) => (round.held?.[a]?.atDeg ?? 0) - (round.held?.[b]?.atDeg ?? 0));
  const isHeld = round.held?.some(Boolean) ?? false;
  let best = downhill(isHeld ? byHand : all, costOf);
  // Where everything is held, its order is what the cook wants: nothing better is looked for far from it.
  const starts = round.held?.every(Boolean) ? 0 : count >= MANY.from ? MANY.starts : STARTS;
  for (let start = 0; start < starts; start += 1) {
    const shuffled = [...all];
    for (let index = count - 1; index > 1; index -= 1) {
      const other = 1 + Math.floor(random() * index);
      [shuffled[index], shuffled[other]] = [shuffled[other]!, shuffled[index]!];
    }
    const found = downhill(shuffled, costOf);
    if (found.costs < best.costs - 1e-9) best = found;
  }
  return { ...best, fromDeg: fromDegOf(best.order, round) };
}
