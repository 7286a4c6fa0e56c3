import type { Vessel } from '@elixa/contract';
import { sum } from '../measures/sum';
import { nearnessOf, orderAround, type Held, type KnownOrders } from './around';
import type { Bunch } from './bunches';
import { outlineAreaMm2, type Chamber, type Region } from './outline';
import { heapedAtMm, heapedBelowMl, ringMl, risesTo } from './room';
import type { Place } from '../catalogue/style';
import { widthShareAt } from './vesselShape';

/** A bunch where it lies. */
export interface Placed {
  bunch: Bunch;
  place: Place;
  region: Region;
  /** Its lowest and its highest point over the bottom of the pot, before any liquid. */
  fromMm: number;
  toMm: number;
  /** The cook put it there. */
  held?: Held;
}

/** A part of a pot, and what holds for all that is laid in it. */
export interface Laying {
  chamber: Chamber;
  vessel: Vessel;
  keepsApart: ReadonlyArray<{ a: string; b: string }>;
  heldOf(bunch: Bunch): Held | undefined;
  seed?: number;
  orders?: KnownOrders;
  /** How much further apart pieces lie than dry, since the liquid that went in first spreads them. */
  loose: number;
}

/** What was laid, and what its order costs. */
export interface LaidOut {
  placed: Placed[];
  costs: number;
}

/** The middle of the ring, where a bunch has to be as wide as a piece of it. */
const MIDDLE_SHARE = 0.75;
/** Pieces give way a little at their sides. Kitchen estimate, 0.8-1. */
const NARROWEST = 0.9;
/**
 * What is laid on top lies at least so thick, in mm, and covers no more than so much of the mouth, since what is under it has
 * to be seen; more where it would stand over the rim. Kitchen estimates.
 */
const TOP_MM = 14;
const TOP_MOST_AREA = 0.2;
/** It begins at the heart's edge, so that the best piece is still seen. */
const TOP_INSIDE = 0.94;
/** The heart takes no more of the way to the wall than this: bunches round it have to be seen. */
const HEART_MOST = 0.72;
const HEART_LEAST = 0.22;
/** No heap is so many times as high as its pot. */
const HIGHEST = 8;

export const bulkOf = (bunches: readonly Bunch[]) => sum(bunches.map((one) => one.bulkMl));
const widest = ({ parts }: Bunch) => Math.max(0, ...parts.map(({ piece }) => piece.acrossMm));
const thickest = ({ parts }: Bunch) => Math.max(0, ...parts.map(({ piece }) => piece.heightMm));

/** Shares of a turn by volume; nothing gets less than a piece of it is wide, and the others make room. */
function sweepsOf(bunches: readonly Bunch[], roundMm: number): number[] {
  const least = bunches.map((one) => Math.min(360 / bunches.length, (360 * widest(one) * NARROWEST) / roundMm));
  const sweeps = bunches.map(() => 0);
  let open = bunches.map((_, index) => index);
  let leftDeg = 360;
  for (;;) {
    const openMl = sum(open.map((index) => bunches[index]!.bulkMl));
    const share = (index: number) => (leftDeg * bunches[index]!.bulkMl) / openMl;
    const narrow = open.filter((index) => share(index) < least[index]! - 1e-9);
    if (narrow.length === 0 || narrow.length === open.length) {
      for (const index of open) sweeps[index] = narrow.length === 0 ? share(index) : leftDeg / open.length;
      return sweeps;
    }
    for (const index of narrow) {
      sweeps[index] = least[index]!;
      leftDeg -= least[index]!;
    }
    open = open.filter((index) => !narrow.includes(index));
  }
}

interface Turn {
  bunch: Bunch;
  startDeg: number;
  sweepDeg: number;
}

/** Bunches side by side once round, each with its share of the turn, at a share of the way to the rim. */
function dealRound(bunches: readonly Bunch[], laying: Laying, share: number): { turns: Turn[]; costs: number } {
  if (bunches.length === 0) return { turns: [], costs: 0 };
  const roundMm = 2 * Math.sqrt(Math.PI * outlineAreaMm2(laying.chamber.outline)) * share;
  const sweepDeg = sweepsOf(bunches, roundMm);
  const held = bunches.map(laying.heldOf);
  const nearness = nearnessOf(bunches, laying.keepsApart);
  const { order, fromDeg, costs } = orderAround({ sweepDeg, nearness, held }, laying.seed, laying.orders);
  // What is largest lies at the back, where it hides nothing, unless the cook has turned the pot.
  const largest = order.reduce((a, b) => (sweepDeg[b]! > sweepDeg[a]! + 1e-9 ? b : a));
  const before = order.slice(0, order.indexOf(largest)).map((index) => sweepDeg[index]!);
  let at = held.some(Boolean) ? fromDeg : -sum(before) - sweepDeg[largest]! / 2;
  const turns = order.map((index) => {
    const turn = { bunch: bunches[index]!, startDeg: ((at % 360) + 360) % 360, sweepDeg: sweepDeg[index]! };
    at += sweepDeg[index]!;
    return turn;
  });
  return { turns, costs };
}

/** What lies under everything: a layer for each that the style tells apart, side by side in it. */
export function layBeds(beds: readonly Bunch[], laying: Laying): LaidOut & { topMm: number } {
  const { vessel, chamber } = laying;
  const placed: Placed[] = [];
  let fromMm = 0;
  let costs = 0;
  for (const level of [...new Set(beds.map((one) => one.layer))].sort((a, b) => a - b)) {
    const mine = beds.filter((one) => one.layer === level);
    const fullMm = heapedAtMm(vessel, heapedBelowMl(vessel, fromMm) + bulkOf(mine) / chamber.areaShare);
    // A layer is no thinner than its pieces; where they do not cover the bottom they lie in the middle of it.
    const toMm = Math.max(fullMm, fromMm + Math.max(...mine.map(thickest)));
    const coversMl = ringMl(vessel, fromMm, toMm, 0, 1) * chamber.areaShare;
    const toShare = widthShareAt(vessel, toMm) * Math.min(1, Math.sqrt(bulkOf(mine) / coversMl));
    const dealt = dealRound(mine, laying, toShare * MIDDLE_SHARE);
    costs += dealt.costs;
    for (const { bunch, startDeg, sweepDeg } of dealt.turns) {
      placed.push({ bunch, place: 'bed', region: { fromShare: 0, toShare, startDeg, sweepDeg }, fromMm, toMm });
    }
    fromMm = toMm;
  }
  return { placed, topMm: fromMm, costs };
}

/** The share of the way to the wall that the heart takes of what stands between two heights. */
export function heartShareOf(
  heart: readonly Bunch[],
  beside: readonly Bunch[],
  between: readonly [number, number],
  { vessel, chamber, loose }: Laying,
) {
  const heartMl = loose * bulkOf(heart);
  if (heartMl <= 0) return 0;
  if (bulkOf(beside) <= 1e-9) return 1;
  const share = risesTo(heartMl, 0, 1, (to) => ringMl(vessel, ...between, 0, to) * chamber.areaShare);
  return Math.min(HEART_MOST, Math.max(HEART_LEAST, share));
}

/** How high a bunch stands that has so much of the turn between two shares. */
function topOf(
  bunch: Bunch,
  sweepDeg: number,
  fromMm: number,
  shares: readonly [number, number],
  { vessel, chamber, loose }: Laying,
) {
  const upTo = (toMm: number) => ringMl(vessel, fromMm, toMm, ...shares);
  const mostMm = fromMm + vessel.innerDepthMm * HIGHEST;
  return risesTo(loose * bunch.bulkMl, fromMm, mostMm, (toMm) => (upTo(toMm) * chamber.areaShare * sweepDeg) / 360);
}

/** Bunches round the wall, outside of the heart. */
export function layRing(ring: readonly Bunch[], heartShare: number, fromMm: number, laying: Laying): LaidOut {
  const { turns, costs } = dealRound(ring, laying, MIDDLE_SHARE);
  const placed = turns.map(({ bunch, startDeg, sweepDeg }): Placed => {
    const toMm = topOf(bunch, sweepDeg, fromMm, [heartShare, 1], laying);
    const region = { fromShare: heartShare, toShare: widthShareAt(laying.vessel, toMm), startDeg, sweepDeg };
    return { bunch, place: bunch.place === 'skewer' ? 'skewer' : 'ring', region, fromMm, toMm };
  });
  return { placed, costs };
}

/** What is in the middle, up to a share of the way to the wall. */
export function layHeart(heart: readonly Bunch[], heartShare: number, fromMm: number, laying: Laying): LaidOut {
  const { turns, costs } = dealRound(heart, laying, heartShare * MIDDLE_SHARE);
  const placed = turns.map(({ bunch, startDeg, sweepDeg }): Placed => {
    const toMm = topOf(bunch, sweepDeg, fromMm, [0, heartShare], laying);
    const toShare = Math.min(heartShare, widthShareAt(laying.vessel, toMm));
    return { bunch, place: 'heart', region: { fromShare: 0, toShare, startDeg, sweepDeg }, fromMm, toMm };
  });
  return { placed, costs };
}

/** What lies over the rest: over the middle, or round the best piece in it. */
export function layTops(tops: readonly Bunch[], heartShare: number, fromMm: number, laying: Laying): LaidOut {
  const { vessel, chamber } = laying;
  const mouthMm2 = outlineAreaMm2(chamber.outline);
  const fromShare = heartShare < 1 ? heartShare * TOP_INSIDE : 0;
  const areaAs = (thickMm: number) => (bulkOf(tops) * 1000) / thickMm / mouthMm2;
  const roomMm = Math.max(TOP_MM, vessel.innerDepthMm - fromMm);
  const wanted = Math.max(areaAs(roomMm), Math.min(TOP_MOST_AREA, areaAs(TOP_MM)));
  const toShare = Math.min(widthShareAt(vessel, fromMm), Math.sqrt(fromShare ** 2 + wanted));
  const { turns, costs } = dealRound(tops, laying, (fromShare + toShare) / 2);
  const placed = turns.map(({ bunch, startDeg, sweepDeg }): Placed => {
    const region = { fromShare, toShare, startDeg, sweepDeg };
    const areaMm2 = (mouthMm2 * (toShare ** 2 - fromShare ** 2) * sweepDeg) / 360;
    return { bunch, place: 'top', region, fromMm, toMm: fromMm + (bunch.bulkMl * 1000) / areaMm2 };
  });
  return { placed, costs };
}
