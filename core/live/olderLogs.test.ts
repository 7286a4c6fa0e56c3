import { readFileSync } from 'node:fs';
import path from 'node:path';
import { liveEvent2Schema, liveLogSchema, type AnyLiveEvent } from '@elixa/contract';
import { stepTaps } from './doneLines';
import { foldLive } from './foldLive';
import { liveSteps } from './liveSteps';
import { liveView } from './liveView';
import { programOfFacts, sightingsOf } from './programOfFacts';
import { upcastLog, type AnyLog } from './upcast';
import { CATALOGUE } from '../catalogue/catalogue';

interface Reading {
  status: string;
  notes: unknown;
  taps: unknown;
  views: Array<{ afterClock: number }>;
}

const read = <Value>(file: string): Value =>
  JSON.parse(readFileSync(path.join(import.meta.dirname, 'version2', file), 'utf8')) as Value;
const raw = read<Array<Record<string, never>>>('fish-cakes.log.json');
const reading = read<Reading>('fish-cakes.reading.json');

/** As it was written before plans had a program. */
const without = ({ program: _program, ...plan }: Record<string, unknown>) => ({ ...plan, schemaVersion: 3 });
const withoutProgram = raw.map((event) => (event.plan ? { ...event, plan: without(event.plan) } : event));

function readAs({ plans, events }: AnyLog) {
  const log = upcastLog({ plans, events });
  const state = foldLive(log);
  const { plan } = state.started!;
  const steps = liveSteps(CATALOGUE, plan.simmer);
  const titles = new Map(steps.map(({ step, title }) => [step, title]));
  const told = log.events.filter(({ type }) => type === 'happened');
  return {
    status: state.status,
    notes: state.notes,
    taps: stepTaps(steps, state).map(({ step, atS }) => ({ title: titles.get(step), atS })),
    views: told.map(({ at, clock }) => {
      const upTo = log.events.filter((one) => one.clock <= clock);
      const view = liveView(plan, steps, foldLive({ ...log, events: upTo }), Date.parse(at) + 20_000);
      const { next, change } = view;
      return {
        afterClock: clock,
        next: next?.title ?? null,
        dueInS: next ? Math.round(next.dueInS) : null,
        readyInS: Math.round(view.readyInS),
        // What went in beside the plan was not shown then.
        inPot: view.inPot
          .filter(({ piece }) => plan.simmer.pieces.some(({ id }) => id === piece.id))
          .map((one) => `${one.name}: ${one.state}, ${Math.round(one.forS)} s`),
        doneSteps: view.doneSteps,
        change: change
          ? { title: change.title, lateS: Math.round(change.lateS), movesReadyS: Math.round(change.movesReadyS) }
          : null,
      };
    }),
  };
}

describe('a log of version 2', () => {
  const events = raw.map((event) => liveEvent2Schema.parse(event));

  it('reads as it did, tap by tap and view by view, and as a log of today', () => {
    expect(readAs({ plans: {}, events })).toEqual(reading);
    const today = upcastLog({ plans: {}, events });
    expect(liveLogSchema.safeParse(JSON.parse(JSON.stringify(today))).success).toBe(true);
  });

  it('reads as it did where its plan had no program', () => {
    expect(readAs({ plans: {}, events: withoutProgram.map((event) => liveEvent2Schema.parse(event)) })).toEqual(
      reading,
    );
  });

  it('goes on where a part of it was brought to today meanwhile: what an old page taps answers its plan', () => {
    const whole = foldLive(upcastLog({ plans: {}, events }));
    for (const until of [1, 2, 6]) {
      const before = upcastLog({ plans: {}, events: events.slice(0, until) });
      const mixed = foldLive(upcastLog({ ...before, events: [...before.events, ...events.slice(until)] }));
      expect(mixed).toEqual(whole);
    }
  });

  it('is the same log in any order, and read twice', () => {
    const once = upcastLog({ plans: {}, events });
    expect(upcastLog(once)).toEqual(once);
    expect(foldLive(upcastLog({ plans: {}, events: [...events].reverse() }))).toEqual(foldLive(once));
  });

  it('keeps what was seen, and what answered no plan', () => {
    const state = foldLive(upcastLog({ plans: {}, events: events as AnyLiveEvent[] }));
    expect(sightingsOf(state).map(({ saw }) => saw.is)).toEqual(['notYet', 'boils']);
    const added = programOfFacts(state).acts.filter(({ act }) => act.is === 'added' && act.pieceId === 'own-shiitake');
    expect(added).toHaveLength(1);
  });
});
