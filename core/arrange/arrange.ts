import type { Vessel } from '@elixa/contract';
import type { Place, Stack } from '../catalogue/style';
import { sum } from '../measures/sum';
import { nearnessOf, solveAround, type Held } from './around';
import type { Bunch } from './bunches';
import { chambersOf, outlineAreaMm2, type Chamber, type Region } from './outline';
import { heapedAtMm, heapedBelowMl, ringMl, risesTo } from './room';
import { skewersOf, type SkewerPlan } from './skewers';
import { stacksOf, type StackPlan } from './stacks';
import { headroomMm, widthShareAt } from './vesselShape';

/** Where the cook has put a bunch, where that is not left to the solver. */
export interface LaidByHand extends Held {
  place: Exclude<Place, 'beside' | 'stack' | 'skewer'>;
}

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

/** A pot as it is built, before any liquid. */
export interface Arrangement {
  placed: Placed[];
  /** What waits on plates. */
  beside: Bunch[];
  /** Height of the surface of what lies round the wall. */
  surfaceMm: number;
  stacks?: StackPlan;
  skewers?: SkewerPlan;
  /** What the order round the wall costs; see docs/decisions/0017. */
  costs: number;
}

export interface ArrangeQuestion {
  vessel: Vessel;
  bunches: readonly Bunch[];
  keepsApart?: ReadonlyArray<{ a: string; b: string }>;
  stack?: Stack;
  headroomMm?: number;
  byHand?: ReadonlyMap<string, LaidByHand>;
  /** Food and liquid together when everything has settled, in ml; and whether the liquid goes in first, so that it spreads the food. */
  fillMl?: number;
  pouredFirst?: boolean;
  seed?: number;
}

/** The middle of the ring, where a bunch has to be as wide as a piece of it. */
const MIDDLE_SHARE = 0.75;
/** What is laid on top lies at least so thick, in mm, and covers no more than so much of the mouth: what is under it has to be seen. Kitchen estimates. */
const TOP_MM = 14;
const TOP_MOST_AREA = 0.2;
/** It begins at the heart's edge, so that the best piece is still seen. */
const TOP_INSIDE = 0.94;
/** The heart takes no more of the way to the wall than this: bunches round it have to be seen. */
const HEART_MOST = 0.72;
const HEART_LEAST = 0.22;

const bulkOf = (bunches: readonly Bunch[]) => sum(bunches.map((one) => one.bulkMl));
const widest = ({ parts }: Bunch) => Math.max(0, ...parts.map(({ piece }) => piece.acrossMm));
const thickest = ({ parts }: Bunch) => Math.max(0, ...parts.map(({ piece }) => piece.heightMm));

/** The place of a bunch: the cook's, or else the style's. */
const placeOfBunch = (one: Bunch, byHand: ArrangeQuestion['byHand']): Place =>
  one.place === 'beside' || one.place === 'stack' || one.place === 'skewer'
    ? one.place
    : (byHand?.get(one.id)?.place ?? one.place);

/** Shares of a turn by volume; nothing gets less than a piece of it is wide, and the others make room. */
function sweepsOf(bunches: readonly Bunch[], roundMm: number): number[] {
  const least = bunches.map((one) => Math.min(360 / bunches.length, (360 * widest(one) * 0.9) / roundMm));
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

interface Layer {
  chamber: Chamber;
  question: ArrangeQuestion;
}

/** Bunches side by side once round, each with its share of the turn. */
function dealRound(bunches: readonly Bunch[], { chamber, question }: Layer, share: number) {
  if (bunches.length === 0) return { turns: [], costs: 0 };
  const roundMm = 2 * Math.sqrt(Math.PI * outlineAreaMm2(chamber.outline)) * share;
  const sweepDeg = sweepsOf(bunches, roundMm);
  const held = bunches.map((one) => question.byHand?.get(one.id));
  const nearness = nearnessOf(bunches, question.keepsApart ?? []);
  const { order, fromDeg, costs } = solveAround({ sweepDeg, nearness, held }, question.seed);
  // What is largest lies at the back, where it hides nothing, unless the cook has turned the pot.
  const largest = order.reduce((a, b) => (sweepDeg[b]! > sweepDeg[a]! + 1e-9 ? b : a));
  let at = held.some(Boolean)
    ? fromDeg
    : -sum(order.slice(0, order.indexOf(largest)).map((index) => sweepDeg[index]!)) - sweepDeg[largest]! / 2;
  const turns = order.map((index) => {
    const turn = { bunch: bunches[index]!, startDeg: ((at % 360) + 360) % 360, sweepDeg: sweepDeg[index]! };
    at += sweepDeg[index]!;
    return turn;
  });
  return { turns, costs };
}

/** What lies under everything: a layer for each that the style tells apart, side by side in it. */
function layBeds(beds: readonly Bunch[], layer: Layer): { placed: Placed[]; topMm: number; costs: number } {
  const { vessel } = layer.question;
  const { areaShare } = layer.chamber;
  const placed: Placed[] = [];
  let fromMm = 0;
  let costs = 0;
  for (const level of [...new Set(beds.map((one) => one.layer))].sort((a, b) => a - b)) {
    const mine = beds.filter((one) => one.layer === level);
    const fullMm = heapedAtMm(vessel, heapedBelowMl(vessel, fromMm) + bulkOf(mine) / areaShare);
    // A layer is no thinner than its pieces; where they do not cover the bottom they lie in the middle of it.
    const toMm = Math.max(fullMm, fromMm + Math.max(...mine.map(thickest)));
    const wall = widthShareAt(vessel, toMm);
    const coversMl = ringMl(vessel, fromMm, toMm, 0, 1) * areaShare;
    const toShare = wall * Math.min(1, Math.sqrt(bulkOf(mine) / coversMl));
    const dealt = dealRound(mine, layer, toShare * MIDDLE_SHARE);
    costs += dealt.costs;
    for (const { bunch, startDeg, sweepDeg } of dealt.turns) {
      placed.push({ bunch, place: 'bed', region: { fromShare: 0, toShare, startDeg, sweepDeg }, fromMm, toMm });
    }
    fromMm = toMm;
  }
  return { placed, topMm: fromMm, costs };
}

/** The share of the way to the wall that the heart takes of what stands between two heights. */
function heartShareOf(heartMl: number, allMl: number, vessel: Vessel, fromMm: number, toMm: number, areaShare: number) {
  if (heartMl <= 0) return 0;
  if (allMl - heartMl <= 1e-9) return 1;
  const share = risesTo(heartMl, 0, 1, (to) => ringMl(vessel, fromMm, toMm, 0, to) * areaShare);
  return Math.min(HEART_MOST, Math.max(HEART_LEAST, share));
}

/** How high a bunch stands that has so much of the turn between two shares. */
function topOf(
  bulkMl: number,
  sweepDeg: number,
  fromMm: number,
  inside: { vessel: Vessel; fromShare: number; toShare: number; areaShare: number },
) {
  const { vessel, fromShare, toShare, areaShare } = inside;
  const most = fromMm + vessel.innerDepthMm * 8;
  const upTo = (toMm: number) =>
    toMm <= vessel.innerDepthMm
      ? ringMl(vessel, fromMm, toMm, fromShare, toShare)
      : ringMl(vessel, fromMm, Math.max(fromMm, vessel.innerDepthMm), fromShare, toShare) +
        ringMl(vessel, Math.max(fromMm, vessel.innerDepthMm), toMm, fromShare, toShare);
  return risesTo(bulkMl, fromMm, most, (toMm) => (upTo(toMm) * areaShare * sweepDeg) / 360);
}

/** What lies over the rest: over the middle, or round the best piece in it. */
function layTops(
  tops: readonly Bunch[],
  heartShare: number,
  fromMm: number,
  layer: Layer,
): { placed: Placed[]; costs: number } {
  const { outline } = layer.chamber;
  const { vessel } = layer.question;
  const fromShare = heartShare < 1 ? heartShare * TOP_INSIDE : 0;
  const wanted = Math.min(TOP_MOST_AREA, (bulkOf(tops) * 1000) / TOP_MM / outlineAreaMm2(outline));
  const toShare = Math.min(widthShareAt(vessel, fromMm), Math.sqrt(fromShare ** 2 + wanted));
  const { turns, costs } = dealRound(tops, layer, (fromShare + toShare) / 2);
  const placed = turns.map(({ bunch, startDeg, sweepDeg }): Placed => {
    const region = { fromShare, toShare, startDeg, sweepDeg };
    const areaMm2 = (outlineAreaMm2(outline) * (toShare ** 2 - fromShare ** 2) * sweepDeg) / 360;
    return { bunch, place: 'top', region, fromMm, toMm: fromMm + (bunch.bulkMl * 1000) / areaMm2 };
  });
  return { placed, costs };
}

function layChamber(bunches: readonly Bunch[], layer: Layer): Omit<Arrangement, 'beside'> {
  const { question, chamber } = layer;
  const { vessel, byHand, stack } = question;
  const { areaShare } = chamber;
  const at = (place: Place) => bunches.filter((one) => placeOfBunch(one, byHand) === place);
  const beds = layBeds(at('bed'), layer);
  const fromMm = beds.topMm;
  const [ring, heart, leaning, tops] = [at('ring'), at('heart'), at('skewer'), at('top')];
  const usableMm = vessel.innerDepthMm - (question.headroomMm ?? headroomMm(vessel));
  const wallAt = (heightMm: number) => widthShareAt(vessel, heightMm);
  const placed = [...beds.placed];
  let costs = beds.costs;

  const stacked = at('stack');
  const stacks =
    stack &&
    stacksOf(stacked, stack, 2 * Math.sqrt(outlineAreaMm2(chamber.outline) / Math.PI), {
      heightMm: usableMm,
      widthShare: wallAt(usableMm),
    });
  const besideHeart = [...ring, ...leaning];
  const standing = [...besideHeart, ...heart];
  // In a pot that is filled first, pieces lie as far apart as the liquid lets them.
  const filledMl = question.pouredFirst ? (question.fillMl ?? 0) : 0;
  const looseMl = (filledMl - heapedBelowMl(vessel, fromMm)) * areaShare;
  const loose = Math.max(1, looseMl / (bulkOf(standing) || 1));
  const surfaceMm = stacks
    ? usableMm
    : heapedAtMm(vessel, heapedBelowMl(vessel, fromMm) + (loose * bulkOf(standing)) / areaShare);
  if (stacks) {
    const innermost = stacks.rows[stacks.rows.length - 1];
    const region = { fromShare: innermost?.fromShare ?? 0, toShare: wallAt(usableMm), startDeg: 0, sweepDeg: 360 };
    // They are pressed into the bed.
    for (const bunch of stacked) placed.push({ bunch, place: 'stack', region, fromMm, toMm: usableMm });
  }
  const heartShare = stacks
    ? Math.max(0.1, stacks.rows[stacks.rows.length - 1]?.fromShare ?? HEART_LEAST)
    : heartShareOf(loose * bulkOf(heart), loose * bulkOf(standing), vessel, fromMm, surfaceMm, areaShare);
  const around = dealRound(besideHeart, layer, MIDDLE_SHARE);
  costs += around.costs;
  for (const { bunch, startDeg, sweepDeg } of around.turns) {
    const fromShare = heart.length > 0 || stacks ? heartShare : 0;
    const inside = { vessel, fromShare, toShare: 1, areaShare };
    const toMm = topOf(loose * bunch.bulkMl, sweepDeg, fromMm, inside);
    const region = { fromShare, toShare: wallAt(toMm), startDeg, sweepDeg };
    placed.push({ bunch, place: leaning.includes(bunch) ? 'skewer' : 'ring', region, fromMm, toMm });
  }
  const middle = dealRound(heart, layer, heartShare * MIDDLE_SHARE);
  costs += middle.costs;
  for (const { bunch, startDeg, sweepDeg } of middle.turns) {
    const toShare = besideHeart.length > 0 || stacks ? heartShare : 1;
    const toMm = topOf(loose * bunch.bulkMl, sweepDeg, fromMm, { vessel, fromShare: 0, toShare, areaShare });
    placed.push({
      bunch,
      place: 'heart',
      region: { fromShare: 0, toShare: Math.min(toShare, wallAt(toMm)), startDeg, sweepDeg },
      fromMm,
      toMm,
    });
  }
  if (tops.length > 0) {
    // They go in last, when the rest has fallen in.
    const settledMm = question.fillMl === undefined ? surfaceMm : heapedAtMm(vessel, question.fillMl);
    const over = layTops(tops, heart.length > 0 || stacks ? heartShare : 0, Math.min(surfaceMm, settledMm), layer);
    placed.push(...over.placed);
    costs += over.costs;
  }
  return {
    placed: placed.map((one) => {
      const held = byHand?.get(one.bunch.id);
      return held?.byHand || held?.locked ? { ...one, held } : one;
    }),
    surfaceMm,
    ...(stacks ? { stacks } : {}),
    costs,
  };
}

/**
 * Where everything lies in a pot: what is slow in a bed under all, stacks or bunches round the wall, the best piece in the
 * middle, what is tender on top; each with the room that its volume asks for, like things far from one another, and what the
 * cook has put somewhere where it was put.
 * @param question.bunches of one round; what stands beside the pot among them
 * @example arrangePot({ vessel, bunches }).placed[0].region // { fromShare: 0, toShare: 0.71, startDeg: 0, sweepDeg: 360 }
 */
export function arrangePot(question: ArrangeQuestion): Arrangement {
  const { vessel, bunches } = question;
  const inPot = bunches.filter((one) => one.place !== 'beside');
  const chambers = chambersOf(
    vessel,
    inPot.some((one) => one.side),
  );
  const laid = chambers.map((chamber) =>
    layChamber(
      inPot.filter((one) => one.side === chamber.side),
      { chamber, question },
    ),
  );
  const stacks = laid.find((one) => one.stacks)?.stacks;
  const skewers = skewersOf(inPot.filter((one) => one.place === 'skewer'));
  return {
    placed: laid.flatMap((one) => one.placed),
    beside: bunches.filter((one) => one.place === 'beside'),
    surfaceMm: Math.max(...laid.map((one) => one.surfaceMm)),
    ...(stacks ? { stacks } : {}),
    ...(skewers ? { skewers } : {}),
    costs: sum(laid.map((one) => one.costs)),
  };
}
