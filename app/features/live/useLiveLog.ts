import type { LiveEvent, LiveNews } from '@elixa/contract';
import { foldLive, type LiveState } from '@elixa/core';
import { useCallback, useEffect, useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '@/state';
import { api } from '@/state/api';
import { nowIso } from '@/state/clock';
import { newId } from '@/state/newId';
import { DEVICE } from '@/state/device';
import { eventRecorded, logArrived } from '@/state/log';

export interface LiveLogAccess {
  events: readonly LiveEvent[];
  state: LiveState;
  unsent: number;
  /** @returns the id of the event that it became */
  record(news: LiveNews): string;
}

const NONE: LiveEvent[] = [];

/** The log of an evening: this device's and what the server has besides. */
export function useLiveLog(eveningId: string): LiveLogAccess {
  const dispatch = useAppDispatch();
  const log = useAppSelector((state) => state.live[eveningId]);
  const isNew = useAppSelector((state) => state.drafts[eveningId]?.baseVersion === 0);
  const { data } = api.useReadEventsQuery(eveningId, { skip: isNew, refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data && data.events.length > 0) dispatch(logArrived({ eveningId, events: data.events }));
  }, [data, dispatch, eveningId]);
  const events = log?.events ?? NONE;
  const record = useCallback(
    (news: LiveNews) => {
      const id = newId();
      const at = nowIso();
      dispatch(eventRecorded({ eveningId, event: { ...news, id, at, device: DEVICE } }));
      return id;
    },
    [dispatch, eveningId],
  );
  return { events, state: useMemo(() => foldLive(events), [events]), unsent: log?.unsent.length ?? 0, record };
}
