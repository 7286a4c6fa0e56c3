import { readFileSync } from 'node:fs';
import path from 'node:path';
import { liveEvent1Schema, liveEventSchema, type AnyLiveEvent, type LiveEvent, type LiveNews } from '@elixa/contract';
import fc from 'fast-check';
import { planPot } from '../planEvening/planPot';
import { example } from '../testing/household';
import { stepTaps } from './doneLines';
import { factsOf, notYetOf } from './facts';
import { foldLive, potClockS } from './foldLive';
import { liveSteps } from './liveSteps';
import { liveView } from './liveView';
import { planHashOf } from './planHash';
import { upcastLog } from './upcast';
import { runs } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

const evening = example('practice-night');
const plan = planPot(evening);
const steps = liveSteps(CATALOGUE, plan.simmer);
const START = Date.parse(plan.simmer.litAt);

/** Ids that follow from one another, so that a failing case can be read. */
let made = 0;
const nextId = () => `00000000-0000-4000-8000-${String((made += 1)).padStart(12, '0')}`;

/** A phone at the stove: it says things by its own clock, and hears of the others when they meet. */
class Phone {
  private readonly known = new Map<string, LiveEvent>();
  constructor(
    readonly name: string,
    private readonly skewS: number,
  ) {}

  get log(): LiveEvent[] {
    return [...this.known.values()];
  }

  say(trueS: number, news: LiveNews): LiveEvent {
    const others = this.log.filter((event) => event.device !== this.name).sort((a, b) => a.clock - b.clock);
    const event = {
      ...news,
      v: 3,
      id: nextId(),
      at: new Date(START + (trueS + this.skewS) * 1000).toISOString(),
      device: this.name,
      clock: Math.max(0, ...this.log.map((one) => one.clock)) + 1,
      after: others.at(-1)?.id,
    } as LiveEvent;
    this.known.set(event.id, event);
    return event;
  }

  hear(events: readonly LiveEvent[]): void {
    for (const event of events) this.known.set(event.id, event);
  }
}

const PLAN_HASH = planHashOf(plan);
const fold = (events: readonly LiveEvent[]) => foldLive({ plans: { [PLAN_HASH]: plan }, events });

const meet = (a: Phone, b: Phone) => {
  a.hear(b.log);
  b.hear(a.log);
};
const light = (phone: Phone, trueS: number): string => {
  const { id } = phone.say(trueS, { type: 'planAdopted', evening, planHash: PLAN_HASH });
  phone.say(trueS, { type: 'happened', facts: factsOf(steps[0]!, plan, id) });
  return id;
};
const tap = (phone: Phone, step: number, trueS: number) =>
  phone.say(trueS, { type: 'happened', facts: factsOf(steps[step]!, plan, 'none') });

const skews = fc.constantFrom(0, -3600, 3600, 86_400, -86_400, 40);

describe('two phones on one evening', () => {
  it('end at the same state, with no tap lost, whatever their clocks say and however they meet', () => {
    const move = fc.record({
      who: fc.boolean(),
      what: fc.constantFrom('tap', 'pause', 'resume', 'note', 'tick', 'undo', 'notYet', 'meet' as const),
      waitS: fc.integer({ min: 1, max: 200 }),
    });
    fc.assert(
      fc.property(skews, skews, fc.array(move, { maxLength: 30 }), (mine, yours, moves) => {
        const [a, b] = [new Phone('phone-a', mine), new Phone('phone-b', yours)];
        light(a, 0);
        meet(a, b);
        let trueS = 0;
        let step = 1;
        const tapped: LiveEvent[] = [];
        const undone = new Set<string>();
        for (const { who, what, waitS } of moves) {
          trueS += waitS;
          const phone = who ? a : b;
          if (what === 'meet') meet(a, b);
          if (what === 'tap' && step < steps.length) tapped.push(tap(phone, step++, trueS));
          if (what === 'pause') phone.say(trueS, { type: 'paused' });
          if (what === 'resume') phone.say(trueS, { type: 'resumed' });
          if (what === 'note') phone.say(trueS, { type: 'noted', text: `At ${trueS}` });
          if (what === 'tick')
            phone.say(trueS, { type: 'ticked', list: 'bought', itemId: 'daikon', on: waitS % 2 === 0 });
          if (what === 'notYet') phone.say(trueS, { type: 'happened', facts: notYetOf(steps[1]!, plan, 'none') });
          const last = tapped.at(-1);
          if (what === 'undo' && last && phone.log.some((event) => event.id === last.id)) {
            phone.say(trueS, { type: 'undone', target: last.id });
            undone.add(last.id);
          }
        }
        meet(a, b);
        const state = fold(a.log);
        expect(fold(b.log)).toEqual(state);
        expect(fold([...b.log, ...a.log].reverse())).toEqual(state);
        const expected = tapped.filter((event) => !undone.has(event.id)).map((event) => event.id);
        expect(
          state.taps
            .slice(1)
            .map((one) => one.eventId)
            .sort(),
        ).toEqual(expected.sort());
        for (const one of state.taps) expect(one.atS).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: runs(300) },
    );
  });

  it('goes on after a pause by a phone an hour ahead, and a tap from one an hour behind counts', () => {
    for (const skewS of [3600, -3600, 86_400, -86_400]) {
      const [a, b] = [new Phone('phone-a', 0), new Phone('phone-b', skewS)];
      light(a, 0);
      meet(a, b);
      b.say(100, { type: 'paused' });
      meet(a, b);
      a.say(160, { type: 'resumed' });
      meet(a, b);
      tap(b, 1, 300);
      meet(a, b);
      const state = fold(a.log);
      expect(state.status).toBe('running');
      expect(stepTaps(steps, state).map((one) => one.step)).toEqual([0, 1]);
      // By its own clock a phone that is off knows no better than what it had seen last.
      expect(potClockS(state, START + 400_000)).toBeGreaterThanOrEqual(240);
      expect(potClockS(state, START + 400_000)).toBeLessThanOrEqual(400);
    }
  });

  it('lit twice without hearing of one another, one start counts, the same everywhere', () => {
    const [a, b] = [new Phone('phone-a', 0), new Phone('phone-b', 0)];
    const planOfA = light(a, 0);
    light(b, 90);
    tap(b, 1, 300);
    meet(a, b);
    const state = fold(a.log);
    expect(fold(b.log)).toEqual(state);
    expect(state.startedAtMs).toBe(START);
    expect(a.log.find((event) => event.id === planOfA)?.device).toBe('phone-a');
    expect(stepTaps(steps, state)).toHaveLength(2);
  });
});

describe('a sign that is not there yet', () => {
  it('is asked for again in a minute, and moves nothing by itself', () => {
    const phone = new Phone('phone-a', 0);
    light(phone, 0);
    const boil = steps[1]!;
    const viewAt = (seconds: number) => liveView(plan, steps, fold(phone.log), START + seconds * 1000);
    expect(viewAt(boil.atS).next?.dueInS).toBeCloseTo(0, 3);
    phone.say(boil.atS, { type: 'happened', facts: notYetOf(boil, plan, 'none') });
    expect(viewAt(boil.atS).next).toMatchObject({ step: boil.step, dueInS: expect.closeTo(60, 3) });
    tap(phone, 1, boil.atS + 70);
    expect(viewAt(boil.atS + 70).next?.step).toBe(2);
  });
});

describe('a long log', () => {
  it('is folded in one pass: each event is looked at as often, however many there are', () => {
    const looksPerEvent = (count: number): number => {
      const phone = new Phone('phone-a', 0);
      let looks = 0;
      const events = Array.from({ length: count }, (_, index) => {
        const event = phone.say(0, { type: 'ticked', list: 'bought', itemId: `thing${index}`, on: true });
        return new Proxy(
          { ...event, clock: index + 1 },
          {
            get: (target, key) => {
              if (key === 'type') looks += 1;
              return Reflect.get(target, key) as unknown;
            },
          },
        );
      });
      expect(Object.keys(fold(events).ticks.bought)).toHaveLength(count);
      return looks / count;
    };
    expect(looksPerEvent(400)).toBeLessThanOrEqual(looksPerEvent(40));
  });
});

describe('logs of version 1', () => {
  const read = (file: string) => JSON.parse(readFileSync(path.join(import.meta.dirname, 'version1', file), 'utf8'));

  it.each(['practice-night', 'first-frost', 'muffled-peal'])('%s reads as it did', (name) => {
    const old = (read(`${name}.log.json`) as unknown[]).map((event) => liveEvent1Schema.parse(event));
    const reading = read(`${name}.reading.json`);
    const log = upcastLog({ plans: {}, events: old });
    for (const event of log.events)
      expect(liveEventSchema.safeParse(JSON.parse(JSON.stringify(event))).success).toBe(true);
    const state = foldLive(log);
    const own = liveSteps(CATALOGUE, state.started!.plan.simmer);
    const taps = stepTaps(own, state).map(({ step, atS }) => {
      const { title, kind } = own.find((one) => one.step === step)!;
      return { title, kind, atS };
    });
    // What was poured and finished has the words of the stages now; everything else is as it was.
    const NOW_CALLED: Record<string, string> = { topUp: 'pour', finish: 'add' };
    const kindOf = (kind: string, title: string) =>
      kind === 'topUp' && /^Back up|pan back up/.test(title)
        ? 'heatUp'
        : kind === 'topUp' && /^Ladle/.test(title)
          ? 'lift'
          : (NOW_CALLED[kind] ?? kind);
    expect(taps).toEqual(
      reading.taps.map((tap: { title: string; kind: string; atS: number }) => ({
        ...tap,
        kind: kindOf(tap.kind, tap.title),
      })),
    );
    expect(state.status).toBe(reading.status);
    expect(state.notes).toEqual(reading.notes);
    const ticked = Object.fromEntries(Object.entries(state.ticks).map(([list, ids]) => [list, Object.keys(ids)]));
    expect(ticked).toEqual(reading.ticked);
    const pieces = state.started!.plan.simmer.pieces.map((piece) => ({
      ingredientId: piece.ingredientId,
      cut: piece.cut,
      round: piece.round,
      pan: piece.pan,
      massG: Math.round(piece.massG),
      inAtS: piece.inAtS,
      outAtS: piece.outAtS,
    }));
    expect(pieces).toEqual(reading.pieces);
  });

  it('becomes the same log however often and in whatever order it is read', () => {
    const old = read('first-frost.log.json') as AnyLiveEvent[];
    const today = upcastLog({ plans: {}, events: old });
    expect(foldLive(upcastLog({ plans: {}, events: [...old].reverse() }))).toEqual(foldLive(today));
    expect(upcastLog(today)).toEqual(today);
  });

  it('keeps what a device told apart from what was tapped: nothing of it is next, or taken back', () => {
    const phone = new Phone('this-phone', 0);
    light(phone, 0);
    phone.say(40, { type: 'happened', facts: [{ potId: 'main', saw: { is: 'probe', tempC: 55, read: true } }] });
    phone.say(50, { type: 'happened', facts: [{ potId: 'main', saw: { is: 'probe', tempC: 58 } }] });
    const { taps, readings } = fold(phone.log);
    expect(readings.map(({ atS }) => atS)).toEqual([40]);
    expect(taps.map(({ atS }) => atS)).toEqual([0, 50]);
  });
});
