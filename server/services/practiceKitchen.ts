import type { ProbePlace } from '@elixa/contract';
import { foldLive, potClockS, type PracticeReading } from '@elixa/core';
import type { Planner } from '../workers/planner';
import type { LiveService } from './liveService';
import type { EveningNews } from './news';

/** It is followed so far ahead at once, in s. */
const AHEAD_S = 60;
/** Draws the practice kitchen: its burner, its losses, its jug. */
const SEED = 11;

interface Followed {
  key: string;
  /** The pot's clock at a moment of the wall clock; it stands still where the pot is paused. */
  clockS(nowMs: number): number;
  readings: PracticeReading[];
}

/** Where the stand-ins for devices are: a stove of its own figures under each evening, that does what is told of its pot. */
export function practiceKitchen(live: LiveService, news: EveningNews, planner: Planner, nowMs = Date.now) {
  let followed: Followed | undefined;
  let stopFollowing: (() => void) | undefined;
  let turned: Array<{ atMs: number; share: number }> = [];

  async function follow(key: string, { eveningId, pieceId }: ProbePlace): Promise<Followed> {
    if (followed?.key !== key) {
      stopFollowing?.();
      stopFollowing = news.follow(eveningId, () => {
        followed = undefined;
      });
    }
    const state = foldLive(await live.read(eveningId));
    const { started, taps, startedAtMs = 0 } = state;
    const now = nowMs();
    const fromS = potClockS(state, now);
    const clockS = (atMs: number) => potClockS(state, atMs);
    if (!started) return { key, clockS, readings: [] };
    const readings = await planner.practice({
      evening: started.evening,
      taps: taps.map(({ facts, atS }) => ({ facts, atS })),
      // What the knob was turned to before this pot was lit is not its fire.
      turned: turned.filter(({ atMs }) => atMs >= startedAtMs).map(({ atMs, share }) => ({ atS: clockS(atMs), share })),
      ...(pieceId === undefined ? {} : { pieceId }),
      fromS,
      untilS: fromS + AHEAD_S,
      seed: SEED,
    });
    return { key, clockS, readings };
  }

  return {
    /** How warm it is somewhere in the pot of an evening, in °C; nothing where nothing is there. */
    async tempC(place: ProbePlace): Promise<number | undefined> {
      const key = `${place.eveningId} ${place.pieceId ?? ''}`;
      const known = followed?.key === key ? followed : undefined;
      const ends = known?.readings.at(-1)?.atS ?? -Infinity;
      const one = known && known.clockS(nowMs()) < ends ? known : await follow(key, place);
      followed = one;
      const atS = one.clockS(nowMs());
      return one.readings.findLast((each) => each.atS <= atS)?.tempC;
    },
    /** The fire is turned by hand, now. */
    turn(share: number): void {
      turned = [...turned, { atMs: nowMs(), share }].slice(-200);
      followed = undefined;
    },
  };
}
