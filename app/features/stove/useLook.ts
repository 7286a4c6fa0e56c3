import { potClockS, type Look } from '@elixa/core';
import { useEffect, useRef, useState } from 'react';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { nowMs } from '@/state/clock';
import { DEVICE } from '@/state/device';
import { askStove, stopStove } from '@/workers/planner';

/** The pots are looked at anew after every tap, and so often besides. */
const AGAIN_MS = 30_000;
/** However fast a clock goes, the pots are looked at no more often than this. */
const LEAST_MS = 2000;
/** A phone that did not tap leaves it to the one that did to plan again, for so long, in s. */
const LEAVES_IT_S = 10;

/** Whose stove it is, and by which clock. */
interface Stove {
  key: string;
  isOn: boolean;
  /** So many times as fast as the clock on the wall. */
  rate: number;
  nowMs(): number;
}

const REAL: Stove = { key: 'stove', isOn: true, rate: 1, nowMs };

/**
 * The pots of an evening as they are after all that was tapped, worked out off the page; where the plan does not hold, it
 * is cooked on by one that does.
 * @returns none until they were looked at; and why they cannot be, where that is so
 */
export function useLook(log: LiveLogAccess, stove: Stove = REAL): { look?: Look; failure?: string } {
  const [look, setLook] = useState<Look>();
  const [failure, setFailure] = useState<string>();
  const { state, events } = log;
  const { key, rate } = stove;
  const running = stove.isOn && state.status === 'running';
  // The log as it is when an answer comes.
  const latest = useRef(log);
  latest.current = log;
  const clock = useRef(stove);
  clock.current = stove;

  useEffect(() => {
    const { started } = state;
    if (!running || !started) return undefined;
    const lastTap = state.taps.at(-1);
    const isMine = events.find(({ id }) => id === lastTap?.eventId)?.device === DEVICE;
    const ask = () => {
      const atS = potClockS(state, clock.current.nowMs());
      askStove(
        key,
        { evening: started.evening, state, atS },
        {
          found: ({ look: found }) => {
            setFailure(undefined);
            setLook(found);
            const isLeft = !isMine && atS < (lastTap?.atS ?? 0) + LEAVES_IT_S;
            // What was tapped meanwhile is looked at by itself.
            if (found?.again && !isLeft && latest.current.state === state) latest.current.adoptAgain(found.again);
          },
          failed: setFailure,
        },
      );
    };
    ask();
    const timer = setInterval(ask, Math.max(LEAST_MS, AGAIN_MS / rate));
    return () => {
      clearInterval(timer);
      stopStove(key);
    };
  }, [key, rate, running, state, events]);
  return { look: running ? look : undefined, failure };
}
