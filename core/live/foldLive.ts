import type { Evening, LiveEvent, TickList } from '@elixa/contract';

export interface Tap {
  eventId: string;
  step: number;
  /** Seconds on the pot's clock. */
  atS: number;
}

/** What has happened so far. Seconds are on the pot's clock, which stands still while it is paused. */
export interface LiveState {
  status: 'waiting' | 'running' | 'paused' | 'finished';
  startedAtMs?: number;
  /** The event that lit the burner, and the evening as it was then. */
  started?: { eventId: string; evening: Evening };
  pausedMs: number;
  pausedSinceMs?: number;
  taps: Tap[];
  notes: Array<{ at: string; text: string }>;
  /** When each thing was ticked, by list. Milliseconds. */
  ticks: Record<TickList, Readonly<Record<string, number>>>;
  finishedAtMs?: number;
  finishedBy?: string;
}

export const WAITING: LiveState = {
  status: 'waiting',
  pausedMs: 0,
  taps: [],
  notes: [],
  ticks: { begun: {}, prep: {}, counter: {}, bought: {}, used: {} },
};

/**
 * The pot's clock at a moment: seconds since it was started, pauses left out.
 * @returns seconds; 0 before the start
 */
export function potClockS(state: LiveState, nowMs: number): number {
  if (state.startedAtMs === undefined) return 0;
  const until = state.finishedAtMs ?? state.pausedSinceMs ?? nowMs;
  return Math.max(0, (until - state.startedAtMs - state.pausedMs) / 1000);
}

function apply(state: LiveState, event: LiveEvent): LiveState {
  const atMs = Date.parse(event.at);
  switch (event.type) {
    case 'started':
      if (state.status !== 'waiting') return state;
      return {
        ...state,
        status: 'running',
        startedAtMs: atMs,
        started: { eventId: event.id, evening: event.evening },
      };
    case 'stepDone': {
      if (state.status === 'waiting' || state.taps.some((tap) => tap.step === event.step)) return state;
      const tap = { eventId: event.id, step: event.step, atS: potClockS(state, atMs) };
      return { ...state, taps: [...state.taps, tap] };
    }
    case 'paused':
      return state.status === 'running' ? { ...state, status: 'paused', pausedSinceMs: atMs } : state;
    case 'resumed': {
      if (state.status !== 'paused' || state.pausedSinceMs === undefined) return state;
      const pausedMs = state.pausedMs + Math.max(0, atMs - state.pausedSinceMs);
      return { ...state, status: 'running', pausedMs, pausedSinceMs: undefined };
    }
    case 'noted':
      return { ...state, notes: [...state.notes, { at: event.at, text: event.text }] };
    case 'ticked': {
      const others = Object.entries(state.ticks[event.list]).filter(([id]) => id !== event.itemId);
      const list = Object.fromEntries(event.on ? [...others, [event.itemId, atMs]] : others);
      return { ...state, ticks: { ...state.ticks, [event.list]: list } };
    }
    case 'finished':
      return state.status === 'waiting' || state.status === 'finished'
        ? state
        : { ...state, status: 'finished', finishedAtMs: atMs, finishedBy: event.id };
    case 'stopped':
      return state.status === 'waiting' || state.status === 'finished'
        ? state
        : { ...WAITING, notes: state.notes, ticks: state.ticks };
    case 'undone':
      return state;
  }
}

/** What comes first of things logged in the same millisecond: nothing before the start, nothing after the end. */
const rank = (event: LiveEvent) => (event.type === 'started' ? 0 : event.type === 'finished' ? 2 : 1);

/**
 * The state of a live evening: a pure fold of its log. Events may come in any order and more than once; what was undone
 * counts as never having happened.
 * @example foldLive([started, { type: 'stepDone', step: 0, … }]).taps.length // 1
 */
export function foldLive(events: readonly LiveEvent[]): LiveState {
  const undone = new Set(events.flatMap((event) => (event.type === 'undone' ? [event.target] : [])));
  const seen = new Set<string>();
  return events
    .filter((event) => {
      if (seen.has(event.id) || undone.has(event.id)) return false;
      seen.add(event.id);
      return true;
    })
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at) || rank(a) - rank(b))
    .reduce(apply, WAITING);
}
