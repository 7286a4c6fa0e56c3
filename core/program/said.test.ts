import type { Evening, Lid, PotPlan } from '@elixa/contract';
import { shortName } from '../catalogue/shortName';
import { wantedBy } from '../pot/food';
import { STYLES } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { styleChosen } from '../evening/edits/styleChosen';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { liveSteps } from '../live/liveSteps';
import { potCard } from '../planEvening/potCard';
import { prepInSteps } from '../planEvening/planEvening';
import { planPot } from '../planEvening/planPot';
import type { Pan } from '../diners/table';
import { rehearsedPot, type RehearsedPot } from '../planEvening/rehearsed';
import { heldSeconds } from '../simmer/heldSeconds';
import { timesTable } from '../simmer/timesTable';
import { atOnce } from '../steps/steps';
import { eveningFor, guests, inVessels, suited } from '../testing/household';
import { some } from '../testing/runs';
import { ingredientById } from '../catalogue/ingredients';
import { CATALOGUE } from '../catalogue/catalogue';

/** What a cook reads of lid and fire in one line, by a small grammar that knows nothing of acts. */
interface Read {
  lid?: Lid;
  thenAtBoil?: Lid;
  fire?: 'dry' | 'high' | 'simmer' | 'low' | 'off' | 'held';
}

function readLine(line: string): Read {
  const text = line.toLowerCase();
  const until = /lid on until it boils again, then (off|ajar)/.exec(text);
  const lid = /lid (on|off|ajar)/.exec(text);
  const fire: Array<[RegExp, Read['fire']]> = [
    [/burner off|burner is off/, 'off'],
    [/down to a simmer|back to a simmer/, 'simmer'],
    [/low heat/, 'low'],
    [/lowest heat|until it steams, no bubble/, 'held'],
    [/medium heat/, 'dry'],
    [/high heat(?!:|\. lid)/, 'high'],
  ];
  return {
    ...(until ? { lid: 'on' as const, thenAtBoil: until[1] as Lid } : lid ? { lid: lid[1] as Lid } : {}),
    ...(fire.find(([words]) => words.test(text)) ? { fire: fire.find(([words]) => words.test(text))![1] } : {}),
  };
}

/** Every line that a cook of a pot reads, with when; the same lines stand on all pages. */
const linesOf = ({ simmer }: PotPlan, pan: Pan = 'main') =>
  liveSteps(CATALOGUE, simmer)
    // What is said of lifting out, of resting and of the fire's end is done at every pot.
    .filter((step) => step.pan === pan || ['serve', 'rest', 'off'].includes(step.kind))
    .map((step) => ({ atS: step.atS, kind: step.kind, text: [step.title, step.actions[0]?.fire ?? ''].join('. ') }));

/** Nothing is printed finer than this. */
const ROUNDED_ML = 0.5;

/** The longest step of a rehearsal, in s. */
const STEP_S = 16;

/** How a cook who follows the lines has lid and fire, just before each moment at which something is done. */
function followed({ plan, gone }: RehearsedPot, pan: Pan, vesselHasLid: boolean) {
  const { course } = gone.rehearsal.courses.get(pan)!;
  const boils = course.boils.map((one) => one.fromS);
  const lines = linesOf(plan, pan);
  // Within a step of the boil it may be seen or not.
  const isClear = (atS: number) => boils.every((fromS) => Math.abs(fromS - atS) > STEP_S);
  const checkpoints = course.checkpoints.slice(1).filter((one) => isClear(one.state.atS));
  return checkpoints.map((checkpoint) => {
    const { atS } = checkpoint.state;
    let lid: Lid = 'off';
    let fire: Read['fire'] = 'off';
    const read = (line: string) => {
      const said = readLine(line);
      if (vesselHasLid && said.lid) lid = said.lid;
      if (said.fire) fire = said.fire;
      return said;
    };
    for (const line of lines.filter((one) => one.atS < atS - 0.5)) {
      // "It boils" is read when it does.
      if (line.kind === 'boil') {
        const pouredS = Math.max(...lines.filter((one) => one.atS < line.atS).map((one) => one.atS));
        if (boils.some((fromS) => fromS > pouredS - 1 && fromS <= atS)) read(line.text);
        continue;
      }
      const { thenAtBoil } = read(line.text);
      if (thenAtBoil && boils.some((fromS) => fromS > line.atS && fromS <= atS)) lid = thenAtBoil;
      // Nobody ladles a pot out through its lid.
      if (/ladle out what is left/i.test(line.text)) lid = 'off';
    }
    return { atS, lid, fire, checkpoint };
  });
}

const fireOf = (power: number, holdC: number | undefined, boilingC: number): Read['fire'] => {
  if (power === 0) return 'off';
  if (holdC === undefined) return power < 0.6 ? 'dry' : 'high';
  if (holdC > boilingC) return 'simmer';
  return holdC < boilingC - 10 ? 'held' : 'low';
};

/** For every other pot two at the table, for the rest nine; where all is tried, every table in three vessels. */
const isLong = Boolean(process.env.ELIXA_LONG);
const headsOf = (place: number) => (isLong ? Array.from({ length: 14 }, (_, at) => at + 1) : [place % 2 === 0 ? 2 : 9]);
const VESSELS_EACH = isLong ? 3 : 1;

/** One guest and fourteen of those pots whose broth runs short: held over a flame for long, or filled many times. */
const SHORT = [
  ['dividedPot', 1],
  ['satayPot', 1],
  ['numbingPot', 14],
  ['salmonMiso', 14],
] as const;

const asked = STYLES.flatMap(({ id }, place) => headsOf(place).map((heads) => [id, heads] as const));
/** Four at a table, one of whom eats no meat: in a small pan, cod takes the place of all that is meant for the others. */
function withSmallPan(id: string): Evening[] {
  const diners = guests(4).map((one, seat) => (seat === 0 ? { ...one, diets: ['pescatarian' as const] } : one));
  const evening = suited(eveningFor(4, { diners }), id);
  const forOthers = planPot(evening).conflicts.filter(({ resolvedBy, side }) => !resolvedBy && !side);
  const swaps = forOthers.map(({ ingredientId }) => ({
    ingredientId,
    withIngredientId: 'codFillet',
    scope: 'aside' as const,
  }));
  const fed = { ...evening, choices: { ...evening.choices, swaps } };
  return swaps.length > 0 && checkEvening(fed).length === 0 ? [fed] : [];
}

const SMALL_PANS = [
  ...some(
    STYLES.flatMap(({ id }) => withSmallPan(id)),
    7,
  ),
  // Its little sauce was left on the flame while the pot rested.
  ...withSmallPan('sukiyakiEast'),
];
/** A wide pan without a lid, in which a little broth is soon gone; slices in a pot with one; a boil of a few seconds. */
const WIDE = [
  ['clearChicken', 1, 'iron30'],
  ['salmonMiso', 2, 'iron30'],
  ['sukiyakiEast', 1, 'iron30'],
  ['satayPot', 9, 'divided24'],
  ['beefJeongol', 11, 'steel26'],
] as const;

const EVENINGS = [
  ...[...asked, ...SHORT].flatMap(([id, heads]) => inVessels(eveningFor(heads), id, VESSELS_EACH)),
  ...WIDE.map(([id, heads, vesselId]) =>
    styleChosen(eveningFor(heads, { vessel: VESSELS.find((one) => one.id === vesselId)! }), id),
  ),
  ...SMALL_PANS,
].map((evening) => [evening.style.id, evening.diners.length, evening.vessel.name, evening] as const);

/** Words by which somebody would move a lid or turn a fire. */
const ORDERS = /\blid (on|off|ajar)\b|\b(high|medium|low|lowest) heat\b|\bburner off\b|\bdown to a simmer\b/i;

function textsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(textsIn) : [];
}

/** The preparation, by the first order that can be carried out: which words it has does not hang on that. */
const planPrepShortly = (pot: RehearsedPot) => prepInSteps(pot, undefined, { lists: 1, nodes: 1 });

describe.each(EVENINGS)('%s, %i at the table, in the %s', (_style, _heads, _vessel, evening) => {
  let pot: RehearsedPot;
  beforeAll(() => {
    pot = rehearsedPot(menuOrThrow(evening), timesTable);
  });
  afterAll(() => {
    (pot as unknown) = undefined;
  });

  it('has its lid and fire as they are printed, just as the model of heat went through them', () => {
    const { boilingPointC } = pot.plan.simmer;
    for (const pan of pot.gone.rehearsal.courses.keys()) {
      const stood = followed(pot, pan, pan !== 'main' || evening.vessel.lid);
      const printed = stood.map(({ atS, lid, fire }) => ({ pan, atS, lid, fire }));
      const simulated = stood.map(({ atS, checkpoint: { state } }) => {
        return { pan, atS, lid: state.lid, fire: fireOf(state.power, state.holdC, boilingPointC) };
      });
      expect(printed).toEqual(simulated);
    }
  });

  it('says what becomes of lid and fire in its steps alone: not in how it is built, laid or shown at a glance', () => {
    const { build, menu, amounts, cautions, conflicts, simmer } = pot.plan;
    const atThePot = atOnce(planPrepShortly(pot)).tasks.filter(({ kind }) => kind === 'pot' || kind === 'table');
    const { pieces, unsatisfied } = simmer;
    const shown = { build, menu, amounts, cautions, conflicts, pieces, unsatisfied, atThePot, card: potCard(evening) };
    expect(textsIn(shown).filter((text) => ORDERS.test(text))).toEqual([]);
  });

  it('pours each amount that is printed', () => {
    const poured = pot.plan.program!.acts.flatMap(({ actionId, act }) =>
      act.is === 'poured'
        ? [{ actionId, ml: act.ml }]
        : act.is === 'seasoned' && act.massG
          ? [{ actionId, ml: act.massG }]
          : [],
    );
    for (const action of pot.plan.simmer.actions.filter((one) => (one.volumeMl ?? 0) > 0)) {
      const ml = poured.filter((one) => one.actionId === action.id).reduce((sum, one) => sum + one.ml, 0);
      // Hot water is poured besides, where it is not all that is.
      const water = action.waterMl !== undefined && action.waterMl !== action.volumeMl ? action.waterMl : 0;
      // What was found at the last try may be off by less than anybody sees.
      expect(Math.abs(ml - action.volumeMl! - water)).toBeLessThan(ROUNDED_ML);
    }
  });

  it('pours no more broth than is made, with all that is held back of it', () => {
    const { plan } = pot;
    const goesIn = plan.program!.acts.map(({ act }) =>
      act.is === 'poured' && act.liquid !== 'water' && act.liquid !== 'jug'
        ? act.ml
        : act.is === 'seasoned'
          ? (act.massG ?? 0)
          : 0,
    );
    const madeMl = plan.liquids.reduce((sum, one) => sum + one.madeMl, 0);
    expect(goesIn.reduce((sum, one) => sum + one, 0)).toBeLessThan(madeMl * 1.02 + ROUNDED_ML);
  });

  it('puts in everything that the plan has in a bath, each once, and lifts it out again', () => {
    const acts = pot.plan.program!.acts.map((one) => one.act);
    const bathed = pot.plan.simmer.pieces.filter((one) => one.way !== 'swished' && one.way !== 'seared');
    const added = acts.flatMap((act) => (act.is === 'added' ? [act.pieceId] : []));
    const lifted = acts.flatMap((act) => (act.is === 'liftedOut' ? act.pieceIds : []));
    const ids = bathed.map((one) => one.id).sort();
    expect(added.sort()).toEqual(ids);
    expect(lifted.sort()).toEqual(ids);
  });

  it('has under a lid what its stage wants covered, until the lid is moved by another sentence', () => {
    const { program, simmer } = pot.plan;
    if (!evening.vessel.lid) return;
    const { stages } = menuOrThrow(evening);
    const afterPour = stages.slice(stages.findIndex((one) => one.do === 'pour') + 1);
    const covered = new Set(afterPour.filter((one) => one.lid === 'on').map((one) => one.id));
    const main = program!.acts.filter(({ potId }) => potId === 'main');
    for (const { atS, gently } of simmer.actions.filter(
      (one) => one.pan === 'main' && one.kind === 'add' && covered.has(one.stageId ?? ''),
    )) {
      const lids = main.flatMap((one) => (one.act.is === 'lid' && one.atS <= atS ? [one.act] : []));
      if (!gently) expect([atS, lids.at(-1)?.lid]).toEqual([atS, 'on']);
    }
  });

  it('has broth spooned over what stands on end or on skewers, in every round after its boil', () => {
    const menu = menuOrThrow(evening);
    const standsOut = menu.style.stack !== undefined || menu.style.slots.some(({ place }) => place === 'skewer');
    const { actions, readyAtS } = pot.plan.simmer;
    const rounds = actions.filter(({ kind }) => kind === 'baste').map(({ round }) => round);
    expect(rounds).toEqual(standsOut ? readyAtS.map((_, index) => index + 1) : []);
    const basted = pot.plan.program!.acts.filter(({ act }) => act.is === 'basted');
    expect(basted.map(({ round }) => round)).toEqual(rounds);
    const boilS = actions.find(({ kind }) => kind === 'boil')?.atS ?? 0;
    for (const { atS } of basted) expect(atS).toBeGreaterThan(boilS);
  });

  it('calls nothing as it should be that is not hot in the middle when it is lifted out', () => {
    // What is in its window was that hot; a pot that is turned down before may have let it cool by a little.
    const cool = pot.plan.simmer.pieces.filter((piece) => {
      const { servedC = -273 } = wantedBy(CATALOGUE, piece);
      return piece.inWindow && piece.centreTempC !== undefined && piece.centreTempC < servedC - 6;
    });
    expect(cool.map((piece) => [piece.id, piece.centreTempC])).toEqual([]);
  });

  it('names every slice that is held in the broth, with its own seconds, in what is read aloud', () => {
    for (const { title, actions } of liveSteps(CATALOGUE, pot.plan.simmer).filter((step) => step.kind === 'swish')) {
      for (const { pieceId } of actions) {
        const piece = pot.plan.simmer.pieces.find((one) => one.id === pieceId)!;
        expect(title).toContain(`${shortName(ingredientById(piece.ingredientId), piece.cut)} `);
        expect(title).toContain(`for ${heldSeconds(piece)} seconds`);
      }
    }
  });

  it('ends with every fire out, and leaves none on under a pot that is emptied', () => {
    const { program } = pot.plan;
    for (const { id: potId } of program!.pots) {
      let share = 0;
      for (const { act } of program!.acts.filter((one) => one.potId === potId)) {
        if (act.is === 'heat') share = act.share;
        if (act.is === 'ladled' && act.ml === 'all') expect([potId, share]).toEqual([potId, 0]);
      }
      expect([potId, share]).toEqual([potId, 0]);
    }
  });

  it('never runs dry over a flame', () => {
    const { plan, gone } = pot;
    const dry: unknown[] = [];
    for (const [potId, { course, acts }] of gone.rehearsal.courses) {
      const pourS = Math.min(...acts.filter(({ act }) => act.is === 'poured').map(({ atS }) => atS));
      let share = 0;
      let next = 0;
      let isEmptied = false;
      let servedAtS = -Infinity;
      for (const { atS, liquidMl } of course.samples) {
        while (next < acts.length && acts[next]!.atS < atS) {
          const { act } = acts[next]!;
          if (act.is === 'heat') share = act.share;
          // What is emptied is fried in before it is poured again.
          if (act.is === 'ladled' && act.ml === 'all') isEmptied = true;
          if (act.is === 'poured') isEmptied = false;
          if (act.is === 'served') servedAtS = acts[next]!.atS;
          next += 1;
        }
        // For half a minute it is being lifted out.
        const isOver = atS > plan.simmer.actions.at(-1)!.atS || atS < servedAtS + 45;
        if (share > 0 && !isEmptied && atS > pourS + STEP_S && !isOver && !(liquidMl >= 20)) dry.push({ potId, atS });
      }
    }
    expect(dry).toEqual([]);
  });

  it('takes out as much as it says: into cups, and to make room', () => {
    const { plan } = pot;
    for (const { id: actionId, volumeMl = 0 } of plan.simmer.actions.filter((one) => (one.volumeMl ?? 0) < 0)) {
      const out = plan.program!.acts.flatMap(({ act, ...one }) =>
        one.actionId === actionId && (act.is === 'drunk' || act.is === 'ladled') ? [act.ml] : [],
      );
      expect([actionId, out]).toEqual([actionId, [-volumeMl]]);
    }
  });
});

describe('what is printed of lid and fire', () => {
  it.each([
    ['coconutChicken', {}],
    ['satayPot', { nuts: 'nutAndCurry' }],
  ])('brings %s, which splits at a hard boil, up on less heat and under no closed lid', (id, schools) => {
    const evening = suited(eveningFor(3), id);
    const asked = { ...evening, style: { ...evening.style, schools: { ...evening.style.schools, ...schools } } };
    const { plan } = rehearsedPot(menuOrThrow(asked), timesTable);
    const acts = plan.program!.acts.filter(({ potId }) => potId === 'main');
    expect(acts.flatMap(({ act }) => (act.is === 'heat' && act.share >= 1 ? [act] : []))).toEqual([]);
    // It is covered only where it is eaten from, on low heat.
    const served = new Set(plan.simmer.actions.filter(({ kind }) => kind === 'serve').map((one) => one.id));
    for (const { act, actionId } of acts) if (act.is === 'lid' && act.lid === 'on') expect(served).toContain(actionId);
    const words = linesOf(plan).map(({ text }) => text.toLowerCase());
    expect(words.filter((text) => /(?<!medium-)high heat|lid on until/.test(text))).toEqual([]);
    expect(plan.simmer.actions.filter(({ pan }) => pan === 'main').every(({ gently }) => gently)).toBe(true);
  });

  it('keeps the pot that slices are held in at a simmer', () => {
    const { plan } = rehearsedPot(menuOrThrow(suited(eveningFor(2), 'clearDuckSwish')), timesTable);
    const held = plan.simmer.actions.find((one) => one.kind === 'swish')!;
    const fires = plan.program!.acts.filter((one) => one.act.is === 'heat' && one.atS <= held.atS + 60);
    expect(fires.at(-1)!.act).toMatchObject({ share: 1, holds: 'boil' });
  });
});
