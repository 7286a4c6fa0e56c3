import type { Evening, Prep } from '@elixa/contract';
import type { PlanningQuestion } from '@elixa/core';
import { useDeferredValue, useEffect, useMemo } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type RootState } from '@/state';
import { nowMs as currentMs } from '@/state/clock';
import { planAsked, planFailed, planFound, searchLeft, selectPlanned, type Planned } from '@/state/plans';
import { askPlanner, stopPlanner } from '@/workers/planner';

type Ticks = Readonly<Record<string, number>>;

/** What the preparation is planned with. */
export interface PrepSoFar {
  ticks: Ticks;
  begun: Ticks;
  /** The burner is lit; the preparation then stands as it was planned. */
  over: boolean;
}

const MINUTE_MS = 60_000;
const LOOK_MS = 5000;
/** What lies further back than this is planned as if there had been time, so that it can still be read. */
const PAST_MS = 3 * 60 * MINUTE_MS;
const TIME_ENOUGH_MS = 36 * 60 * MINUTE_MS;

const KEY = 'evening';

/** Whether something should have been begun by now, so that the plan no longer holds. */
export function isBehind(prep: Prep | undefined, nowMs: number): boolean {
  const next = prep?.tasks.find((task) => task.attended);
  return next !== undefined && next.kind !== 'pot' && Date.parse(next.startsAt) < nowMs - MINUTE_MS;
}

function clockOf(evening: Evening, { ticks, begun, over }: PrepSoFar, soFar?: Prep): PlanningQuestion['clock'] {
  const sitDownMs = Date.parse(evening.sitDownAt);
  const isPast = over || sitDownMs < currentMs() - PAST_MS;
  return {
    now: new Date(isPast ? sitDownMs - TIME_ENOUGH_MS : currentMs()).toISOString(),
    ticks: new Map(isPast ? [] : Object.entries(ticks)),
    begun: new Map(isPast ? [] : Object.entries(begun)),
    soFar,
  };
}

/**
 * Keeps an evening planned, off the page's own thread: again when the document changes, when something is ticked, and when
 * the clock has passed what should have been begun. Results lie in the store; this draws nothing by itself.
 * @param prep what the preparation is planned with; without it only the pot is planned
 */
export function usePlanning(evening: Evening | undefined, prep: PrepSoFar | undefined): void {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const { ticks, begun, over } = prep ?? {};
  useEffect(() => {
    if (!evening) return undefined;
    const { id } = evening;
    const planned = () => selectPlanned(store.getState(), id);
    const ask = () => {
      dispatch(planAsked({ id, evening }));
      const clock = ticks && begun && clockOf(evening, { ticks, begun, over: over === true }, planned().prep);
      askPlanner(
        KEY,
        { evening, clock },
        {
          found: (found) => dispatch(planFound({ id, found })),
          failed: (message) => dispatch(planFailed({ id, message })),
        },
      );
    };
    ask();
    let askedMinute = 0;
    const look = () => {
      const minute = Math.floor(currentMs() / MINUTE_MS);
      if (minute === askedMinute || !isBehind(planned().prep, minute * MINUTE_MS)) return;
      askedMinute = minute;
      ask();
    };
    const timer = ticks && !over ? setInterval(look, LOOK_MS) : undefined;
    return () => {
      clearInterval(timer);
      stopPlanner(KEY);
    };
  }, [dispatch, store, evening, ticks, begun, over]);
}

/** Leaves the search for what mends a late preparation or a pot; what it has found stays. */
export function useStopSearching(id: string): () => void {
  const dispatch = useAppDispatch();
  return () => {
    stopPlanner(KEY);
    dispatch(searchLeft(id));
  };
}

export interface PlanShown extends Omit<Planned, 'asked' | 'of'> {
  /** The plan shown belongs to an earlier state of the evening. */
  pending: boolean;
}

/** What is planned of an evening, drawn in slices when it changes: a tap in the meantime is not kept waiting. */
export function usePlanned(evening: Evening | undefined): PlanShown {
  const id = evening?.id ?? '';
  const planned = useDeferredValue(useAppSelector((state) => selectPlanned(state, id)));
  return useMemo(() => {
    const { plan, faults, prep, before, remedies, trying, mending, failure, of } = planned;
    return { plan, faults, prep, before, remedies, trying, mending, failure, pending: of !== evening };
  }, [planned, evening]);
}
