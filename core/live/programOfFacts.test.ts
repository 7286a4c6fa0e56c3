import { plansSchema } from '@elixa/contract';
import type { Fact, LiveEvent, LiveNews, Plans, PotPlan, Sighting } from '@elixa/contract';
import { menuOrThrow } from '../evening/resolveMenu';
import { STYLES } from '../catalogue/styles';
import { rehearsedPlan, rehearsedPot } from '../planEvening/rehearsed';
import { simulate } from '../pot/simulate';
import { timesTable } from '../simmer/timesTable';
import { eveningFor, suited } from '../testing/household';
import { stepTaps } from './doneLines';
import { factsOf, notYetOf } from './facts';
import { foldLive } from './foldLive';
import { liveSteps } from './liveSteps';
import { planHashOf } from './planHash';
import { programOfFacts, sightingsOf } from './programOfFacts';
import { cookingSinceS, restOf } from './restOf';
import { CATALOGUE } from '../catalogue/catalogue';

const evening = suited(eveningFor(2), 'fishCakeJeongol');
const pot = rehearsedPot(menuOrThrow(evening), timesTable);
const { plan } = pot;
const steps = liveSteps(CATALOGUE, plan.simmer);
const start = pot.gone.rehearsal.courses.get('main')!.start;

const LIT_MS = Date.parse('2026-12-01T18:00:00Z');
const idOf = (no: number) => `00000000-0000-4000-8000-${String(no).padStart(12, '0')}`;
const PLAN_ID = idOf(1);

/** The plans that the logs here name. */
const plans: Plans = { [planHashOf(plan)]: plan };
const fold = (events: readonly LiveEvent[]) => foldLive({ plans, events });

/** A log in which things are said at seconds after the burner was lit. */
function logOf(said: ReadonlyArray<readonly [atS: number, news: LiveNews]>): LiveEvent[] {
  return said.map(
    ([atS, news], index) =>
      ({
        ...news,
        v: 3,
        id: idOf(index + 1),
        at: new Date(LIT_MS + atS * 1000).toISOString(),
        device: 'phone-a',
        clock: index + 1,
      }) as LiveEvent,
  );
}

const adopted = (over?: string, by: PotPlan = plan): LiveNews => ({
  type: 'planAdopted',
  evening,
  planHash: planHashOf(by),
  ...(over ? { over } : {}),
});
const tap = (step: number, planId = PLAN_ID): LiveNews => ({
  type: 'happened',
  facts: factsOf(steps[step]!, plan, planId),
});
/** All taps, each when it is due, the boil and what follows so much later. */
const asPlanned = (lateS = 0) =>
  steps.map((step, index) => [index === 0 ? 0 : Math.round(step.atS) + lateS, tap(index)] as const);
const mainActs = (acts: ReturnType<typeof programOfFacts>['acts']) => acts.filter(({ potId }) => potId === 'main');

describe('what was done at a pot', () => {
  it('is the program of its plan, act by act, when every step is tapped in time', () => {
    const { acts } = programOfFacts(fold(logOf([[0, adopted()], ...asPlanned()])));
    expect(acts.map((one) => one.act)).toEqual(plan.program.acts.map((one) => one.act));
    for (const [index, { atS }] of acts.entries())
      expect(Math.abs(atS - plan.program.acts[index]!.atS)).toBeLessThan(1);
  });

  it('comes to the pot that the plan promised, by the same model', () => {
    const { acts } = programOfFacts(fold(logOf([[0, adopted()], ...asPlanned()])));
    const readyS = plan.simmer.readyAtS[0]! - 1;
    const done = simulate(start, mainActs(acts), readyS).state;
    const promised = simulate(start, mainActs(plan.program.acts), readyS).state;
    expect(done.tempC).toBeCloseTo(promised.tempC, 1);
    expect(done.liquid.saltG).toBeCloseTo(promised.liquid.saltG, 3);
    expect(done.pieces.length).toBe(promised.pieces.length);
  });

  it('is another pot where it boiled late and all went in late', () => {
    const { acts } = programOfFacts(fold(logOf([[0, adopted()], ...asPlanned(240)])));
    const boil = acts.find(({ actionId }) => actionId === 'boil-main')!;
    expect(boil.atS).toBe(Math.round(steps.find((one) => one.kind === 'boil')!.atS) + 240);
    expect(boil.on).toBeUndefined();
  });

  it('holds what answers no plan: the forgotten mushrooms go into the pot like everything else', () => {
    const forgotten: Fact = {
      potId: 'main',
      act: { is: 'added', pieceId: 'own-shiitake', ingredientId: 'shiitake', cut: 'cap', massG: 90 },
    };
    const state = fold(
      logOf([
        [0, adopted()],
        [0, tap(0)],
        [300, { type: 'happened', facts: [forgotten] }],
      ]),
    );
    const { acts } = programOfFacts(state);
    expect(acts.at(-1)).toMatchObject({
      atS: 300,
      potId: 'main',
      act: { is: 'added', ingredientId: 'shiitake', massG: 90 },
    });
    expect(stepTaps(steps, state)).toHaveLength(1);
    const inPot = simulate(start, mainActs(acts), 400).state.pieces.map((one) => one.ingredientId);
    expect(inPot).toContain('shiitake');
  });
});

describe('what is seen at a pot', () => {
  const seen = (...saw: Sighting[]): LiveNews => ({
    type: 'happened',
    facts: saw.map((one) => ({ potId: 'main', saw: one })),
  });

  it('is kept with its time, answers no act, and changes nothing of the pot', () => {
    const said = [[0, adopted()], ...asPlanned().slice(0, 2)] as const;
    const plain = fold(logOf(said));
    const told = fold(
      logOf([
        ...said,
        [900, seen({ is: 'probe', tempC: 96.4 }, { is: 'ruler', depthMm: 52 })],
        [960, seen({ is: 'tasted', says: 'weak' })],
      ]),
    );
    expect(sightingsOf(told).map(({ atS, saw }) => [atS, saw.is])).toEqual([
      ...sightingsOf(plain).map(({ atS, saw }) => [atS, saw.is]),
      [900, 'probe'],
      [900, 'ruler'],
      [960, 'tasted'],
    ]);
    expect(programOfFacts(told)).toEqual(programOfFacts(plain));
    expect(restOf(told, 960)).toEqual(restOf(plain, 960));
  });

  it('counts each time that a sign is not there yet, and is no tap to be taken back', () => {
    const boil = steps.find((one) => one.kind === 'boil')!;
    const notYet: LiveNews = { type: 'happened', facts: notYetOf(boil, plan, PLAN_ID) };
    const state = fold(
      logOf([
        [0, adopted()],
        [0, tap(0)],
        [300, notYet],
        [360, notYet],
      ]),
    );
    expect(state.taps).toHaveLength(1);
    expect(sightingsOf(state).map(({ atS }) => atS)).toEqual([300, 360]);
  });
});

describe('what is left of a plan', () => {
  it('is all of it but what was done, and both together are the whole', () => {
    for (const taps of [1, 3, steps.length - 1]) {
      const state = fold(logOf([[0, adopted()], ...asPlanned().slice(0, taps)]));
      const nowS = Math.max(0, steps[taps - 1]!.atS);
      const done = programOfFacts(state).acts.map((one) => one.actionId);
      const rest = restOf(state, nowS).map((one) => one.actionId);
      expect(rest.filter((id) => done.includes(id))).toEqual([]);
      expect([...done, ...rest].sort()).toEqual(plan.program.acts.map((one) => one.actionId).sort());
    }
  });

  it('moves with a late boil, and nothing of it lies in the past', () => {
    const boil = steps.findIndex((one) => one.kind === 'boil');
    const lateS = 400;
    const said = asPlanned().slice(0, boil);
    const state = fold(logOf([[0, adopted()], ...said, [Math.round(steps[boil]!.atS) + lateS, tap(boil)]]));
    const nowS = steps[boil]!.atS + lateS;
    const rest = restOf(state, nowS);
    const served = rest.find(({ act }) => act.is === 'served')!;
    expect(served.atS - plan.simmer.readyAtS[0]!).toBeGreaterThan(lateS - 90);
    for (const { atS } of rest) expect(atS).toBeGreaterThanOrEqual(nowS);
  });

  it('is nothing while no pot is cooked', () => {
    expect(restOf(fold([]), 0)).toEqual([]);
    expect(programOfFacts(fold([])).acts).toEqual([]);
  });
});

describe('the name of a plan', () => {
  it('follows from what it says and not from how it is written down', () => {
    const written = JSON.parse(JSON.stringify(plan)) as PotPlan;
    const turned = Object.fromEntries(Object.entries(written).reverse()) as PotPlan;
    expect(planHashOf(turned)).toBe(planHashOf(plan));
    expect(planHashOf({ ...plan, portions: plan.portions + 1 })).not.toBe(planHashOf(plan));
    expect(planHashOf({ ...plan, sides: undefined })).toBe(planHashOf(plan));
    // By the command line: the SHA-256 of {"a":1}.
    expect(planHashOf({ a: 1 } as never)).toBe('015abd7f5cc57a2dd94b7590f04ad8084273905ee33ec5cebeae62276a97f862');
  });

  it('is that of what its schema reads, for every style; every line of it is an act, every piece goes in with one', () => {
    for (const { id } of STYLES) {
      const made = rehearsedPlan(suited(eveningFor(2), id));
      const sent = plansSchema.parse(JSON.parse(JSON.stringify({ [planHashOf(made)]: made })));
      expect(Object.entries(sent).map(([hash, one]) => planHashOf(one) === hash)).toEqual([true]);
      const all = new Map(made.program.acts.map((one) => [one.actionId, one.atS]));
      const simmered = made.simmer.pieces.filter(({ way }) => way !== 'swished').map((piece) => piece.id);
      expect(simmered.filter((pieceId) => !cookingSinceS(made, all).has(pieceId))).toEqual([]);
      expect(made.simmer.actions.filter(({ id }) => !made.program.acts.some((one) => one.actionId === id))).toEqual([]);
    }
  });
});

describe('a second plan, adopted while the pot cooks', () => {
  /** The same pot with everything after the boil a quarter of an hour later. */
  const LATER_S = 900;
  const boilS = steps.find((one) => one.kind === 'boil')!.atS;
  const later = (atS: number) => (atS > boilS ? atS + LATER_S : atS);
  const second: PotPlan = {
    ...plan,
    simmer: { ...plan.simmer, actions: plan.simmer.actions.map((one) => ({ ...one, atS: later(one.atS) })) },
    program: { ...plan.program, acts: plan.program.acts.map((one) => ({ ...one, atS: later(one.atS) })) },
  };
  plans[planHashOf(second)] = second;
  const boil = steps.findIndex((one) => one.kind === 'boil');
  const untilBoil = [[0, adopted()], ...asPlanned().slice(0, boil + 1)] as const;
  const replanS = Math.round(boilS) + 5;
  const SECOND_ID = idOf(untilBoil.length + 1);
  const replanned = [...untilBoil, [replanS, adopted(PLAN_ID, second)]] as const;

  it('counts from then on, with what was done before', () => {
    const state = fold(logOf(replanned));
    expect(state.started).toMatchObject({ planId: SECOND_ID, plan: second, sinceS: replanS });
    const now = liveSteps(CATALOGUE, second.simmer);
    expect(stepTaps(now, state).map((one) => one.step)).toEqual(now.slice(0, boil + 1).map((one) => one.step));
    const served = restOf(state, replanS).find(({ act }) => act.is === 'served')!;
    expect(served.atS).toBeGreaterThan(plan.simmer.readyAtS[0]! + LATER_S - 90);
  });

  it('asks for nothing again that was done by the plan of before on a phone that had not heard of it', () => {
    const log = (atS: number, knows?: string[]) => {
      const said = [
        ...untilBoil,
        [replanS, { ...adopted(PLAN_ID, second), knows } as LiveNews],
        [replanS + atS, tap(boil + 1)],
      ] as const;
      return stepTaps(liveSteps(CATALOGUE, second.simmer), fold(logOf(said))).length;
    };
    const known = untilBoil.map((_, index) => idOf(index + 1));
    // One that was chosen by hand knows of nothing: by it the next step is a quarter of an hour away.
    for (const atS of [-1, 5]) expect(log(atS)).toBe(boil + 1);
    for (const atS of [-1, 5]) expect(log(atS, known)).toBe(boil + 2);
    expect(log(5, known.slice(0, 2))).toBe(boil + 2);
    // What it knows of and wants later is wanted.
    expect(log(-1, [...known, idOf(untilBoil.length + 2)])).toBe(boil + 1);
  });

  it('is taken back like everything else', () => {
    const state = fold(logOf([...replanned, [replanS + 10, { type: 'undone', target: SECOND_ID }]]));
    expect(state.started).toMatchObject({ planId: PLAN_ID, plan, sinceS: 0 });
  });

  it('is taken back with a tap that it was made from, and stays where another tap is', () => {
    const knows = untilBoil.map((_, index) => idOf(index + 1));
    const made = [replanS, { ...adopted(PLAN_ID, second), knows } as LiveNews] as const;
    const without = (target: string) => fold(logOf([...untilBoil, made, [replanS + 10, { type: 'undone', target }]]));
    expect(without(knows.at(-1)!).started).toMatchObject({ planId: PLAN_ID, plan });
    const next = [replanS + 5, tap(boil + 1, SECOND_ID)] as const;
    const other = fold(
      logOf([...untilBoil, made, next, [replanS + 10, { type: 'undone', target: idOf(untilBoil.length + 2) }]]),
    );
    expect(other.started).toMatchObject({ planId: SECOND_ID });
  });

  it('of two that would take its place the first counts, and one that takes the place of none never does', () => {
    const both = fold(logOf([...replanned, [replanS + 1, adopted(PLAN_ID)], [replanS + 2, adopted()]]));
    expect(both.started!.planId).toBe(SECOND_ID);
  });

  it('is answered by its own facts: what is wanted again is done again, and told once', () => {
    const next = liveSteps(CATALOGUE, second.simmer)[boil]!;
    const again = factsOf(next, second, SECOND_ID);
    const said = [
      ...replanned,
      [replanS + 60, { type: 'happened', facts: again }],
      [replanS + 61, { type: 'happened', facts: again }],
    ] as const;
    const state = fold(logOf(said));
    expect(state.taps.filter(({ facts }) => facts.some((fact) => fact.answers?.planId === SECOND_ID))).toHaveLength(1);
    const boils = programOfFacts(state).acts.filter(({ actionId }) => actionId === next.actions[0]!.id);
    expect(new Set(boils.map(({ atS }) => atS)).size).toBe(2);
  });
});
