import { factSchema } from '@elixa/contract';
import { CATALOGUE } from '../catalogue/catalogue';
import { menuOrThrow } from '../evening/resolveMenu';
import { rehearsedPot } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { atOnce } from '../steps/steps';
import { eveningFor, suited } from '../testing/household';
import { besideFact, harmBeside, outOfPots, pourable, withExtras, type Unasked } from './beside';
import { toldLines } from './besideWords';
import { boilAwaited, boilWords } from './boilAwaited';
import { factsOf } from './facts';
import { WAITING, type LiveState } from './foldLive';
import { liveSteps, type LiveStep } from './liveSteps';
import { liveView } from './liveView';
import { lookAgain } from './lookAgain';
import { potsNow } from './potsNow';
import { movedWords, whatMoved } from './whatMoved';

const pot = rehearsedPot(menuOrThrow(suited(eveningFor(4), 'clearChicken')), timesTable);
const { plan, menu } = pot;
const steps = liveSteps(CATALOGUE, plan.simmer);
const boil = steps.find(({ kind }) => kind === 'boil')!;
const adds = steps.filter(({ kind, round }) => kind === 'add' && round === 1);
const serve = steps.find(({ kind }) => kind === 'serve')!;
const secondS = adds[1]!.atS + 5;
const idOf = (food: string) => plan.simmer.pieces.find((one) => one.ingredientId === food && one.round === 1)!.id;

/** The pot with its steps tapped when they were due, or when `when` says, and what was done beside them. */
function cooked(
  untilS: number,
  beside: Array<[number, Unasked]> = [],
  when: (step: LiveStep) => number = (step) => step.atS,
): LiveState {
  const asked = steps
    .map((step) => ({ eventId: `tap ${step.step}`, facts: factsOf(step, plan, 'plan'), atS: when(step) }))
    .filter(({ atS }) => atS <= untilS);
  const unasked = beside.map(([atS, said], index) => ({
    eventId: `beside ${index}`,
    facts: [besideFact(plan, { potId: 'main', round: 1, id: String(index) }, said)],
    atS,
  }));
  return {
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: { eventId: 'lit', planId: 'plan', evening: menu.evening, plan, sinceS: 0, earlier: [] },
    taps: [...asked, ...unasked].sort((a, b) => a.atS - b.atS),
  };
}

const look = (state: LiveState, atS: number) => atOnce(lookAgain(state, pot, atS))!;
const viewOf = (state: LiveState, atS: number, looked = look(state, atS)) =>
  liveView(plan, steps, state, atS * 1000, looked);
/** The pot as it is now by all that was told. */
const truthOf = (state: LiveState, atS: number) => potsNow(state, pot, atS).get('main')!.state;
const CHICKEN: Unasked = { is: 'added', ingredientId: 'chickenThigh', cut: 'chunk', massG: 300 };

const ALL: Unasked[] = [
  CHICKEN,
  { is: 'added', ingredientId: 'enoki', cut: 'tuft', massG: 50, frozen: true },
  { is: 'liftedOut', pieceIds: [idOf('daikon')] },
  { is: 'putBack', pieceIds: [idOf('daikon')] },
  { is: 'poured', liquid: 'water', ml: 200, isHot: true },
  { is: 'poured', liquid: 'clearDashi', ml: 150, isHot: false },
  { is: 'ladled', ml: 100, to: 'jug' },
  { is: 'salted', saltG: 2 },
  { is: 'lid', lid: 'ajar' },
  ...(['off', 'low', 'simmer', 'full'] as const).map((fire): Unasked => ({ is: 'fire', fire })),
  { is: 'stirred' },
  { is: 'skimmed' },
  { is: 'saw', saw: { is: 'probe', tempC: 96 } },
  { is: 'saw', saw: { is: 'ruler', depthMm: 55 } },
  { is: 'saw', saw: { is: 'tasted', says: 'weak' } },
];

describe('something that no plan asks for', () => {
  it.each(ALL.map((said) => [JSON.stringify(said), said] as const))(
    '%s is a fact, goes through the pot, is said in words, and is taken back by itself',
    (_name, said) => {
      const fact = besideFact(plan, { potId: 'main', round: 1, id: 'a' }, said);
      expect(factSchema.parse(fact)).toEqual(fact);
      const state = cooked(secondS, [[secondS, said]]);
      expect(Number.isFinite(truthOf(state, secondS + 20).tempC)).toBe(true);
      const line = toldLines(CATALOGUE, state).find(({ eventId }) => eventId === 'beside 0')!;
      expect(line.isBeside).toBe(true);
      expect(line.text).toMatch(/^[A-Z0-9½¼⅓]/);
      expect(line.text).not.toMatch(/undefined|NaN|something|\d\.\d{3}/);
    },
  );

  it('moves the liquid by what was poured and ladled, and cold more than hot', () => {
    const before = truthOf(cooked(secondS), secondS + 5);
    const at = (said: Unasked) => truthOf(cooked(secondS, [[secondS, said]]), secondS + 5);
    const water = (isHot: boolean) => at({ is: 'poured', liquid: 'water', ml: 300, isHot });
    expect(water(true).liquid.waterG - before.liquid.waterG).toBeCloseTo(300, -1);
    expect(before.tempC - water(false).tempC).toBeGreaterThan(before.tempC - water(true).tempC + 5);
    const jug = at({ is: 'ladled', ml: 200, to: 'jug' });
    expect(before.liquid.waterG - jug.liquid.waterG).toBeCloseTo(200, -1);
    // Broth brings its salt.
    const [broth] = pourable(plan);
    const more = at({ is: 'poured', liquid: broth!.id, ml: 300, isHot: true });
    expect(more.liquid.saltG).toBeGreaterThan(before.liquid.saltG + 1);
  });

  it('is refused where nobody knows what it is', () => {
    const said: Unasked = { is: 'poured', liquid: 'soup', ml: 100, isHot: true };
    expect(() => besideFact(plan, { potId: 'main', round: 1, id: 'a' }, said)).toThrow(/soup/);
  });
});

describe('a second packet of raw chicken', () => {
  const state = cooked(secondS, [[secondS, CHICKEN]]);

  it('lies in the pot, is not through when the first is, and everything waits for it', () => {
    const found = look(state, secondS + 5);
    expect(found.again!.raw).toEqual([]);
    const readyS = found.again!.simmer.readyAtS[0]!;
    // The first of it took so long: no less does the second, in a pot that it cools.
    const first = plan.simmer.pieces.find(({ id }) => id === idOf('chickenThigh'))!;
    expect(readyS).toBeGreaterThan(secondS + first.safeS);
    expect(found.again!.simmer.pieces.map(({ id }) => id)).toEqual(plan.simmer.pieces.map(({ id }) => id));
    expect(viewOf(state, secondS + 5).inPot.filter((one) => one.name === 'chicken')).toHaveLength(2);
  });

  it.each([
    ['with', true],
    ['without', false],
  ])('holds the gate, %s an answer of the model', (_name, isLooked) => {
    const late = cooked(serve.atS - 1, [[secondS, CHICKEN]]);
    const atS = serve.atS;
    const view = liveView(plan, steps, late, atS * 1000, isLooked ? look(late, atS) : undefined);
    expect(view.gate?.names).toEqual(['chicken']);
    expect(view.gate!.waitS).toBeGreaterThan(120);
  });

  it('is lifted out with its round, and not when it is taken out before', () => {
    const facts = factsOf(serve, plan, 'plan');
    const liftedBy = (now: LiveState) =>
      withExtras(facts, now).flatMap(({ act }) => (act?.is === 'liftedOut' ? act.pieceIds : []));
    expect(liftedBy(state)).toContain('beside-0');
    const taken = cooked(secondS, [
      [secondS, CHICKEN],
      [secondS + 30, { is: 'liftedOut', pieceIds: ['beside-0'] }],
    ]);
    expect(liftedBy(taken)).not.toContain('beside-0');
    expect(viewOf(taken, secondS + 40).inPot.filter((one) => one.name === 'chicken')).toHaveLength(1);
  });

  it('is why it is later, in the sentence that tells it', () => {
    const again = look(state, secondS + 5).again!;
    const adopted = { eventId: 'again', planId: 'again', evening: menu.evening, plan: { ...plan, ...again } };
    const { started } = state;
    const now: LiveState = {
      ...state,
      started: {
        ...adopted,
        sinceS: secondS + 5,
        knows: state.taps.map(({ eventId }) => eventId),
        earlier: [started!],
      },
    };
    expect(movedWords(whatMoved(CATALOGUE, now)!, () => '19:40')).toMatch(
      /^Chicken in, 300 g: everything after it moves, ready at 19:40\./,
    );
  });
});

describe('what may be eaten as it is', () => {
  it('is ready when it is, also in a pot whose boil is waited for; what must be cooked through is not', () => {
    const chives: Unasked = { is: 'added', ingredientId: 'chive', cut: 'length', massG: 20 };
    const state = cooked(20, [
      [20, chives],
      [20, CHICKEN],
    ]);
    const [green, raw] = look(state, 25).pieces;
    expect(green!.readyAtS).toBeLessThan(boil.atS + 60);
    expect(raw!.readyAtS).toBeUndefined();
    // Garlic is what is forgotten most, and nobody knows a time for it.
    const garlic = cooked(20, [[20, { is: 'added', ingredientId: 'garlic', cut: 'minced', massG: 10 }]]);
    expect(viewOf(garlic, 25).inPot.map(({ name }) => name)).toEqual([expect.stringMatching(/garlic/)]);
  });
});

describe('a thermometer in the thickest piece', () => {
  /** The gate by the clock of the plan alone, with serving next. */
  const gateOf = (state: LiveState, atS: number) =>
    liveView(plan, steps.filter(({ kind, round }) => kind === 'serve' && round === 1).concat(adds), state, atS * 1000)
      .gate;
  const early = (tempC: number, pieceId = idOf('chickenThigh')) => {
    const atS = serve.atS - 240;
    // All is in at once, and served four minutes too early.
    const state = cooked(atS, [[atS, { is: 'saw', saw: { is: 'probe', tempC, pieceId } }]]);
    return gateOf(state, atS);
  };

  it('opens the gate from the heat on that is advised, and only of what it was in', () => {
    expect(early(60)?.names).toContain('chicken');
    expect(early(73)?.names).toContain('chicken');
    expect(early(75)?.names ?? []).not.toContain('chicken');
    expect(early(90, idOf('daikon'))?.names).toContain('chicken');
  });

  it('is opened by a probe that reads it by itself only when that says so twice', () => {
    const atS = serve.atS - 240;
    const pieceId = idOf('chickenThigh');
    const reads = (...temps: number[]): LiveState => ({
      ...cooked(atS),
      readings: temps.map((tempC, index) => ({
        eventId: `read ${index}`,
        facts: [{ potId: 'main', saw: { is: 'probe', tempC, read: true, pieceId } }],
        atS: atS - 60 + 20 * index,
      })),
    });
    const gate = (state: LiveState) => gateOf(state, atS);
    expect(gate(reads(60, 80))?.names).toContain('chicken');
    expect(gate(reads(80, 60))?.names).toContain('chicken');
    expect(gate(reads(60, 80, 81))?.names ?? []).not.toContain('chicken');
  });
});

describe('what goes in beside the plan and harms a guest', () => {
  const [first] = menu.evening.diners;
  const state = cooked(secondS, [[secondS, { is: 'added', ingredientId: 'prawn', cut: 'whole', massG: 100 }]]);
  const withAvoids = (avoids: string[]): LiveState => ({
    ...state,
    started: { ...state.started!, evening: { ...menu.evening, diners: [{ ...first!, avoids }] } },
  });

  it('is told with the guest, also when it was lifted out again', () => {
    const prawns = CATALOGUE.byId('prawn');
    const [told] = harmBeside(CATALOGUE, withAvoids([prawns.allergens[0]!]));
    expect(told).toMatchObject({ name: first!.name, weight: 'harm', foodName: 'prawns' });
    expect(harmBeside(CATALOGUE, withAvoids(['sesame']))).toEqual([]);
    expect(harmBeside(CATALOGUE, cooked(secondS))).toEqual([]);
  });
});

describe('what is lifted out early', () => {
  const out: Unasked = { is: 'liftedOut', pieceIds: [idOf('chickenThigh')] };

  it('cooks no more, holds no gate, and goes on where it was when it is put back', () => {
    const atS = secondS + 120;
    const names = (state: LiveState) => viewOf(state, atS).inPot.map(({ piece }) => piece.id);
    expect(names(cooked(secondS, [[secondS, out]]))).not.toContain(idOf('chickenThigh'));
    const back = cooked(secondS, [
      [secondS, out],
      [secondS + 100, { is: 'putBack', pieceIds: [idOf('chickenThigh')] }],
    ]);
    expect(outOfPots(back).size).toBe(0);
    const readyIn = (state: LiveState) =>
      viewOf(state, atS).inPot.find(({ piece }) => piece.id === idOf('chickenThigh'))!.readyInS;
    expect(readyIn(back)).toBeGreaterThan(readyIn(cooked(secondS)) + 60);
  });
});

describe('what would be past its best before its round', () => {
  // The leaves went in long before they were to, and the chicken needs its time.
  const early = cooked(secondS, [], (step) => (step === adds[2] ? adds[0]!.atS + 10 : step.atS));

  it('is asked out in time, and left alone once it was said to stay', () => {
    const found = look(early, secondS);
    const greens = found.pieces.filter(({ id }) => id === idOf('mizuna'));
    const overS = greens[0]!.overAtS!;
    const told = { ...early, taps: early.taps.filter(({ atS }) => atS < overS) };
    expect(viewOf(told, overS - 60, found).rescue?.pieceIds ?? []).not.toContain(idOf('mizuna'));
    const view = viewOf(told, overS - 10, found);
    expect(view.rescue!.pieceIds).toContain(idOf('mizuna'));
    expect(view.rescue!.overInS).toBeCloseTo(10, 0);
    // Long after, or by a clock that is a day ahead, nobody is asked.
    for (const lateS of [1200, 86_400]) expect(viewOf(told, overS + lateS, found).rescue).toBeUndefined();
    const kept = view.rescue!.pieceIds.map((pieceId, index) => ({
      eventId: `kept ${index}`,
      facts: [besideFact(plan, { potId: 'main', round: 1, id: 'k' }, { is: 'saw', saw: { is: 'notYet', pieceId } })],
      atS: overS - 9,
    }));
    expect(viewOf({ ...told, notYet: kept }, overS - 5, found).rescue).toBeUndefined();
  });

  it('is nothing in a pot that goes as planned', () => {
    for (const share of [0.3, 0.6, 0.9]) {
      const atS = serve.atS * share;
      expect(viewOf(cooked(atS), atS).rescue).toBeUndefined();
    }
  });
});

describe('a pot that boils long before its time', () => {
  const boiled = (atS: number) => cooked(atS, [], (step) => (step === boil ? atS : step.atS));

  it('may be gone on with at once: sooner, with nothing raw and nothing out of its window', () => {
    const atS = boil.atS * 0.35;
    const { sooner } = look(boiled(atS), atS + 5);
    expect(sooner!.byS).toBeGreaterThan(60);
    expect(sooner!.plan.raw).toEqual([]);
    expect(sooner!.plan.outOfWindow).toEqual([]);
    const firstS = sooner!.plan.simmer.actions.find(({ kind, atS: at }) => kind === 'add' && at >= atS)!.atS;
    expect(firstS).toBeLessThan(adds[0]!.atS - 60);
    expect(firstS).toBeGreaterThanOrEqual(atS);
  });

  it('is asked nothing when it boils in its time', () => {
    expect(look(boiled(boil.atS), boil.atS + 5).sooner).toBeUndefined();
  });
});

describe('a boil that is waited for', () => {
  const lineId = boil.actions[0]!.id;
  const lit = (beside: Array<[number, Unasked]> = []) =>
    cooked(boil.atS - 1, beside, (step) => (step === boil ? 9e9 : step.atS));

  it('is foreseen with its spread, and nothing is to be tried while it is in time', () => {
    const atS = boil.atS / 2;
    const state = lit();
    const awaited = boilAwaited(state, look(state, atS), lineId, atS)!;
    expect(awaited.tries).toEqual([]);
    expect(awaited.earliestInS).toBeLessThan(boil.atS - atS);
    expect(awaited.latestInS).toBeGreaterThan(boil.atS - atS);
    expect(boilWords(awaited)).toMatch(/^boils (within|in) \d/);
  });

  it('says before it is due why it may be late, and what to try on this burner', () => {
    const atS = boil.atS / 2;
    const state = lit([
      [20, { is: 'lid', lid: 'off' }],
      [30, { is: 'poured', liquid: 'water', ml: 700, isHot: false }],
    ]);
    const awaited = boilAwaited(state, look(state, atS), lineId, atS)!;
    expect(awaited.lateS).toBeGreaterThan(60);
    expect(awaited.tries[0]).toBe('Lid on until it boils.');
    expect(awaited.tries.join(' ')).toMatch(/cartridge/);
  });

  it('is asked after where it should be there by now and nobody has said so', () => {
    const state = lit();
    const found = look(state, 1);
    const spreadS = boilAwaited(state, found, lineId, 1)!.latestInS - (found.boils[0]!.atS - 1);
    const lateS = found.boils[0]!.atS + spreadS + 60;
    const awaited = boilAwaited(state, found, lineId, lateS)!;
    expect(boilWords(awaited)).toBe('should boil by now');
    expect(awaited.tries[0]).toMatch(/^Is the lid on/);
    expect(boilAwaited(state, found, lineId, found.boils[0]!.atS)!.tries).toEqual([]);
  });

  it('is told as a cook tells it', () => {
    const said = (earliestInS: number, latestInS: number) => boilWords({ earliestInS, latestInS, isOverdue: false });
    expect(said(170, 320)).toBe('boils in 3 to 5 min');
    expect(said(20, 100)).toBe('boils within 2 min');
    expect(said(100, 130)).toBe('boils in about 2 min');
    expect(said(0, 30)).toBe('boils any moment now');
  });
});
