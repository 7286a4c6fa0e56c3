import { planSchema, type Evening, type LiveEvent, type LiveNews, type PotPlan } from '@elixa/contract';
import { foldLive, planHashOf, type LiveState, type PlannedAgain } from '@elixa/core';
import { useCallback, useEffect, useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '@/state';
import { api } from '@/state/api';
import { nowIso } from '@/state/clock';
import { newId } from '@/state/newId';
import { DEVICE } from '@/state/device';
import { eventRecorded, logArrived, NO_LOG } from '@/state/log';

export interface LiveLogAccess {
  events: readonly LiveEvent[];
  state: LiveState;
  unsent: number;
  /** @returns the id of the event that it became */
  record(news: LiveNews): string;
  /** Takes a plan to cook by. @returns the id of the event that adopted it */
  adopt(evening: Evening, plan: PotPlan): string;
  /** Cooks on by what was planned again, in place of the plan that is cooked by. */
  adoptAgain(again: PlannedAgain): void;
}

/** The log of an evening: this device's and what the server has besides. */
export function useLiveLog(eveningId: string): LiveLogAccess {
  const dispatch = useAppDispatch();
  const log = useAppSelector((state) => state.live[eveningId]);
  const isNew = useAppSelector((state) => state.drafts[eveningId]?.baseVersion === 0);
  const { data } = api.useReadEventsQuery(eveningId, { skip: isNew, refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data && data.events.length > 0) dispatch(logArrived({ eveningId, log: data }));
  }, [data, dispatch, eveningId]);
  const { events, plans } = log ?? NO_LOG;
  const record = useCallback(
    (news: LiveNews, plan?: PotPlan) => {
      const id = newId();
      const at = nowIso();
      dispatch(eventRecorded({ eveningId, event: { ...news, id, at, device: DEVICE }, plan }));
      return id;
    },
    [dispatch, eveningId],
  );
  const adopt = useCallback(
    (evening: Evening, planned: PotPlan) => {
      // By what its schema reads, as the server will: the name of a plan follows from all that it says.
      const plan = planSchema.omit({ prep: true }).parse(planned);
      return record({ type: 'planAdopted', evening, planHash: planHashOf(plan) }, plan);
    },
    [record],
  );
  const state = useMemo(() => foldLive({ plans, events }), [plans, events]);
  const adoptAgain = useCallback(
    ({ simmer, program }: PlannedAgain) => {
      const { started, taps } = state;
      if (!started) return;
      const plan = planSchema.omit({ prep: true }).parse({ ...started.plan, simmer, program });
      const knows = taps.map(({ eventId }) => eventId);
      const { evening, planId: over } = started;
      record({ type: 'planAdopted', evening, planHash: planHashOf(plan), over, knows }, plan);
    },
    [record, state],
  );
  return { events, state, unsent: log?.unsent.length ?? 0, record, adopt, adoptAgain };
}
