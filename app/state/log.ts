import type { LiveEvent, LiveLog as Log, LiveNews, Plans, PotPlan, Problem } from '@elixa/contract';
import { BEFORE_DEVICES } from '@elixa/contract/beforeDevices';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** The log of one evening on this device, and which of its events the server does not have yet. */
export interface LiveLog extends Log {
  unsent: string[];
  /** Why the server would not take them, where it said so. */
  refused?: Problem;
}

export type LiveLogs = Record<string, LiveLog>;

export const NO_LOG: LiveLog = { plans: {}, events: [], unsent: [] };

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
  return { ...recorded, v: 3, clock, after: last((event) => event.device !== recorded.device)?.id } as LiveEvent;
}

const logIn = (state: LiveLogs, eveningId: string): LiveLog =>
  (state[eveningId] ??= { plans: {}, events: [], unsent: [] });

/** The plans that events name, as far as they are known here. */
export const plansOf = ({ plans }: Pick<Log, 'plans'>, events: readonly LiveEvent[]): Plans =>
  Object.fromEntries(
    events.flatMap((event) => {
      const plan = event.type === 'planAdopted' ? plans[event.planHash] : undefined;
      return event.type === 'planAdopted' && plan ? [[event.planHash, plan]] : [];
    }),
  );

/** A plan is what its name says: one that is known stays. */
function withPlans(log: LiveLog, plans: Plans): void {
  for (const [hash, plan] of Object.entries(plans)) log.plans[hash] ??= plan;
}

const live = createSlice({
  name: 'live',
  initialState: {} as LiveLogs,
  reducers: {
    /** @param action what is said, and the plan that it names where it names one */
    eventRecorded(state, { payload }: PayloadAction<{ eveningId: string; event: Recorded; plan?: PotPlan }>) {
      const { eveningId, event, plan } = payload;
      const log = logIn(state, eveningId);
      if (event.type === 'planAdopted' && plan) withPlans(log, { [event.planHash]: plan });
      log.events.push(placed(log.events, event));
      log.unsent.push(event.id);
      log.refused = undefined;
    },
    logFound(state, { payload }: PayloadAction<{ eveningId: string; log: LiveLog }>) {
      const log = logIn(state, payload.eveningId);
      const known = new Set(log.events.map((event) => event.id));
      withPlans(log, payload.log.plans);
      log.events = merge(log.events, payload.log.events);
      log.unsent = [...log.unsent, ...payload.log.unsent.filter((id) => !known.has(id))];
    },
    logArrived(state, { payload }: PayloadAction<{ eveningId: string; log: Log }>) {
      const log = logIn(state, payload.eveningId);
      withPlans(log, payload.log.plans);
      log.events = merge(log.events, payload.log.events);
      const there = new Set(payload.log.events.map((event) => event.id));
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
