import type { LiveEvent } from '@elixa/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The log of one evening on this device, and which of its events the server does not have yet. */
export interface LiveLog {
  events: LiveEvent[];
  unsent: string[];
}

export type LiveLogs = Record<string, LiveLog>;

const merge = (here: readonly LiveEvent[], there: readonly LiveEvent[]) => {
  const known = new Set(here.map((event) => event.id));
  return [...here, ...there.filter((event) => !known.has(event.id))];
};

const live = createSlice({
  name: 'live',
  initialState: {} as LiveLogs,
  reducers: {
    eventRecorded(state, { payload }: PayloadAction<{ eveningId: string; event: LiveEvent }>) {
      const log = (state[payload.eveningId] ??= { events: [], unsent: [] });
      log.events.push(payload.event);
      log.unsent.push(payload.event.id);
    },
    logFound(state, { payload }: PayloadAction<{ eveningId: string; log: LiveLog }>) {
      const log = state[payload.eveningId];
      const known = new Set(log?.events.map((event) => event.id));
      state[payload.eveningId] = {
        events: merge(log?.events ?? [], payload.log.events),
        unsent: [...(log?.unsent ?? []), ...payload.log.unsent.filter((id) => !known.has(id))],
      };
    },
    logArrived(state, { payload }: PayloadAction<{ eveningId: string; events: LiveEvent[] }>) {
      const log = (state[payload.eveningId] ??= { events: [], unsent: [] });
      log.events = merge(log.events, payload.events);
      const there = new Set(payload.events.map((event) => event.id));
      log.unsent = log.unsent.filter((id) => !there.has(id));
    },
    eventsStored(state, { payload }: PayloadAction<{ eveningId: string; ids: string[] }>) {
      const log = state[payload.eveningId];
      if (log) log.unsent = log.unsent.filter((id) => !payload.ids.includes(id));
    },
  },
});

export const { eventRecorded, logFound, logArrived, eventsStored } = live.actions;
export const liveReducer = live.reducer;
