import type { LiveEvent, LiveNews, Problem } from '@elixa/contract';
import { BEFORE_DEVICES } from '@elixa/contract/beforeDevices';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The log of one evening on this device, and which of its events the server does not have yet. */
export interface LiveLog {
  events: LiveEvent[];
  unsent: string[];
  /** Why the server would not take them, where it said so. */
  refused?: Problem;
}

export type LiveLogs = Record<string, LiveLog>;

/** What is said here, before it has its place in the log. */
export type Recorded = LiveNews & Pick<LiveEvent, 'id' | 'at' | 'device'>;

/** Both together. What was brought from an older version has the place that the other side gave it. */
function merge(here: readonly LiveEvent[], there: readonly LiveEvent[]): LiveEvent[] {
  const known = new Map(here.map((event) => [event.id, event]));
  for (const event of there) {
    if (!known.has(event.id) || event.device === BEFORE_DEVICES) known.set(event.id, event);
  }
  return [...known.values()];
}

/** The place of a new event: after everything that is known here, and after the last that another device said. */
function placed(events: readonly LiveEvent[], recorded: Recorded): LiveEvent {
  const last = (test: (event: LiveEvent) => boolean) =>
    events.reduce<LiveEvent | undefined>(
      (found, event) => (test(event) && event.clock > (found?.clock ?? 0) ? event : found),
      undefined,
    );
  const clock = (last(() => true)?.clock ?? 0) + 1;
  return { ...recorded, v: 2, clock, after: last((event) => event.device !== recorded.device)?.id } as LiveEvent;
}

const live = createSlice({
  name: 'live',
  initialState: {} as LiveLogs,
  reducers: {
    eventRecorded(state, { payload }: PayloadAction<{ eveningId: string; event: Recorded }>) {
      const log = (state[payload.eveningId] ??= { events: [], unsent: [] });
      log.events.push(placed(log.events, payload.event));
      log.unsent.push(payload.event.id);
      log.refused = undefined;
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
    eventsRefused(state, { payload }: PayloadAction<{ eveningId: string; problem: Problem }>) {
      const log = state[payload.eveningId];
      if (log) log.refused = payload.problem;
    },
    /** They were refused once, and are to be tried again as they are. */
    eventsSentAgain(state, { payload }: PayloadAction<string>) {
      const log = state[payload];
      if (log) log.refused = undefined;
    },
    eventsStored(state, { payload }: PayloadAction<{ eveningId: string; ids: string[] }>) {
      const log = state[payload.eveningId];
      if (!log) return;
      log.unsent = log.unsent.filter((id) => !payload.ids.includes(id));
      log.refused = undefined;
    },
  },
});

export const { eventRecorded, logFound, logArrived, eventsRefused, eventsSentAgain, eventsStored } = live.actions;
export const liveReducer = live.reducer;
