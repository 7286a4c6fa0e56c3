import { kitchenFoundSchema, type PotPlan } from '@elixa/contract';
import { STYLES } from '../catalogue/styles';
import { menuOrThrow } from '../evening/resolveMenu';
import { rehearsedPot, type RehearsedPot } from '../planEvening/rehearsed';
import { simulate } from '../pot/simulate';
import { kitchenOf } from '../pot/state';
import { emptyPot } from '../simmer/rehearse';
import { timesTable } from '../simmer/timesTable';
import { atOnce } from '../steps/steps';
import { eveningFor, suited } from '../testing/household';
import { some } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';
import { factsOf } from './facts';
import { WAITING, type LiveState } from './foldLive';
import { liveSteps } from './liveSteps';
import { lookAgain } from './lookAgain';
import { planFrom } from './planFrom';
import { potsNow } from './potsNow';
import { liveView } from './liveView';
import { Phone } from '../rehearsal/phone';
import { whatMoved, movedWords, type Moved } from './whatMoved';

const PLAN_ID = 'adopted';
const potOf = (id: string, heads = 4) => rehearsedPot(menuOrThrow(suited(eveningFor(heads), id)), timesTable);

/** A pot that is cooked by its plan, each step tapped when `when` says so. */
function cooked({ plan, menu }: RehearsedPot, untilS: number, when = (_kind: string, atS: number) => atS): LiveState {
  const taps = liveSteps(CATALOGUE, plan.simmer)
    .map((step) => ({ step, atS: when(step.kind, step.atS) }))
    .filter(({ atS }) => atS <= untilS)
    .map(({ step, atS }) => ({ eventId: `tap ${step.step}`, facts: factsOf(step, plan, PLAN_ID), atS }));
  return {
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: { eventId: 'lit', planId: PLAN_ID, evening: menu.evening, plan, sinceS: 0, earlier: [] },
    taps: taps.sort((a, b) => a.atS - b.atS),
  };
}

const boilOf = ({ simmer }: PotPlan) => simmer.actions.find(({ kind, pan }) => kind === 'boil' && pan === 'main')!;
const look = (state: LiveState, pot: RehearsedPot, atS: number) => atOnce(lookAgain(state, pot, atS))!;

describe('a pot that goes as it was planned', () => {
  it.each(some(STYLES, 5).map(({ id }) => [id]))('%s is not planned again, but where its gate opens later', (id) => {
    const pot = potOf(id, 3);
    const readyS = pot.plan.simmer.readyAtS[0]!;
    for (const atS of [1, readyS / 2, readyS - 30]) {
      const { again, pieces } = look(cooked(pot, atS), pot, atS);
      const outS = new Map(pot.plan.simmer.pieces.map((one) => [one.id, one.outAtS]));
      const opensS = Math.max(0, ...pieces.map((one) => (one.safeAtS ?? 0) - outS.get(one.id)!));
      if (opensS <= 30) expect([atS, again]).toEqual([atS, undefined]);
      else expect(again!.simmer.readyAtS[0]! - readyS).toBeGreaterThan(opensS - 30);
    }
  });
});

describe('a pot on a fire that is weaker than anybody knew', () => {
  const pot = potOf('clearChicken');
  const { plan, menu, fit } = pot;
  const weak = { ...kitchenOf(menu), usefulShare: 0.72 };
  const start = emptyPot(menu, fit, 'main', 0)!;
  const acts = plan.program.acts.filter(({ potId, actionId }) => potId === 'main' && actionId !== boilOf(plan).id);
  const lit = acts.filter(({ atS }) => atS < boilOf(plan).atS);
  const boilS = simulate(start, lit, 3000, { kitchen: weak }).boils[0]!.fromS;
  const lateS = boilS + 12 - boilOf(plan).atS;
  const state = cooked(pot, boilS + 12, (kind, atS) =>
    kind === 'boil' ? boilS + 12 : atS > boilOf(plan).atS ? 9e9 : atS,
  );
  const found = look(state, pot, boilS + 12);

  it('boils late, and is believed', () => {
    expect(lateS).toBeGreaterThan(60);
    expect(found.liquid!.tempC).toBeGreaterThan(95);
  });

  it('has a kitchen that is kept with the evening, and none is claimed before anything was seen', () => {
    expect(look(cooked(pot, 30), pot, 30).kitchens).toEqual([]);
    const [kept] = found.kitchens;
    expect(kitchenFoundSchema.parse(JSON.parse(JSON.stringify(kept)))).toEqual(kept);
    expect(kept!.potId).toBe('main');
    expect(kept!.figures.useful).toBeLessThan(0.93);
    const sd = Math.sqrt(kept!.covariance[0]![0]!);
    expect(Math.abs(Math.log(kept!.figures.useful / 0.72))).toBeLessThan(3 * sd);
    const phone = new Phone(0);
    const planId = phone.adopt(menu.evening, plan, 0);
    phone.record({ type: 'happened', facts: factsOf(liveSteps(CATALOGUE, plan.simmer)[0]!, plan, planId) }, 0);
    phone.record({ type: 'finished', kitchens: found.kitchens }, 3600);
    expect(phone.state.kitchens).toEqual(found.kitchens);
  });

  it('has everything later that comes after the boil, and lifts it out when it is done by the true fire', () => {
    const steps = liveSteps(CATALOGUE, plan.simmer);
    const view = liveView(plan, steps, state, (boilS + 12) * 1000, found);
    const readyS = found.again?.simmer.readyAtS[0] ?? boilS + 12 + view.readyInS;
    expect(readyS).toBeGreaterThan(plan.simmer.readyAtS[0]! + lateS / 2);
    // What is planned is gone through on the fire as it is.
    const program = found.again?.program ?? plan.program;
    const shiftS = found.again ? 0 : readyS - plan.simmer.readyAtS[0]!;
    const rest = program.acts
      .filter(({ potId, actionId, atS }) => potId === 'main' && actionId !== boilOf(plan).id && atS > boilOf(plan).atS)
      .map((one) => ({ ...one, atS: one.atS + shiftS }))
      .filter(({ atS }) => atS < readyS - 1);
    const boil = plan.program.acts.filter(({ actionId }) => actionId === boilOf(plan).id);
    const course = simulate(
      start,
      [...lit, ...boil.map((one) => ({ ...one, atS: boilS + 12 })), ...rest],
      readyS + 40,
      {
        kitchen: weak,
      },
    );
    const raw = course.state.pieces.filter(({ safeAtS }) => safeAtS === undefined || safeAtS > readyS + 40);
    expect(raw.map(({ pieceId }) => pieceId)).toEqual([]);
  });
});

describe('a pot into which everything goes at once, far too early', () => {
  const pot = potOf('clearChicken', 6);
  const { plan, menu } = pot;
  const boilS = boilOf(plan).atS;
  const steps = liveSteps(CATALOGUE, plan.simmer);
  const adds = steps.filter(({ kind, round }) => kind === 'add' && round === 1);
  const last = boilS + 60 + 25 * adds.length;

  it('is told once, with its cause, and never ready before its gate opens', () => {
    const phone = new Phone(0);
    const first = phone.adopt(menu.evening, plan, 0);
    const before = steps.filter(({ atS }) => atS <= boilS);
    for (const step of before) phone.record({ type: 'happened', facts: factsOf(step, plan, first) }, step.atS);
    adds.forEach((step, at) =>
      phone.record({ type: 'happened', facts: factsOf(step, plan, first) }, boilS + 60 + 25 * at),
    );
    const said: string[] = [];
    for (let atS = last; atS < last + 600; atS += 30) {
      const { state } = phone;
      const found = look(state, pot, atS);
      if (found.again) {
        const { simmer, program } = found.again;
        phone.adopt(menu.evening, { ...state.started!.plan, simmer, program }, atS, state);
        said.push(movedWords(whatMoved(CATALOGUE, phone.state)!, String));
      }
      const readyS = phone.state.started!.plan.simmer.readyAtS[0]!;
      const gateS = Math.max(...found.pieces.map(({ safeAtS }) => safeAtS ?? 0));
      // Within the minute in which nothing new is told it may be off.
      if (atS > last + 90) expect(gateS).toBeLessThanOrEqual(readyS + 45);
    }
    expect(said).toHaveLength(1);
    expect(said[0]).toMatch(/^[A-Z][a-z ,]+ and .* went in up to \d+½? min early: everything after it moves/);
  });
});

describe('what is left of an evening', () => {
  const pot = potOf('clearChicken');
  const { plan } = pot;
  const [first] = liveSteps(CATALOGUE, plan.simmer).filter(({ kind }) => kind === 'add');
  const atS = first!.atS + 5;
  /** The chicken turns out to be frozen in the middle as it goes in. */
  const withFrozen = (state: LiveState): LiveState => ({
    ...state,
    taps: state.taps.map((tap) => ({
      ...tap,
      facts: tap.facts.map((fact) =>
        fact.act?.is === 'added' && fact.act.ingredientId === 'chickenThigh'
          ? { ...fact, act: { ...fact.act, frozen: true } }
          : fact,
      ),
    })),
  });
  const state = withFrozen(cooked(pot, atS));
  const { again } = look(state, pot, atS);
  const { started, taps } = state;
  const knows = taps.map(({ eventId }) => eventId);
  const adopted = {
    ...started!,
    planId: 'again',
    plan: { ...plan, ...again! },
    sinceS: atS,
    knows,
    earlier: [started!],
  };

  it('is planned round what takes longer: nothing before now, what was done as it was done, safe, and one round after another', () => {
    const { simmer } = again!;
    const inPot = new Set(plan.simmer.actions.filter((one) => one.atS <= first!.atS).map(({ id }) => id));
    const left = simmer.actions.filter(({ id }) => !inPot.has(id));
    expect(left.filter((one) => one.kind === 'add' && one.atS < atS)).toEqual([]);
    for (const line of simmer.actions.filter(({ id }) => inPot.has(id))) {
      expect([line.id, line.atS]).toEqual([line.id, plan.simmer.actions.find(({ id }) => id === line.id)!.atS]);
    }
    expect(again!.raw).toEqual([]);
    const spaceS = ({ readyAtS }: PotPlan['simmer']) => readyAtS[1]! - readyAtS[0]!;
    expect(simmer.readyAtS[0]! - plan.simmer.readyAtS[0]!).toBeGreaterThan(120);
    expect(spaceS(simmer)).toBeGreaterThanOrEqual(spaceS(plan.simmer) - 1);
    // What is tender goes in so much later, to be done with the rest.
    const leafS = ({ actions }: PotPlan['simmer']) =>
      actions.find(({ cut, round }) => cut === 'leaf' && round === 1)!.atS;
    expect(leafS(simmer) - leafS(plan.simmer)).toBeGreaterThan(120);
  });

  it('is told in one sentence, until something more is done', () => {
    const after: LiveState = { ...state, started: adopted };
    const moved = whatMoved(CATALOGUE, after)!;
    expect(movedWords(moved, (s) => `${Math.round(s)} s`)).toMatch(
      /^Chicken: \d+½? min more until it is cooked through for certain: everything after it moves, ready at \d+ s\./,
    );
    const later = { ...after, taps: [...after.taps, { eventId: 'next', facts: [], atS: atS + 20 }] };
    expect(whatMoved(CATALOGUE, later)).toBeUndefined();
  });

  it('is not planned a second time within a minute', () => {
    const stale = { ...adopted, plan, planId: PLAN_ID };
    expect(look({ ...state, started: { ...stale, sinceS: atS - 20 } }, pot, atS).again).toBeUndefined();
    expect(look({ ...state, started: { ...stale, sinceS: atS - 70 } }, pot, atS).again).toBeDefined();
  });
});

describe('a plan that is made at the boil, on a fire of six tenths', () => {
  it.each([['barleyMisoMixed'], ['clearChicken'], ['meatballPot'], ...some(STYLES, 3).map(({ id }) => [id])])(
    '%s: each line as its acts, one after another, none asked for before now',
    (id) => {
      const pot = potOf(id);
      const { plan, menu } = pot;
      const nowS = boilOf(plan).atS + 5;
      const done = new Map(
        plan.simmer.actions.filter(({ atS }) => atS <= boilOf(plan).atS).map((one) => [one.id, one.atS] as const),
      );
      const state = potsNow(cooked(pot, boilOf(plan).atS), pot, nowS).get('main')!;
      const kitchen = { ...kitchenOf(menu), usefulShare: 0.6 };
      const again = planFrom({ pot, pots: new Map([['main', { ...state, kitchen }]]), told: plan, done, nowS });
      // Where the plan holds nothing is made.
      if (!again) return;
      const { actions } = again.simmer;
      const lineS = new Map(actions.map((one) => [one.id, one.atS]));
      expect(again.program.acts.filter(({ actionId, atS }) => lineS.get(actionId) !== atS)).toEqual([]);
      expect(new Set(actions.map((one) => one.id)).size).toBe(actions.length);
      expect(actions.map((one) => one.atS)).toEqual(actions.map((one) => one.atS).sort((a, b) => a - b));
      expect(actions.map((one) => one.step)).toEqual(actions.map((one) => one.step).sort((a, b) => a - b));
      expect(actions.filter((one) => !done.has(one.id) && one.atS < nowS)).toEqual([]);
      const pieces = new Map(again.simmer.pieces.map((one) => [one.id, one.inAtS]));
      const added = actions.filter((one) => one.kind === 'add' && one.pieceId && !done.has(one.id));
      expect(added.map((one) => pieces.get(one.pieceId!))).toEqual(added.map((one) => one.atS));
    },
  );
});

describe('two phones that both say that it is in', () => {
  it('have it in the pot once', () => {
    const pot = potOf('clearChicken');
    const add = liveSteps(CATALOGUE, pot.plan.simmer).find(({ kind }) => kind === 'add')!;
    const state = cooked(pot, add.atS + 1);
    const facts = factsOf(add, pot.plan, 'the plan of before');
    const twice = { ...state, taps: [...state.taps, { eventId: 'other', facts, atS: add.atS + 2 }] };
    const massG = (one: LiveState) =>
      potsNow(one, pot, add.atS + 5)
        .get('main')!
        .state.pieces.reduce((sum, piece) => sum + piece.massG, 0);
    expect(massG(state)).toBeGreaterThan(0);
    expect(massG(twice)).toBe(massG(state));
  });
});

describe('a round that is not cooked through yet, by the pot as it is', () => {
  it('is lifted out when it is: its countdown runs until then', () => {
    const pot = potOf('clearChicken');
    const { plan } = pot;
    const readyS = plan.simmer.readyAtS[0]!;
    const state = cooked(pot, readyS - 1);
    const seen = look(state, pot, readyS - 1);
    const chicken = plan.simmer.pieces.find(
      ({ ingredientId, round }) => ingredientId === 'chickenThigh' && round === 1,
    )!;
    const pieces = seen.pieces.map((one) => (one.id === chicken.id ? { ...one, readyAtS: readyS + 25 } : one));
    const viewAt = (atS: number) =>
      liveView(plan, liveSteps(CATALOGUE, plan.simmer), state, atS * 1000, { ...seen, pieces });
    expect(viewAt(readyS).next).toMatchObject({ kind: 'serve', dueInS: 25 });
    expect(viewAt(readyS).gate).toMatchObject({ names: ['chicken'], waitS: 25 });
    expect(viewAt(readyS).readyInS).toBe(25);
    expect(viewAt(readyS + 26).gate).toBeUndefined();
  });
});

describe('a cause', () => {
  const clock = (atS: number) => `19:${Math.round(atS / 60)}`;
  it.each([
    [{ is: 'boil', lateS: 360 }, 360, 'It boiled 6 min late: everything after it moves, ready at 19:36.'],
    [{ is: 'in', names: ['prawns'], lateS: -240 }, -180, 'Prawns went in 4 min early: ready sooner, at 19:36.'],
    [{ is: 'served', lateS: 300 }, 0, 'It came to the table 5 min late: still ready at 19:36.'],
  ] as const)('is said before what follows from it', (cause, movesReadyS, words) => {
    const moved = {
      cause: { ...cause, names: ['prawns'] } as Moved['cause'],
      readyAtS: 36 * 60,
      movesReadyS,
      past: [],
    };
    expect(movedWords(moved, clock)).toBe(words);
  });

  it('names what goes in last at another distance, and what will be past its best', () => {
    const last = { names: ['greens'], beforeReadyS: 120 };
    const moved = {
      cause: { is: 'boil' as const, lateS: 360 },
      readyAtS: 2160,
      movesReadyS: 360,
      last,
      past: ['carrot'],
    };
    expect(movedWords(moved, clock)).toBe(
      'It boiled 6 min late: everything after it moves, ready at 19:36. Greens: in 2 min before that. Carrot will be past its best by then.',
    );
  });
});

describe('nothing is cooked through', () => {
  it('in a pot whose boil is waited for, however long that is', () => {
    const pot = potOf('beefJeongol');
    const boilS = boilOf(pot.plan).atS;
    const lit = cooked(pot, boilS - 1);
    const asked = new Set(pot.plan.simmer.pieces.filter(({ safeS }) => safeS > 0).map(({ id }) => id));
    const before = look(lit, pot, boilS + 300).pieces.filter(({ id }) => asked.has(id));
    expect(before.length).toBeGreaterThan(0);
    expect(before.filter(({ readyAtS }) => readyAtS !== undefined)).toEqual([]);
    const after = look(cooked(pot, boilS), pot, boilS).pieces.filter(({ id }) => asked.has(id));
    expect(after.filter(({ readyAtS }) => readyAtS === undefined)).toEqual([]);
  });
});
