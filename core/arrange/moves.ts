import type { Laid, Placement, Vessel } from '@elixa/contract';
import { chambersOf, outlineFor, placeOf, type Point } from './outline';

/** Where a bunch is put: in which part of the pot, and in which direction from its middle. */
export interface Spot {
  place: Laid['place'];
  atDeg: number;
  /** In a pot with two broths: on this side of the wall. */
  side?: 'first' | 'second';
}

const inTurn = (deg: number) => ((deg % 360) + 360) % 360;

/** Whether a bunch is one that a cook moves about: not a stack, and not what waits on a plate. */
export const isMovable = ({ region, place }: Pick<Placement, 'region' | 'place'>): boolean =>
  region !== undefined && place !== 'stack' && place !== 'beside';

/**
 * Everything where it lies now, as if the cook had put it there: what a change by hand starts from, so that the rest stays.
 * @example laidOf(plan.build.placements)[0] // { id: 'daikon', place: 'ring', atDeg: 250 }
 */
export function laidOf(placements: readonly Placement[]): Laid[] {
  const seen = new Map<string, Laid>();
  for (const { id, place, region, held } of placements.filter(isMovable)) {
    if (!region || seen.has(id)) continue;
    seen.set(id, {
      id,
      place: place === 'skewer' || place === 'stack' || place === 'beside' ? 'ring' : place,
      atDeg: inTurn(region.startDeg + region.sweepDeg / 2),
      ...(held ? { byHand: true } : {}),
      ...(held === 'locked' ? { locked: true } : {}),
    });
  }
  return [...seen.values()];
}

/** The same with one bunch put elsewhere. */
export const moved = (laid: readonly Laid[], id: string, { place, atDeg }: Spot): Laid[] =>
  laid.map((one) => (one.id === id ? { ...one, place, atDeg: inTurn(atDeg), byHand: true } : one));

/** The same with two bunches each in the other's place. */
export function swapped(laid: readonly Laid[], a: string, b: string): Laid[] {
  const [one, other] = [a, b].map((id) => laid.find((each) => each.id === id));
  if (!one || !other) return [...laid];
  return moved(moved(laid, a, other), b, one);
}

/** The same with the whole pot turned, what is locked as well: it is the pot that turns. */
export const turned = (laid: readonly Laid[], byDeg: number): Laid[] =>
  laid.map((one) => ({ ...one, atDeg: inTurn(one.atDeg + byDeg) }));

/** The same with one bunch locked where it lies, or not any more. */
export const lockedAs = (laid: readonly Laid[], id: string, locked: boolean): Laid[] =>
  laid.map((one) =>
    one.id === id ? { id, place: one.place, atDeg: one.atDeg, byHand: true, ...(locked ? { locked } : {}) } : one,
  );

/** What stays when the rest is arranged anew: what is locked. */
export const lockedOf = (laid: readonly Laid[]): Laid[] => laid.filter((one) => one.locked);

type Sided = Pick<Placement, 'id' | 'side'>;

/** The bunches on the same side of the wall as one of them, itself among them; all where there is no wall. */
export function onSideOf(laid: readonly Laid[], id: string, placements: readonly Sided[]): Laid[] {
  const sideOf = new Map(placements.map((one) => [one.id, one.side]));
  return laid.filter((one) => sideOf.get(one.id) === sideOf.get(id));
}

/** The bunch that lies in the same place next to another, on its side of the wall, clockwise or against the clock. */
export function nextTo(
  laid: readonly Laid[],
  id: string,
  clockwise: boolean,
  placements: readonly Sided[],
): Laid | undefined {
  const mine = laid.find((one) => one.id === id);
  if (!mine) return undefined;
  const round = onSideOf(laid, id, placements)
    .filter((one) => one.place === mine.place)
    .sort((a, b) => a.atDeg - b.atDeg);
  if (round.length < 2) return undefined;
  return round[(round.indexOf(mine) + (clockwise ? 1 : round.length - 1)) % round.length];
}

/** One step along with a key or a button: it changes places with its neighbour. */
export function stepped(laid: readonly Laid[], id: string, clockwise: boolean, placements: readonly Sided[]): Laid[] {
  const other = nextTo(laid, id, clockwise, placements);
  return other ? swapped(laid, id, other.id) : [...laid];
}

/** Where there is no heart, the middle takes what is dropped so near to it. */
const MIDDLE_SHARE = 0.24;

/**
 * Where a bunch comes to lie that is dropped at a point: in the middle or round it; what lies under or on top stays so.
 * @param point in mm from the middle of the pot, seen from above
 * @returns nothing where the point lies outside the pot
 */
export function spotAt(vessel: Vessel, placements: readonly Placement[], id: string, point: Point): Spot | undefined {
  const mine = placements.find((one) => one.id === id);
  if (!mine) return undefined;
  const isParted = placements.some((one) => one.side);
  const side = chambersOf(vessel, isParted).find(
    (one) => placeOf(outlineFor(vessel, one.side), point).share <= 1,
  )?.side;
  const at = placeOf(outlineFor(vessel, isParted ? (side ?? mine.side) : undefined), point);
  if (at.share > 1.15) return undefined;
  const there = { atDeg: inTurn(at.turnDeg), ...(side ? { side } : {}) };
  if (mine.place === 'bed' || mine.place === 'top') return { place: mine.place, ...there };
  const heart = placements.find((one) => one.place === 'heart' && one.side === side)?.region?.toShare;
  return { place: at.share < (heart ?? MIDDLE_SHARE) ? 'heart' : 'ring', ...there };
}

/** The bunch that is seen at a point, the topmost where several lie over one another. */
export function bunchAt(vessel: Vessel, placements: readonly Placement[], point: Point): string | undefined {
  const order: readonly Placement['place'][] = ['top', 'heart', 'skewer', 'ring', 'stack', 'bed'];
  const isAtWall: readonly Placement['place'][] = ['ring', 'skewer', 'stack'];
  const under = placements.filter(({ region, side, place }) => {
    if (!region) return false;
    const { share, turnDeg } = placeOf(outlineFor(vessel, side), point);
    const along = inTurn(turnDeg - region.startDeg);
    const isRound = region.sweepDeg >= 360 - 1e-6 || along <= region.sweepDeg;
    // What leans on the wall is meant by a finger between it and the wall, too.
    const toShare = isAtWall.includes(place) ? 1 : region.toShare;
    return share >= region.fromShare && share <= toShare && isRound;
  });
  return under.sort((a, b) => order.indexOf(a.place) - order.indexOf(b.place) || b.toMm - a.toMm)[0]?.id;
}
