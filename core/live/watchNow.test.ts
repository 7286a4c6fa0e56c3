import { CATALOGUE } from '../catalogue/catalogue';
import { STYLES } from '../catalogue/styles';
import { menuOrThrow } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { rehearsedPot } from '../planEvening/rehearsed';
import { timesTable } from '../simmer/timesTable';
import { atOnce } from '../steps/steps';
import { eveningFor, suited } from '../testing/household';
import { boilAwaited } from './boilAwaited';
import { factsOf } from './facts';
import { WAITING, type LiveState, type Tap } from './foldLive';
import { liveSteps } from './liveSteps';
import { liveView } from './liveView';
import { lookAgain } from './lookAgain';
import { catchesIn, watchNow } from './watchNow';

/** An evening at the stove, its first steps tapped when they were due, and what is to be watched of it. */
function atTheStove(styleId: string) {
  const pot = rehearsedPot(menuOrThrow(suited(eveningFor(4), styleId)), timesTable);
  const { plan, menu } = pot;
  const steps = liveSteps(CATALOGUE, plan.simmer);
  const after = (upTo: number, more: Tap[] = []): LiveState => ({
    ...WAITING,
    status: 'running',
    startedAtMs: 0,
    started: { eventId: 'lit', planId: 'plan', evening: menu.evening, plan, sinceS: 0, earlier: [] },
    taps: [
      ...steps
        .slice(0, upTo)
        .map((step) => ({ eventId: `tap ${step.step}`, facts: factsOf(step, plan, 'plan'), atS: step.atS })),
      ...more,
    ],
  });
  const look = (state: LiveState, atS: number) => atOnce(lookAgain(state, pot, atS))!;
  const watch = (state: LiveState, atS: number, looked = look(state, atS)) => {
    const view = liveView(plan, steps, state, atS * 1000, looked);
    const line = view.next?.kind === 'boil' ? view.next.actions[0]!.id : undefined;
    const awaited = line ? boilAwaited(state, looked, line, atS) : undefined;
    return watchNow({ catalogue: CATALOGUE, state, view, look: looked, awaited });
  };
  return { plan, steps, after, look, watch, boil: steps.findIndex(({ kind }) => kind === 'boil') };
}

const clear = atTheStove('clearChicken');
const miso = atTheStove('barleyMisoMixed');
const act = (is: 'stirred', atS: number): Tap => ({
  eventId: `${is} ${atS}`,
  facts: [{ potId: 'main', act: { is } }],
  atS,
});

describe('what is to be watched beside what is next', () => {
  it('catches: pots with miso, sesame, nuts or soy milk, and no clear one', () => {
    const catching = STYLES.filter(({ id }) => catchesIn(CATALOGUE, planPot(suited(eveningFor(4), id)))).map(
      ({ id }) => id,
    );
    expect(catching).toEqual(
      expect.arrayContaining(['barleyMisoMixed', 'whiteMisoChickenPrawn', 'soyMilkMild', 'satayPot']),
    );
    for (const id of ['clearChicken', 'sukiyakiEast', 'mushroomPot', 'coconutChicken'])
      expect(catching).not.toContain(id);
  });

  it('is stirred from the bottom again and again while it heats', () => {
    const { after, watch, steps, boil } = miso;
    const pouredS = steps[boil - 1]!.atS;
    expect(watch(after(boil), pouredS + 100)?.id).not.toBe('stir');
    const asked = watch(after(boil), pouredS + 160);
    expect(asked?.says).toMatch(/^Stir from the bottom: .*miso catches\.$/);
    expect(asked?.answer?.fact.act).toEqual({ is: 'stirred' });
    expect(watch(after(boil, [act('stirred', pouredS + 165)]), pouredS + 200)?.id).not.toBe('stir');
    expect(watch(after(boil, [act('stirred', pouredS + 165)]), pouredS + 390)?.id).toBe('stir');
    expect(clear.watch(clear.after(clear.boil), clear.steps[clear.boil - 1]!.atS + 160)?.id).not.toBe('stir');
  });

  it('is not stirred for what goes in only when all is cooked', () => {
    for (const id of ['soyMilkMild', 'salmonMiso']) {
      const { after, watch, steps, boil } = atTheStove(id);
      const pouredS = steps[boil - 1]!.atS;
      for (let atS = pouredS + 100; atS < steps[boil]!.atS; atS += 40) {
        expect(watch(after(boil), atS)?.id).not.toBe('stir');
      }
    }
  });

  it.each(['barleyMisoMixed', 'soyMilkPork', 'clearDuckSwish', 'mushroomPot'])(
    'tells of raw tongs for meat, fish and egg, and never for a plant: %s',
    (id) => {
      const { after, watch, look, steps, plan } = atTheStove(id);
      for (const [at, step] of steps.entries()) {
        const told = watch(after(at + 1), step.atS + 5, look(after(at + 1), step.atS + 1));
        const isPlant = (name: string) =>
          plan.simmer.pieces.some(({ ingredientId }) => {
            const what = CATALOGUE.byId(ingredientId);
            return what.name === name && ['mushroom', 'leaf', 'root'].includes(what.family);
          });
        const raw = told?.id === 'rawTongs' && /raw (.*): washed/.exec(told.says)?.[1];
        if (raw) expect([raw, isPlant(raw)]).toEqual([raw, false]);
      }
    },
  );

  it('is stayed with as it comes to the boil under its lid', () => {
    const { after, watch, look, boil } = clear;
    const state = after(boil);
    const boilsS = look(state, 30).boils[0]!.atS;
    expect(watch(state, 100)).toBeUndefined();
    expect(watch(state, boilsS - 20)?.says).toMatch(/^Stay with it: under its lid/);
  });

  it('is asked whether it simmers again when it should, until somebody says so, and that is a boil that was seen', () => {
    const { after, watch, look, steps, boil } = clear;
    // The longest time between two things to do.
    const gapS = (at: number) => (steps[at]!.kind === 'add' ? steps[at + 1]!.atS - steps[at]!.atS : 0);
    const add = steps.reduce(
      (best, _, at) => (at > boil && at < steps.length - 1 && gapS(at) > gapS(best) ? at : best),
      boil,
    );
    const state = after(add + 1);
    const inS = steps[add]!.atS;
    const found = look(state, inS + 2).simmersAgain!;
    expect(found.atS).toBeGreaterThan(inS + 20);
    const looked = look(state, inS + 2);
    expect(watch(state, found.atS - 15, looked)?.id).not.toBe('simmersAgain');
    const asked = watch(state, found.atS + 5, looked)!;
    expect(asked.says).toBe('Does it simmer again, all over?');
    expect(watch(state, found.atS + 3 * found.sdS + 60, looked)?.says).toMatch(/lid on, flame up/);
    const said: Tap = { eventId: 'seen', facts: [asked.answer!.fact], atS: found.atS + 6 };
    const after2 = after(add + 1, [said]);
    expect(watch(after2, found.atS + 8, { ...look(after2, found.atS + 7), simmersAgain: found })?.id).not.toBe(
      'simmersAgain',
    );
  });

  it('asks whether somebody is there when nobody answers while the fire is on, and twice at most', () => {
    const { after, watch, steps, boil, look } = clear;
    const add = steps.findIndex(({ kind }, at) => at > boil && kind === 'add');
    const dueS = steps[add]!.atS;
    const state = after(add);
    const looked = look(state, steps[add - 1]!.atS + 1);
    const about = (atS: number, one = state) => watch(one, atS, looked);
    expect(about(dueS + 120)?.id).not.toBe('somebody');
    expect(about(dueS + 310)?.says).toMatch(/^Is somebody at the pot\?/);
    expect(about(dueS + 320)?.about).toBe(about(dueS + 310)?.about);
    expect(about(dueS + 3000)?.about).toBe(about(dueS + 900)?.about);
    const off = after(add, [
      { eventId: 'off', facts: [{ potId: 'main', act: { is: 'heat', share: 0 } }], atS: dueS + 5 },
    ]);
    expect(about(dueS + 310, off)?.id).not.toBe('somebody');
  });

  it('tells a caution when it matters, and once: the air, the tongs, the cartridge', () => {
    const { after, watch, steps, boil, look, plan } = clear;
    const lit = after(1);
    const early = look(lit, 5);
    expect(watch(lit, 10, early)?.says).toMatch(/window open\?.*carbon monoxide/);
    expect(watch(lit, 100, early)?.id).not.toBe('air');
    const raw = new Set(plan.simmer.pieces.filter(({ safeS }) => safeS > 0).map(({ id }) => id));
    const first = steps.findIndex(({ actions }) =>
      actions.some(({ kind, pieceId }) => kind === 'add' && raw.has(pieceId ?? '')),
    );
    const inS = steps[first]!.atS;
    const state = after(Math.max(first, boil) + 1);
    const looked = look(state, inS + 1);
    expect(watch(state, inS + 10, looked)?.says).toMatch(/^Tongs and board that held raw \w+/);
    expect(watch(state, inS + 100, looked)?.id).not.toBe('rawTongs');
    const wide = { id: 'mayOverhang', severity: 'warning', text: 'wide', because: ['pot'] } as const;
    const withCautions = (cautions: Array<typeof wide>): LiveState => ({
      ...lit,
      started: { ...lit.started!, plan: { ...plan, cautions: cautions.map((one) => ({ ...one, because: ['pot'] })) } },
    });
    const [over, fits] = [withCautions([wide]), withCautions([])];
    expect(watch(over, 310, early)?.id).toBe('cartridge');
    expect(watch(fits, 310, early)?.id).not.toBe('cartridge');
  });
});
