import {
  LIVE_EVENT_VERSION,
  planSchema,
  type LiveEvent,
  type LiveNews,
  type Plans,
  type PotPlan,
} from '@elixa/contract';
import { foldLive, planHashOf, type EveningToldAgain, type LiveState } from '@elixa/core';
import { useCallback, useMemo, useState } from 'react';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { newId } from '@/state/newId';
import { DEVICE } from '@/state/device';

/** A log that stays on this page: what was told by itself until a moment, and by hand from then on. */
interface OwnLog {
  plans: Plans;
  events: readonly LiveEvent[];
}

/**
 * The log of a rehearsal. It goes by itself until somebody taps; from then on it is tapped by hand. Nothing of it leaves
 * the page.
 * @param atMs the time of the rehearsal
 * @param shown the events that have happened by then
 */
export function useHand(
  rehearsed: EveningToldAgain,
  shown: { events: readonly LiveEvent[]; state: LiveState },
  atMs: number,
): { log: LiveLogAccess; isByHand: boolean } {
  const [own, setOwn] = useState<OwnLog>();
  const state = useMemo(() => (own ? foldLive(own) : shown.state), [own, shown.state]);
  const events = own?.events ?? shown.events;
  const add = useCallback(
    (news: LiveNews, plan?: PotPlan) => {
      const id = newId();
      setOwn((before) => {
        const log = before ?? { plans: rehearsed.log.plans, events: shown.events };
        const at = new Date(Math.round(atMs)).toISOString();
        const clock = Math.max(0, ...log.events.map((one) => one.clock)) + 1;
        const event = { ...news, v: LIVE_EVENT_VERSION, id, at, device: DEVICE, clock } as LiveEvent;
        return {
          plans: plan ? { ...log.plans, [planHashOf(plan)]: plan } : log.plans,
          events: [...log.events, event],
        };
      });
      return id;
    },
    [atMs, rehearsed, shown.events],
  );
  const log: LiveLogAccess = {
    events,
    state,
    unsent: 0,
    record: add,
    adopt: () => '',
    adoptAgain: ({ simmer, program }) => {
      const { started, taps } = state;
      if (!started) return;
      const plan = planSchema.omit({ prep: true }).parse({ ...started.plan, simmer, program });
      const knows = taps.map(({ eventId }) => eventId);
      add(
        { type: 'planAdopted', evening: started.evening, planHash: planHashOf(plan), over: started.planId, knows },
        plan,
      );
    },
  };
  return { log, isByHand: own !== undefined };
}
