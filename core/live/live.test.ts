import type { LiveEvent } from '@elixa/contract';
import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { styleChosen } from '../evening/edits/styleChosen';
import { planPot } from '../planEvening/planPot';
import { example } from '../testing/household';
import { changesSince } from './changesSince';
import { doneAtS, doneLines, stepTaps } from './doneLines';
import { factsOf } from './facts';
import { foldLive, potClockS } from './foldLive';
import { liveSteps } from './liveSteps';
import { liveView } from './liveView';
import { planHashOf } from './planHash';
import { expected } from './restOf';
import { CATALOGUE } from '../catalogue/catalogue';

// Without tofu, which is planned with just its least time, so that nothing could be lifted out sooner.
const given = example('practice-night');
const evening = { ...given, choices: { ...given.choices, leaveOut: ['firmTofu'] } };
const plan = planPot(evening);
const { simmer } = plan;
const steps = liveSteps(CATALOGUE, simmer);
const START = Date.parse(simmer.litAt);

/** The same with its keys in another order, as a database gives it back. */
function keysTurned<Part>(part: Part): Part {
  if (Array.isArray(part)) return part.map(keysTurned) as Part;
  if (typeof part !== 'object' || part === null) return part;
  const entries = Object.entries(part).map(([key, value]) => [key, keysTurned(value)]);
  return Object.fromEntries(entries.reverse()) as Part;
}

let counter = 0;
const id = () => `00000000-0000-4000-8000-${String((counter += 1)).padStart(12, '0')}`;
const at = (seconds: number) => new Date(START + seconds * 1000).toISOString();
let ticks = 0;
/** What every event has, in the order in which the test writes them. */
const said = (seconds: number, device = 'phone') => ({
  v: 3 as const,
  id: id(),
  at: at(seconds),
  device,
  clock: (ticks += 1),
});
const adopted: LiveEvent = { ...said(0), type: 'planAdopted', evening, planHash: planHashOf(plan) };
const lit = (seconds: number): LiveEvent => ({
  ...said(seconds),
  type: 'happened',
  facts: [{ potId: 'main', act: { is: 'light' }, answers: { planId: adopted.id, actId: 'lit' } }],
});
const started = lit(0);
const tap = (step: number, seconds: number): LiveEvent => ({
  ...said(seconds),
  type: 'happened',
  facts: factsOf(
    steps.find((one) => one.step === step)!,
    plan,
    adopted.id,
  ),
});
const plans = { [planHashOf(plan)]: plan };
const fold = (events: readonly LiveEvent[]) => foldLive({ plans, events: [adopted, ...events] });
const stepsOf = (events: readonly LiveEvent[]) => stepTaps(steps, fold(events));
const stepOf = (kind: string, nth = 0) => steps.filter((step) => step.kind === kind)[nth]!;
const onTime = (upTo: number) => steps.filter((step) => step.step <= upTo).map((step) => tap(step.step, step.atS));
const viewAt = (events: LiveEvent[], seconds: number) => liveView(plan, steps, fold(events), START + seconds * 1000);
const readyS = simmer.readyAtS[0]!;
const rest = (events: readonly LiveEvent[], nowS: number) => expected(plan, doneAtS(doneLines(fold(events))), nowS);

describe('the log', () => {
  it('folds to the same state in any order and however often an event comes', () => {
    const events = [started, ...onTime(4)];
    fc.assert(
      fc.property(fc.shuffledSubarray(events, { minLength: events.length }), fc.nat(5), (shuffled, again) => {
        expect(fold([...shuffled, events[again]!])).toEqual(fold(events));
      }),
    );
  });

  it('waits until it is started and knows nothing before', () => {
    expect(foldLive({ plans, events: [] }).status).toBe('waiting');
    expect(foldLive({ plans, events: [tap(1, 5)] }).taps).toEqual([]);
    // A plan that has not come yet is no plan to cook by.
    expect(foldLive({ plans: {}, events: [adopted, started] }).status).toBe('waiting');
  });

  it('takes back the last tap, as if it had not been', () => {
    const first = tap(0, 0);
    const wrong = tap(1, 250);
    const events = [started, first, wrong];
    const undone: LiveEvent = { ...said(255), type: 'undone', target: wrong.id };
    expect(stepsOf([...events, undone]).map((one) => one.step)).toEqual([0]);
    expect(stepsOf([...events, undone, tap(1, 260)]).map((one) => one.atS)).toEqual([0, 260]);
    // An undoing that is itself undone takes nothing back.
    const redone: LiveEvent = { ...said(258), type: 'undone', target: undone.id };
    expect(stepsOf([...events, undone, redone]).map((one) => one.step)).toEqual([0, 1]);
  });

  it('stands still while it is paused', () => {
    const events: LiveEvent[] = [started, { ...said(100), type: 'paused' }, { ...said(400), type: 'resumed' }];
    expect(potClockS(fold(events.slice(0, 2)), START + 300_000)).toBe(100);
    expect(potClockS(fold(events), START + 500_000)).toBe(200);
  });

  it('ends once, and keeps notes that come later', () => {
    const events: LiveEvent[] = [
      started,
      { ...said(5000), type: 'finished' },
      { ...said(6000), type: 'noted', text: 'Less salt' },
    ];
    expect(fold(events)).toMatchObject({
      status: 'finished',
      finishedAtMs: START + 5_000_000,
      notes: [{ text: 'Less salt' }],
    });
  });
});

describe('the guide on time', () => {
  it('shows each step in turn at its planned time', () => {
    for (const step of steps.slice(1)) {
      const view = viewAt([started, ...onTime(step.step - 1)], step.atS);
      expect(view.next?.step).toBe(step.step);
      expect(view.next?.dueInS).toBeCloseTo(0, 3);
      expect(view.change).toBeUndefined();
    }
  });

  it('has nothing left when everything is done', () => {
    const view = viewAt([started, ...onTime(steps.length)], simmer.endsAtS);
    expect(view.next).toBeUndefined();
    expect(view.doneSteps).toBe(view.totalSteps);
  });

  it('lists what is in the pot until it is lifted out', () => {
    const last = stepOf('add', 2);
    const view = viewAt([started, ...onTime(last.step)], last.atS + 10);
    expect(view.inPot.map((one) => one.name)).toEqual(expect.arrayContaining(['daikon', 'chicken', 'mizuna']));
    expect(view.inPot.find((one) => one.name === 'daikon')!.state).not.toBe('over');
    const served = viewAt([started, ...onTime(stepOf('serve').step)], readyS + 10);
    expect(served.inPot).toEqual([]);
  });
});

describe('late and early taps', () => {
  it('a late boil moves the meal back by as much', () => {
    const boil = stepOf('boil');
    const first = stepOf('add');
    const lateS = 240;
    const view = viewAt([started, tap(0, 0), tap(boil.step, boil.atS + lateS)], boil.atS + lateS);
    const slackS = first.atS - boil.atS;
    expect(view.readyInS + view.clockS).toBeCloseTo(readyS + lateS - slackS, 3);
    expect(view.change).toMatchObject({
      lateS: expect.closeTo(lateS, 3),
      movesReadyS: expect.closeTo(lateS - slackS, 3),
    });
  });

  it('an early boil moves nothing: the first addition keeps its time', () => {
    const boil = stepOf('boil');
    const view = viewAt([started, tap(0, 0), tap(boil.step, boil.atS - 90)], boil.atS - 90);
    expect(view.readyInS + view.clockS).toBeCloseTo(readyS, 3);
    expect(view.next?.dueInS).toBeCloseTo(stepOf('add').atS - (boil.atS - 90), 3);
  });

  it('never serves chicken before its least time, however late it went in', () => {
    const group = steps.find((step) => step.actions.some((one) => one.ingredientId === 'chickenThigh'))!;
    const piece = simmer.pieces.find((one) => one.ingredientId === 'chickenThigh')!;
    const coldS = piece.outAtS - piece.inAtS - piece.cookS;
    fc.assert(
      fc.property(fc.integer({ min: -120, max: 1500 }), (lateS) => {
        const inS = group.atS + lateS;
        const events = [started, ...onTime(group.step - 1), tap(group.step, inS)];
        const { readyS: ready } = rest(events, Math.max(inS, 0));
        expect(ready.get(1)! - inS).toBeGreaterThanOrEqual(piece.safeS + coldS - 1e-6);
      }),
    );
  });

  it('a small delay that every window can bear moves nothing', () => {
    const group = stepOf('add', 0);
    const events = [started, ...onTime(group.step - 1), tap(group.step, group.atS + 40)];
    const view = viewAt(events, group.atS + 40);
    expect(view.readyInS + view.clockS).toBeCloseTo(readyS, 3);
    expect(view.change).toMatchObject({ movesReadyS: 0 });
  });

  it('leaves that went in far too early are lifted out earlier', () => {
    const leaves = steps.find((step) => step.actions.some((one) => one.ingredientId === 'mizuna'))!;
    const events = [started, ...onTime(leaves.step - 1), tap(leaves.step, leaves.atS - 200)];
    const { readyS: ready } = rest(events, leaves.atS - 200);
    const chicken = simmer.pieces.find((one) => one.ingredientId === 'chickenThigh')!;
    const chickenSafeS = chicken.inAtS + chicken.safeS + (chicken.outAtS - chicken.inAtS - chicken.cookS);
    expect(ready.get(1)!).toBeLessThan(readyS);
    expect(ready.get(1)!).toBeGreaterThanOrEqual(chickenSafeS - 1e-6);
  });

  it('waits with the meal while a step is overdue', () => {
    const group = steps.find((step) => step.actions.some((one) => one.ingredientId === 'chickenThigh'))!;
    const view = viewAt([started, ...onTime(group.step - 1)], group.atS + 900);
    expect(view.next?.step).toBe(group.step);
    expect(view.readyInS + view.clockS).toBeGreaterThan(readyS + 600);
  });

  it('a round that is served late moves the next one, never the other way round', () => {
    const serve = stepOf('serve');
    const late = viewAt([started, ...onTime(serve.step - 1), tap(serve.step, readyS + 300)], readyS + 300);
    expect(late.readyInS + late.clockS).toBeCloseTo(simmer.readyAtS[1]! + 300, 3);
    const early = viewAt([started, ...onTime(serve.step - 1), tap(serve.step, readyS - 20)], readyS - 20);
    expect(early.readyInS + early.clockS).toBeCloseTo(simmer.readyAtS[1]!, 3);
  });
});

describe('a burner that was lit by mistake, a pot that is put off', () => {
  it('was never lit once the first tap is taken back', () => {
    const undone: LiveEvent = { ...said(30), type: 'undone', target: started.id };
    expect(fold([started, undone])).toMatchObject({ status: 'waiting', taps: [] });
    const again = lit(900);
    expect(fold([started, undone, again])).toMatchObject({ status: 'running', started: { eventId: again.id } });
  });

  it('waits again when it is stopped, and starts from the beginning when it is lit again', () => {
    const noted: LiveEvent = { ...said(100), type: 'noted', text: 'Out of gas' };
    const before = [started, tap(1, 250), noted];
    const stopped: LiveEvent = { ...said(400), type: 'stopped' };
    const state = fold([...before, stopped]);
    expect(state).toMatchObject({ status: 'waiting', taps: [], notes: [{ text: 'Out of gas' }] });
    expect(state.startedAtMs).toBeUndefined();
    const again = lit(900);
    const relit = fold([...before, stopped, again]);
    expect(relit.status).toBe('running');
    expect(stepTaps(steps, relit)).toEqual([]);
    expect(relit.started?.eventId).toBe(again.id);
  });

  it('tells what was changed since it was lit, and nothing where only the title was', () => {
    const before = example('practice-night');
    expect(changesSince(before, { ...before, title: 'Other', pantry: [] })).toEqual([]);
    expect(changesSince(before, keysTurned(before))).toEqual([]);
    const left = { ...before, heatSource: { ...before.heatSource, noted: undefined } };
    expect(changesSince(before, left)).toEqual([]);
    expect(changesSince(before, { ...before, heatSource: { ...before.heatSource, powerW: 1 } })).toEqual([
      'another burner',
    ]);
    const more = { ...before, diners: [...before.diners, { ...before.diners[0]!, name: 'Wenn' }] };
    expect(changesSince(before, more)).toEqual(['Wenn comes too']);
    expect(changesSince(more, before)).toEqual(['Wenn does not come']);
    expect(changesSince(before, { ...before, vessel: { ...before.vessel, id: 'other' } })).toEqual(['another pot']);
  });
});

describe('the safety gate', () => {
  it('stands before serving while chicken lacks time, and goes when it has had it', () => {
    const group = steps.find((step) => step.actions.some((one) => one.ingredientId === 'chickenThigh'))!;
    const serve = stepOf('serve');
    const events = [
      started,
      ...onTime(group.step - 1),
      ...steps.filter((s) => s.step >= group.step && s.step < serve.step).map((s) => tap(s.step, group.atS)),
    ];
    const soon = viewAt(events, group.atS + 60);
    expect(soon.gate?.names).toContain('chicken');
    expect(soon.gate!.waitS).toBeGreaterThan(60);
    expect(viewAt(events, group.atS + 60 + soon.gate!.waitS).gate).toBeUndefined();
  });
});

describe('lateness', () => {
  it('counts from the time that was told, minute by minute, whatever is next', () => {
    for (const { step, atS } of steps.filter((one) => one.step > 0 && one.round === 1)) {
      const done = onTime(step - 1);
      const told = viewAt(done, steps[step - 1]!.atS).next!;
      expect(told.step).toBe(step);
      for (const late of [60, 720, 1500]) {
        expect(viewAt(done, atS + late).next!.dueInS).toBeCloseTo(-late, 0);
      }
    }
  });

  it('is of the plan that was lit, on every burner', () => {
    expect(fold([started]).started).toMatchObject({ eventId: started.id, planId: adopted.id });
  });
});

describe('what is told', () => {
  const first = (styleId: string, vesselId: string) => {
    const vessel = VESSELS.find((one) => one.id === vesselId)!;
    return liveSteps(CATALOGUE, planPot(styleChosen({ ...evening, vessel }, styleId)).simmer)[0]!.title;
  };

  it('names what is built in the pot before anything is poured, and stacks as the one thing that they are', () => {
    expect(first('sukiyakiEast', 'clay28')).toMatch(/^Long onion, .* more laid in; sauce round the edge/);
    expect(first('layeredBeefCabbage', 'clay28')).toMatch(/^The stacks, .* laid in; broth down the side/);
    expect(first('clearChicken', 'clay28')).toMatch(/^Broth into the pot/);
  });

  it('names up to four things and counts the rest', () => {
    const titles = steps.filter((step) => step.kind === 'add').map((step) => step.title);
    expect(titles[0]).toBe('Chicken and daikon in');
    expect(titles[1]).toMatch(/^Carrot, cabbage stems, long onion and \d more in$/);
    expect(titles[2]).toBe('Cabbage leaves and mizuna in');
  });

  it('sends the small pan its own words', () => {
    const swaps = [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' as const }];
    const plan = planPot({ ...example('muffled-peal'), choices: { swaps, leaveOut: [] } });
    const titles = liveSteps(CATALOGUE, plan.simmer)
      .filter((step) => step.pan === 'aside')
      .map((step) => step.title);
    expect(titles.some((title) => /cod.* into the small pan$/i.test(title))).toBe(true);
    expect(titles).toContain('The small pan boils: lid ajar, down to a simmer');
  });
});
