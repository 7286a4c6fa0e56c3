import type { Evening, Fact, LiveEvent, LiveEventOf, PotPlan, TickList } from '@elixa/contract';
import { clockOffsets, inOrder, undoneIds } from './order';

export interface Tap {
  eventId: string;
  facts: readonly Fact[];
  /** Seconds on the pot's clock. */
  atS: number;
}

/** What has happened so far. Seconds are on the pot's clock, which stands still while it is paused. */
/** A plan that a pot is cooked by, by the event with which it was adopted, and since when on the pot's clock, in s. */
export interface Adopted {
  planId: string;
  plan: PotPlan;
  sinceS: number;
}

export interface LiveState {
  status: 'waiting' | 'running' | 'paused' | 'finished';
  startedAtMs?: number;
  /** The event that lit the burner, the evening and the plan that it is cooked by, and the plans that it was cooked by before. */
  started?: { eventId: string; evening: Evening } & Adopted & { earlier: readonly Adopted[] };
  pausedMs: number;
  pausedSinceMs?: number;
  taps: Tap[];
  /** When the sign of an action was last not there yet, in seconds on the pot's clock, by the action's id. */
  notYetS: Readonly<Record<string, number>>;
  notes: Array<{ at: string; text: string }>;
  /** When each thing was ticked, by list. Milliseconds. */
  ticks: Record<TickList, Readonly<Record<string, number>>>;
  finishedAtMs?: number;
  finishedBy?: string;
}

const noTicks = (): Record<TickList, Record<string, number>> => ({
  begun: {},
  prep: {},
  counter: {},
  bought: {},
  used: {},
});

export const WAITING: LiveState = {
  status: 'waiting',
  pausedMs: 0,
  taps: [],
  notYetS: {},
  notes: [],
  ticks: noTicks(),
};

/**
 * The pot's clock at a moment: seconds since it was started, pauses left out.
 * @returns seconds; 0 before the start
 */
export function potClockS(state: LiveState, nowMs: number): number {
  if (state.startedAtMs === undefined) return 0;
  const until = Math.min(nowMs, state.finishedAtMs ?? nowMs, state.pausedSinceMs ?? nowMs);
  return Math.max(0, (until - state.startedAtMs - state.pausedMs) / 1000);
}

type LitFact = Extract<Fact, { is: 'lit' }>;

/** The fold's own state: lists and tables that it fills as it goes, so that a log of any length is read once. */
class Folding {
  readonly state: LiveState & { notYetS: Record<string, number>; ticks: ReturnType<typeof noTicks> };
  private readonly plans = new Map<string, { evening: Evening; plan: PotPlan }>();
  private done = new Set<string>();

  constructor() {
    this.state = { ...WAITING, taps: [], notes: [], notYetS: {}, ticks: noTicks() };
  }

  private get isOn(): boolean {
    return this.state.status === 'running' || this.state.status === 'paused';
  }

  apply(event: LiveEvent, atMs: number): void {
    const { state } = this;
    switch (event.type) {
      case 'planAdopted':
        this.plans.set(event.id, { evening: event.evening, plan: event.plan });
        this.adopted(event, atMs);
        return;
      case 'happened':
        this.happened(event.id, event.facts, atMs);
        return;
      case 'notYet':
        if (this.isOn) state.notYetS[event.actionId] = potClockS(state, atMs);
        return;
      case 'paused':
        if (state.status !== 'running') return;
        state.status = 'paused';
        state.pausedSinceMs = atMs;
        return;
      case 'resumed':
        if (state.status !== 'paused') return;
        state.pausedMs += Math.max(0, atMs - (state.pausedSinceMs ?? atMs));
        state.pausedSinceMs = undefined;
        state.status = 'running';
        return;
      case 'noted':
        state.notes.push({ at: event.at, text: event.text });
        return;
      case 'ticked':
        if (event.on) state.ticks[event.list][event.itemId] = atMs;
        else delete state.ticks[event.list][event.itemId];
        return;
      case 'finished':
        if (!this.isOn) return;
        Object.assign(state, {
          status: 'finished',
          finishedAtMs: atMs,
          finishedBy: event.id,
        } satisfies Partial<LiveState>);
        return;
      case 'stopped':
        if (this.isOn) this.stop();
        return;
      case 'undone':
        return;
    }
  }

  /** A plan that takes the place of the one that is cooked by, from now on. */
  private adopted({ id, over, evening, plan }: LiveEventOf<'planAdopted'>, atMs: number): void {
    const { started } = this.state;
    if (!this.isOn || !started || over !== started.planId) return;
    const { planId, plan: before, sinceS } = started;
    const earlier = [...started.earlier, { planId, plan: before, sinceS }];
    this.state.started = {
      eventId: started.eventId,
      planId: id,
      evening,
      plan,
      sinceS: potClockS(this.state, atMs),
      earlier,
    };
  }

  /** Facts that were said before, by another device or at another tap, are said once. */
  private happened(eventId: string, facts: readonly Fact[], atMs: number): void {
    const { state } = this;
    if (state.status === 'waiting') {
      const lit = facts.find((fact): fact is LitFact => fact.is === 'lit');
      const adopted = lit && this.plans.get(lit.planId);
      if (!lit || !adopted) return;
      state.status = 'running';
      state.startedAtMs = atMs;
      state.started = { eventId, planId: lit.planId, ...adopted, sinceS: 0, earlier: [] };
    }
    const keyOf = ({ planId = state.started?.planId, actionId }: Fact) => `${planId} ${actionId}`;
    const fresh = facts.filter((fact) => !this.done.has(keyOf(fact)));
    if (fresh.length === 0) return;
    for (const fact of fresh) this.done.add(keyOf(fact));
    state.taps.push({ eventId, facts: fresh, atS: potClockS(state, atMs) });
  }

  private stop(): void {
    const { notes, ticks } = this.state;
    this.done = new Set();
    Object.assign(this.state, {
      ...WAITING,
      startedAtMs: undefined,
      started: undefined,
      pausedSinceMs: undefined,
      taps: [],
      notYetS: {},
      notes,
      ticks,
    });
  }
}

/**
 * The state of a live evening: a pure fold of its log, in one pass. Events may come in any order and more than once, from
 * several devices whose clocks differ; what was undone counts as never having happened.
 * @example foldLive([adopted, { type: 'happened', facts: [lit], … }]).taps.length // 1
 */
export function foldLive(events: readonly LiveEvent[]): LiveState {
  const ordered = inOrder(events);
  const undone = undoneIds(ordered);
  const offsets = clockOffsets(ordered);
  const folding = new Folding();
  for (const event of ordered) {
    if (!undone.has(event.id)) folding.apply(event, Date.parse(event.at) + (offsets.get(event.device) ?? 0));
  }
  return folding.state;
}
