import type { Vessel } from '@elixa/contract';
import type { Place, Stack } from '../catalogue/style';
import { sum } from '../measures/sum';
import type { Held } from './around';
import type { KnownOrders } from './around';
import type { Bunch } from './bunches';
import { bulkOf, heartShareOf, layBeds, layHeart, layRing, layTops, type Laying, type Placed } from './layers';
import { chambersOf, outlineAreaMm2, type Chamber } from './outline';
import { heapedAtMm, heapedBelowMl } from './room';
import { skewersOf, type SkewerPlan } from './skewers';
import { stacksOf, type StackPlan } from './stacks';
import { headroomMm, widthShareAt } from './vesselShape';

/** Where the cook has put a bunch, where that is not left to the solver. */
export interface LaidByHand extends Held {
  place: Exclude<Place, 'beside' | 'stack' | 'skewer'>;
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
  /** Orders round the wall that were looked for before. */
  orders?: KnownOrders;
}

/** A hole is never closed by what stands round it, in shares of the way to the rim. */
const LEAST_HOLE = 0.1;

/** The place of a bunch: the cook's, or else the style's. */
const placeOfBunch = (one: Bunch, byHand: ArrangeQuestion['byHand']): Place =>
  one.place === 'beside' || one.place === 'stack' || one.place === 'skewer'
    ? one.place
    : (byHand?.get(one.id)?.place ?? one.place);

/** How much further apart pieces lie than dry where the pot is filled first. */
function looseIn(standing: readonly Bunch[], fromMm: number, chamber: Chamber, question: ArrangeQuestion): number {
  if (!question.pouredFirst || question.fillMl === undefined) return 1;
  const roomMl = (question.fillMl - heapedBelowMl(question.vessel, fromMm)) * chamber.areaShare;
  return Math.max(1, roomMl / (bulkOf(standing) || 1));
}

/** Stacks on end round the wall, and how far the hole in their middle reaches. */
function layStacks(stacked: readonly Bunch[], fromMm: number, chamber: Chamber, question: ArrangeQuestion) {
  const { vessel, stack } = question;
  const heightMm = vessel.innerDepthMm - (question.headroomMm ?? headroomMm(vessel));
  const widthShare = widthShareAt(vessel, heightMm);
  const mouthMm = 2 * Math.sqrt(outlineAreaMm2(chamber.outline) / Math.PI);
  const stacks = stack && stacksOf(stacked, stack, mouthMm, { heightMm, widthShare });
  const innermost = stacks?.rows[stacks.rows.length - 1];
  if (!stacks || !innermost) return undefined;
  const region = { fromShare: innermost.fromShare, toShare: widthShare, startDeg: 0, sweepDeg: 360 };
  // They are pressed into the bed.
  const placed = stacked.map((bunch): Placed => ({ bunch, place: 'stack', region, fromMm, toMm: heightMm }));
  return { stacks, placed, heightMm, holeShare: Math.max(LEAST_HOLE, innermost.fromShare) };
}

function layChamber(
  bunches: readonly Bunch[],
  chamber: Chamber,
  question: ArrangeQuestion,
): Omit<Arrangement, 'beside'> {
  const { vessel, byHand, keepsApart = [], seed, orders, fillMl } = question;
  const at = (place: Place) => bunches.filter((one) => placeOfBunch(one, byHand) === place);
  const dry: Laying = { chamber, vessel, keepsApart, seed, orders, loose: 1, heldOf: (one) => byHand?.get(one.id) };
  const beds = layBeds(at('bed'), dry);
  const fromMm = beds.topMm;
  const stacked = layStacks(at('stack'), fromMm, chamber, question);
  // Round the wall of stacks nothing else finds room: it goes into the hole.
  const ring = stacked ? [] : [...at('ring'), ...at('skewer')];
  const heart = stacked ? [...at('ring'), ...at('skewer'), ...at('heart')] : at('heart');
  const standing = [...ring, ...heart];
  const laying = { ...dry, loose: looseIn(standing, fromMm, chamber, question) };
  const standingMl = (laying.loose * bulkOf(standing)) / chamber.areaShare;
  const surfaceMm = stacked?.heightMm ?? heapedAtMm(vessel, heapedBelowMl(vessel, fromMm) + standingMl);
  const heartShare = stacked?.holeShare ?? heartShareOf(heart, ring, [fromMm, surfaceMm], laying);
  // What is laid on top goes in last, when the rest has fallen in.
  const settledMm = fillMl === undefined ? surfaceMm : heapedAtMm(vessel, fillMl);
  const layers = [
    beds,
    layRing(ring, heartShare, fromMm, laying),
    layHeart(heart, heartShare, fromMm, laying),
    layTops(at('top'), heartShare, Math.min(surfaceMm, settledMm), laying),
  ];
  const placed = [...beds.placed, ...(stacked?.placed ?? []), ...layers.slice(1).flatMap((one) => one.placed)];
  return {
    placed: placed.map((one) => {
      const held = byHand?.get(one.bunch.id);
      return held?.byHand || held?.locked ? { ...one, held } : one;
    }),
    surfaceMm,
    ...(stacked ? { stacks: stacked.stacks } : {}),
    costs: sum(layers.map((one) => one.costs)),
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
      chamber,
      question,
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
