import type { LiveEvent } from '@elixa/contract';
import { foldLive, type LiveState } from '@elixa/core';
import { useCallback, useEffect, useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '@/store';
import { api } from '@/store/api';
import { newId } from '@/store/newId';
import { isoNow } from './isoNow';
import { eventRecorded, logArrived } from './liveSlice';

type NewEvent<Event> = Event extends LiveEvent ? Omit<Event, 'id' | 'at'> : never;

export interface LiveLogAccess {
  events: readonly LiveEvent[];
  state: LiveState;
  unsent: number;
  record(event: NewEvent<LiveEvent>): void;
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
    (event: NewEvent<LiveEvent>) =>
      dispatch(eventRecorded({ eveningId, event: { ...event, id: newId(), at: isoNow(new Date()) } as LiveEvent })),
    [dispatch, eveningId],
  );
  return { events, state: useMemo(() => foldLive(events), [events]), unsent: log?.unsent.length ?? 0, record };
}
