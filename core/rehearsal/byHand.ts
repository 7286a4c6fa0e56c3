import type { Act, Fact, PotPlan } from '@elixa/contract';
import type { Pan } from '../diners/table';
import type { LiveState } from '../live/foldLive';
import type { RehearsedPot } from '../planEvening/rehearsed';
import { TASTED_S } from '../simmer/problems';
import { drawsOf } from './draws';
import type { Mishap } from './mishaps';
import type { RehearsalScore } from './rehearsed';
import { TrueStove, type Stands } from './trueStove';

/** The acts of a tap, by the pot at which they are done. */
export const actsByPot = (facts: readonly Fact[]): Map<Pan, Act[]> => {
  const byPan = new Map<Pan, Act[]>();
  for (const { potId, act } of facts) {
    if (act) byPan.set(potId as Pan, [...(byPan.get(potId as Pan) ?? []), act]);
  }
  return byPan;
};

/** What is true of the stove of a rehearsal at a moment, which its phone does not know. Seconds from lighting the burner. */
export interface Truth {
  atS: number;
  /** Of the liquid in the pot; nothing before there is any. */
  tempC?: number;
  boils: boolean;
  /** What was lifted out so far, as it was then. */
  lifted: Array<{ id: string; atS: number } & Stands>;
}

/**
 * The stove of a rehearsal that somebody taps by hand.
 * @param state what was told so far
 */
export function truthAt(
  pot: RehearsedPot,
  { seed, mishaps }: { seed: number; mishaps: readonly Mishap[] },
  { taps }: Pick<LiveState, 'taps'>,
  atS: number,
): Truth {
  const stove = new TrueStove(pot, drawsOf(seed), new Set(mishaps));
  const lifted = new Map<string, Truth['lifted'][number]>();
  for (const { facts, atS: tappedS } of taps.filter((one) => one.atS <= atS)) {
    stove.waitUntil(tappedS);
    for (const { act } of facts) {
      for (const id of act?.is === 'liftedOut' ? act.pieceIds : []) {
        const stands = stove.stands(id);
        if (stands && !lifted.has(id)) lifted.set(id, { id, atS: tappedS, ...stands });
      }
    }
    for (const [pan, acts] of actsByPot(facts)) stove.do(pan, acts);
  }
  stove.waitUntil(atS);
  const tempC = stove.tempC('main');
  return {
    atS,
    ...(tempC === undefined ? {} : { tempC }),
    boils: stove.boilsFromS('main') !== undefined,
    lifted: [...lifted.values()],
  };
}

/** How a rehearsal by hand came out, by what was lifted out of its pots. */
export function byHandScore({ simmer }: Pick<PotPlan, 'simmer'>, { lifted }: Pick<Truth, 'lifted'>): RehearsalScore {
  const first = new Set(simmer.pieces.flatMap(({ id, round }) => (round === 1 ? [id] : [])));
  const readyS = Math.max(0, ...lifted.flatMap(({ id, atS }) => (first.has(id) ? [atS] : [])));
  const out = lifted.filter(({ lacksS, pastS }) => lacksS > TASTED_S || pastS > TASTED_S);
  return {
    unsafeCalledReady: lifted.filter(({ isSafe }) => !isSafe).map(({ id }) => id),
    outOfWindow: out.map(({ id }) => id),
    lifted: lifted.length,
    lateS: readyS > 0 ? readyS - (simmer.readyAtS[0] ?? readyS) : 0,
    hurried: 0,
  };
}

/** From how warm on there are small bubbles at the edge, and steam, in °C. Kitchen estimates, 85-92 and 60-70. */
const BUBBLES_C = 88;
const STEAMS_C = 65;

/** What is seen at the pot of a rehearsal by whoever looks into it. */
export function seenOf({ boils, tempC }: Pick<Truth, 'boils' | 'tempC'>): string {
  if (tempC === undefined) return 'There is nothing in the pot yet.';
  if (boils) return 'It bubbles all over.';
  if (tempC >= BUBBLES_C) return 'Small bubbles at the edge, none in the middle.';
  return tempC >= STEAMS_C ? 'It steams, and is still.' : 'It is still.';
}
