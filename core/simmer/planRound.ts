import type { SimmerPiece } from '@elixa/contract';
import type { Pan } from '../diners/table';
import { sum } from '../measures/sum';
import type { AdditionModel, CookWindow, PanContext } from './additionModel';
import { withinHands } from './hands';
import type { Going, GroupPiece, RoundGroup, TimedRound } from './round';
import { groupAdditions, timeOfAll, type AdditionGroup, type Timed } from './groupAdditions';

/** While the pot comes back to the boil it cooks about half as fast. Kitchen estimate, 0.3-0.7. */
const COLD_SPELL_COUNTS = 0.5;

/** What goes in together cools the pot for one another, which moves a window by so much at most, in s. Seen in small pots. */
const MOVED_S = 15;

type Thing = Timed & Going & { window: CookWindow };

/**
 * The window of a thing in a pot that its own cold and that of what follows keeps from boiling for so long. For what has
 * to be cooked through a cold spell counts nothing, and it gets its best time at least.
 */
function windowWith(thing: Thing, coldS: number): Thing {
  const { leastS, bestS, mostS, safeS, sign, byClock, wantsBest } = thing.window;
  if (byClock) return wantsBest ? { ...thing, leastS: bestS } : thing;
  if (safeS <= 0) return thing;
  const lost = coldS * COLD_SPELL_COUNTS;
  const window = { leastS: leastS + lost, bestS: bestS + lost, mostS: mostS + lost, safeS: safeS + lost, sign };
  return { ...thing, ...window, leastS: window.bestS, window };
}

/** Nothing is in for longer than what lies in the pot from before the boil stands, where its own window allows that. */
function withinCold(thing: Thing, all: readonly Thing[], afterBoilS: number): Thing {
  const capS = Math.min(...all.filter((one) => one.fromCold).map((one) => one.mostS)) - afterBoilS;
  if (thing.fromCold || thing.mostS <= capS) return thing;
  const mostS = Math.max(thing.leastS, capS);
  return { ...thing, mostS, bestS: Math.min(thing.bestS, mostS) };
}

const atLeast = (thing: Thing, leastS: number): Thing =>
  thing.leastS >= leastS
    ? thing
    : { ...thing, leastS, bestS: Math.max(thing.bestS, leastS), mostS: Math.max(thing.mostS, leastS) };

/** So long before what follows: a cup is ladled out, a sauce stirred through. Kitchen estimate, 1-3 min. */
const BETWEEN_PARTS_S = 120;

/** A stage that goes in by itself parts what comes before it from what comes after it. */
function partedAt(things: readonly Thing[]): Thing[][] {
  const apart = [...new Set(things.filter((one) => one.apart).map((one) => one.order))];
  const parts = new Map<string, Thing[]>();
  for (const thing of things) {
    const after = apart.filter((order) => order < thing.order).length;
    const key = `${thing.part} ${after}${thing.apart ? ` apart ${thing.order}` : ''}`;
    parts.set(key, [...(parts.get(key) ?? []), thing]);
  }
  return [...parts.values()];
}

const firstOrder = (group: AdditionGroup<Thing>) => Math.min(...group.members.map((one) => one.order));

/** From the longest time to the shortest; of two that are as long the one of the earlier stage. */
const inTurn = (a: AdditionGroup<Thing>, b: AdditionGroup<Thing>): number =>
  Math.abs(b.cookS - a.cookS) > 1e-3 ? b.cookS - a.cookS : firstOrder(a) - firstOrder(b);

/**
 * The groups in which what comes at an earlier stage never goes in after what comes at a later one: where it would, it
 * gets at least the time of the later one, and all are grouped again.
 */
function groupInOrder(things: readonly Thing[]): AdditionGroup<Thing>[] {
  let open = [...things];
  for (;;) {
    const groups = partedAt(open).flatMap(groupAdditions).sort(inTurn);
    const timed = groups.flatMap(({ cookS, members }) => members.map((thing) => ({ thing, cookS })));
    const late = timed.flatMap(({ thing, cookS }) => {
      const laterS = Math.max(
        0,
        ...timed
          .filter((one) => one.thing.order > thing.order)
          .map((one) => one.cookS + (one.thing.part > thing.part ? BETWEEN_PARTS_S : 0)),
      );
      return laterS > cookS + 1e-6 ? [[thing, laterS] as const] : [];
    });
    if (late.length === 0) return groups;
    const floors = new Map(late);
    open = open.map((thing) => atLeast(thing, floors.get(thing) ?? 0));
  }
}

const toPiece = ({ window, ...thing }: Thing, cookS: number): GroupPiece => ({
  ingredientId: thing.ingredientId,
  cut: thing.cut,
  massG: thing.massG,
  way: thing.way,
  stageId: thing.stageId,
  order: thing.order,
  fromCold: thing.fromCold,
  apart: thing.apart,
  part: thing.part,
  cookS,
  window,
});

/**
 * The additions of one round in one pan, timed backwards from the moment it is lifted out. Each cold addition stops the
 * boil, and at the end the burner may be off for a while with the lid on; what is in the pot at such a time goes in
 * earlier by the cooking that it loses.
 *
 * What the cook has in for a time of their own goes in then, but never so late that it would not be cooked through.
 *
 * How long the pot is cold depends on what goes in together, and what may go in together on how long it is cold; both
 * are settled in turn, and a time that was lengthened is not shortened again.
 * @param restS seconds off and covered at the end; `stillS` those in which nothing cooks at all, since what must not boil is
 *   in the pot; and `afterBoilS` between the boil and what goes in first
 * @throws RangeError when the model knows no time for a cut
 */
export function planRound(
  going: readonly Going[],
  model: AdditionModel,
  pan: PanContext,
  { restS = 0, stillS = 0, afterBoilS = 0 }: { restS?: number; stillS?: number; afterBoilS?: number } = {},
): TimedRound {
  const things = going.map((one): Thing => {
    const window = model.cookWindow(one.ingredientId, one.cut, pan, one.way);
    return { ...one, window, ...window };
  });
  const ownS = ({ ingredientId, cut }: Going) => model.inPotS?.(ingredientId, cut);
  /** Each by itself; two that are in for as long go in together. */
  const ownGroups = (own: readonly Thing[]): AdditionGroup<Thing>[] => {
    const byTime = new Map<number, Thing[]>();
    for (const one of own) {
      const cookS = Math.max(ownS(one)!, one.window.safeS);
      byTime.set(cookS, [...(byTime.get(cookS) ?? []), one]);
    }
    return [...byTime].map(([cookS, members]) => ({ cookS, members }));
  };
  const drawnOut = things
    .filter((one) => !one.fromCold)
    .map((one): Thing => {
      const { leastS, mostS } = one.window.edges ?? one.window;
      return { ...one, leastS: leastS - MOVED_S, mostS: mostS + MOVED_S };
    });
  // What goes in by itself may go in at the same moment as something else; what is parted by a task may not.
  const parts = [...new Set(drawnOut.map((one) => one.part))];
  const leastGroups = sum(parts.map((part) => groupAdditions(drawnOut.filter((one) => one.part === part)).length));
  const isByClock = things.length > 0 && things.every((one) => one.window.byClock);
  const coldS = new Map<string, number>();
  const key = ({ ingredientId, cut, stageId }: Going) => `${ingredientId}/${cut}/${stageId}`;
  for (;;) {
    const windows = things.map((thing) => windowWith(thing, coldS.get(key(thing)) ?? 0));
    const open = isByClock ? windows.map((thing) => withinCold(thing, windows, afterBoilS)) : windows;
    const late = open.filter((one) => !one.fromCold);
    const own = late.filter((one) => ownS(one) !== undefined);
    const hot = [...groupInOrder(late.filter((one) => !own.includes(one))), ...ownGroups(own)].sort(inTurn);
    const fromCold = open.filter((one) => one.fromCold);
    const recoveries = hot.map((group) => model.recoveryS(group.members, pan));
    // Where nothing cooks at all, all of the time is lost. Windows by the clock have all that in them.
    const coldFrom = (index: number) =>
      isByClock ? 0 : sum(recoveries.slice(index)) + restS + stillS / COLD_SPELL_COUNTS;
    const spells = [
      ...hot.flatMap((group, index) => group.members.map((one) => ({ one, coldS: coldFrom(index) }))),
      ...fromCold.map((one) => ({ one, coldS: coldFrom(0) })),
    ];
    const colder = spells.filter(
      (spell) => spell.one.window.safeS > 0 && spell.coldS > (coldS.get(key(spell.one)) ?? 0) + 1e-6,
    );
    if (colder.length === 0) {
      const groups = hot.map(({ cookS, members }, index): RoundGroup => {
        const lost = coldFrom(index) * COLD_SPELL_COUNTS;
        // A time of the cook's own is by the clock; what the cold takes of it is lost, but never what makes it safe.
        const isOwn = members.some((one) => ownS(one) !== undefined);
        const clockS = isOwn
          ? Math.max(cookS, ...members.map((one) => one.window.safeS + (one.window.safeS > 0 ? lost : 0)))
          : cookS + lost;
        const beforeReadyS = Math.max(restS + stillS, clockS);
        return {
          recoveryS: recoveries[index]!,
          beforeReadyS,
          pieces: members.map((one) => toPiece(one, beforeReadyS - lost)),
        };
      });
      groups.sort((a, b) => b.beforeReadyS - a.beforeReadyS);
      const inTime = withinHands(groups, (piece) => ownS(piece) !== undefined);
      const longestS = inTime[0]?.beforeReadyS ?? 0;
      const withSkimmingS = longestS + afterBoilS;
      if (fromCold.length === 0) return { groups: inTime, boiledS: withSkimmingS, leastGroups };
      const lost = coldFrom(0) * COLD_SPELL_COUNTS;
      const boiledS = Math.max(inTime.length > 0 ? withSkimmingS : 0, timeOfAll(fromCold) + lost);
      const cold = {
        recoveryS: 0,
        beforeReadyS: boiledS,
        pieces: fromCold.map((one) => toPiece(one, boiledS - lost)),
      };
      return { cold, groups: inTime, boiledS, leastGroups };
    }
    for (const spell of spells) coldS.set(key(spell.one), Math.max(coldS.get(key(spell.one)) ?? 0, spell.coldS));
  }
}

/** A piece of a timed round as the plan lists it. */
export function simmerPiece(
  piece: GroupPiece,
  times: { inAtS: number; countsFromS: number; outAtS: number; round: number; pan: Pan; id: string },
): SimmerPiece {
  const { ingredientId, cut, massG, way, cookS, window } = piece;
  const { leastS, bestS, mostS, safeS, sign } = window;
  return {
    ingredientId,
    cut,
    massG,
    way,
    ...times,
    cookS,
    leastS,
    bestS,
    mostS,
    safeS,
    inWindow: cookS >= leastS - 1e-6 && cookS <= mostS + 1e-6,
    safe: cookS >= safeS - 1e-6,
    sign,
  };
}
