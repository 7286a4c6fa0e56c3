import type { Evening, Prep, Remedy } from '@elixa/contract';
import { checkEvening } from '@elixa/core';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import { startTransition, useEffect, useRef, useState } from 'react';
import { nowMs as currentMs } from '@/store/clock';
import { preparer } from '@/workers/preparer';

export interface PrepState {
  prep?: Prep;
  /** What mends a late one; undefined while it is being worked out. */
  remedies?: Remedy[];
  /** Late or in time, against the plan before it. */
  before?: Prep;
  failure?: string;
}

type Ticks = Readonly<Record<string, number>>;

/** Typing in a field should not start a search with each letter. */
const SETTLE_MS = 250;
const MINUTE_MS = 60_000;

/** Whether something should have been begun by now, so that the plan no longer holds. */
export function isBehind(prep: Prep | undefined, nowMs: number): boolean {
  const next = prep?.tasks.find((task) => task.attended);
  return next !== undefined && next.kind !== 'pot' && Date.parse(next.startsAt) < nowMs - MINUTE_MS;
}

/** The minute that it is, while that matters. */
function useMinute(running: boolean): number {
  const [minute, setMinute] = useState(() => Math.floor(currentMs() / MINUTE_MS));
  useEffect(() => {
    if (!running) return undefined;
    const timer = setInterval(() => setMinute(Math.floor(currentMs() / MINUTE_MS)), 5000);
    return () => clearInterval(timer);
  }, [running]);
  return minute;
}

/**
 * What is left of the preparation, planned off the page's own thread: again when the evening changes, when something is
 * ticked, and when the clock has passed what should have been begun.
 * @param over the burner is lit; the preparation then stands as it was planned
 */
export function usePrep(evening: Evening | undefined, ticks: Ticks, begun: Ticks, over: boolean): PrepState {
  const [state, setState] = useState<PrepState>({});
  const soFar = useRef<Prep>(undefined);
  const minute = useMinute(!over);
  const behindSince = isBehind(state.prep, minute * MINUTE_MS) ? minute : 0;
  useEffect(() => {
    if (!evening || checkEvening(evening).length > 0) return undefined;
    let current = true;
    const work = async () => {
      const isPast = over || Date.parse(evening.sitDownAt) < currentMs() - 3 * 60 * MINUTE_MS;
      // What is over is planned as if there had been time, so that it can still be read.
      const nowMs = isPast ? Date.parse(evening.sitDownAt) - 36 * 60 * MINUTE_MS : currentMs();
      const clock = {
        now: new Date(nowMs).toISOString(),
        ticks: new Map(isPast ? [] : Object.entries(ticks)),
        begun: new Map(isPast ? [] : Object.entries(begun)),
        soFar: soFar.current,
      };
      const prep = await preparer().prepFromNow(evening, clock);
      if (!current) return;
      soFar.current = prep;
      // Drawn in slices, so that a tap in the meantime is not kept waiting.
      startTransition(() =>
        setState((last) => ({
          prep: copyWithStructuralSharing(last.prep, prep),
          remedies: prep.late > 0 ? undefined : [],
          before: last.prep,
        })),
      );
      if (prep.late === 0) return;
      const remedies = await preparer().remediesFromNow(evening, prep.late, clock);
      if (current) startTransition(() => setState((last) => ({ ...last, remedies })));
    };
    const timer = setTimeout(() => {
      work().catch((error: Error) => {
        if (current) setState((last) => ({ ...last, failure: error.message }));
      });
    }, SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [evening, ticks, begun, over, behindSince]);
  return state;
}
