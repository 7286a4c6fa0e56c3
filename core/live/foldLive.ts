import type { Evening, Fact, KitchenFound, LiveEvent, LiveEventOf, Plans, PotPlan, TickList } from '@elixa/contract';
import { clockOffsets, inOrder, undoneIds } from './order';

export interface Tap {
  eventId: string;
  facts: readonly Fact[];
  /** Seconds on the pot's clock. */
  atS: number;
}

/** A plan that a pot is cooked by, by the event with which it was adopted, and since when on the pot's clock, in s. */
export interface Adopted {
  planId: string;
  plan: PotPlan;
  sinceS: number;
  /** The events whose facts it was made from, where it says so. */
  knows?: readonly string[];
}

/** What has happened so far. Seconds are on the pot's clock, which stands still while it is paused. */
export interface LiveState {
  status: 'waiting' | 'running' | 'paused' | 'finished';
  startedAtMs?: number;
  /** The event that lit the burner, the evening and the plan that it is cooked by, and the plans that it was cooked by before. */
  started?: { eventId: string; evening: Evening } & Adopted & { earlier: readonly Adopted[] };
  pausedMs: number;
  pausedSinceMs?: number;
  taps: Tap[];
  /** Taps that said that a sign was not there yet. */
  notYet: Tap[];
  /** What a device told by itself: nobody tapped it, and nobody takes it back. */
  readings: Tap[];
  notes: Array<{ at: string; text: string }>;
  /** When each thing was ticked, by list. Milliseconds. */
  ticks: Record<TickList, Readonly<Record<string, number>>>;
  finishedAtMs?: number;
  finishedBy?: string;
  /** The kitchen as this evening found it, by its pots. */
  kitchens?: readonly KitchenFound[];
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
  notYet: [],
  readings: [],
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

const adoptedIn = ({ planId, plan, sinceS, knows }: Adopted): Adopted => ({ planId, plan, sinceS, knows });

const isRead = ({ saw }: Fact): boolean => saw?.is === 'probe' && saw.read === true;
const isNotYet = ({ saw }: Fact): boolean => saw?.is === 'notYet';

/** Of two phones that answer one act the first counts; what answers none counts by its event. */
const keyOf = ({ answers, saw }: Fact): string | undefined =>
  answers && `${answers.planId} ${answers.actId} ${saw?.is ?? ''}`;

/** The fold's own state: lists and tables that it fills as it goes, so that a log of any length is read once. */
class Folding {
  readonly state: LiveState & { ticks: ReturnType<typeof noTicks> };
  private readonly adopted = new Map<string, { evening: Evening; plan: PotPlan }>();
  private done = new Set<string>();

  /** @param undone what was taken back */
  constructor(
    private readonly plans: Plans,
    private readonly undone: ReadonlySet<string>,
  ) {
    this.state = { ...WAITING, taps: [], notes: [], notYet: [], readings: [], ticks: noTicks() };
  }

  private get isOn(): boolean {
    return this.state.status === 'running' || this.state.status === 'paused';
  }

  apply(event: LiveEvent, atMs: number): void {
    const { state } = this;
    switch (event.type) {
      case 'planAdopted':
        this.adopt(event, atMs);
        return;
      case 'happened':
        this.happened(event.id, event.facts, atMs);
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
          ...(event.kitchens ? { kitchens: event.kitchens } : {}),
        } satisfies Partial<LiveState>);
        return;
      case 'stopped':
        if (this.isOn) this.stop();
        return;
      case 'undone':
        return;
    }
  }

  /** A plan to cook by; while a pot cooks it takes the place of the one that it names. */
  private adopt({ id, over, evening, planHash, knows }: LiveEventOf<'planAdopted'>, atMs: number): void {
    const plan = this.plans[planHash];
    // What was planned because of a tap that was taken back is taken back with it.
    if (!plan || knows?.some((eventId) => this.undone.has(eventId))) return;
    this.adopted.set(id, { evening, plan });
    const { started } = this.state;
    if (!this.isOn || !started || over !== started.planId) return;
    const { eventId, earlier } = started;
    const sinceS = potClockS(this.state, atMs);
    this.state.started = {
      eventId,
      planId: id,
      evening,
      plan,
      sinceS,
      knows,
      earlier: [...earlier, adoptedIn(started)],
    };
  }

  /** The burner is lit by the plan that the first of a log's facts answers. */
  private light(eventId: string, facts: readonly Fact[], atMs: number): void {
    const planId = facts.find(({ act }) => act?.is === 'light')?.answers?.planId;
    const adopted = planId && this.adopted.get(planId);
    if (!adopted) return;
    this.state.status = 'running';
    this.state.startedAtMs = atMs;
    this.state.started = { eventId, planId, ...adopted, sinceS: 0, earlier: [] };
  }

  /**
   * What answers a plan that no pot was cooked by, as one does that was lit at the same time on another phone, answers the
   * one that is.
   */
  private answering(fact: Fact): Fact {
    const { started } = this.state;
    const { answers } = fact;
    if (!started || !answers || [...started.earlier, started].some(({ planId }) => planId === answers.planId))
      return fact;
    return { ...fact, answers: { ...answers, planId: started.planId } };
  }

  /** Facts that were said before, by another device or at another tap, are said once. */
  private happened(eventId: string, facts: readonly Fact[], atMs: number): void {
    const { state } = this;
    if (state.status === 'waiting') this.light(eventId, facts, atMs);
    if (!state.started) return;
    const tap = { eventId, facts: facts.map((fact) => this.answering(fact)), atS: potClockS(state, atMs) };
    const aside = facts.every(isNotYet) ? state.notYet : facts.every(isRead) ? state.readings : undefined;
    if (aside) {
      aside.push(tap);
      return;
    }
    const fresh = tap.facts.filter((fact) => !this.done.has(keyOf(fact) ?? ''));
    if (fresh.length === 0) return;
    for (const key of fresh.map(keyOf)) if (key) this.done.add(key);
    state.taps.push({ ...tap, facts: fresh });
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
      notYet: [],
      readings: [],
      notes,
      ticks,
    });
  }
}

/** A log, whatever else is kept with it. */
export interface FoldedLog {
  plans: Plans;
  events: readonly LiveEvent[];
}

/**
 * The state of a live evening: a pure fold of its log, in one pass. Events may come in any order and more than once, from
 * several devices whose clocks differ; what was undone counts as never having happened.
 * @example foldLive({ plans, events: [adopted, { type: 'happened', facts: [lit], … }] }).taps.length // 1
 */
export function foldLive({ plans, events }: FoldedLog): LiveState {
  const ordered = inOrder(events);
  const undone = undoneIds(ordered);
  const offsets = clockOffsets(ordered);
  const folding = new Folding(plans, undone);
  for (const event of ordered) {
    if (!undone.has(event.id)) folding.apply(event, Date.parse(event.at) + (offsets.get(event.device) ?? 0));
  }
  return folding.state;
}
