import type { Evening, PotPlan, PotProgram, Simmer, SimmerPiece } from '@elixa/contract';
import { menuOrThrow } from '../evening/resolveMenu';
import { timesTable } from '../simmer/timesTable';
import type { Pan } from '../diners/table';
import { isSame } from '../evening/isSame';
import type { KnownOrders } from '../arrange/around';
import type { Menu } from '../evening/menu';
import { sum } from '../measures/sum';
import type { AdditionModel, CookWindow } from '../simmer/additionModel';
import { wantedBy } from '../pot/food';
import { rehearse, type Rehearsal } from '../simmer/rehearse';
import { courseOf, UNCORRECTED, windowKey, type Corrections } from '../simmer/corrections';
import { coldProblem, coldSpells, isOfCold } from '../simmer/coldSpells';
import { withReasons } from '../simmer/because';
import { overMark, overMarkShare, problemsOf } from '../simmer/problems';
import { isOfWindows } from '../simmer/unsatisfied';
import { atOnce, type Steps } from '../steps/steps';
import { shiftIso } from '../time/shiftIso';
import { withLevels } from './levelsTold';
import type { SolvedLiquids } from './liquids/solveLiquids';
import { leastAdditionsOf, planMenu, solvedPot, timedAgain, type PlannedPot } from './planPot';

/** Plans that are gone through before the best of them is taken. */
const TRIES = 8;
/** An evening of more pieces than these, in many rounds, is gone through less often. */
export const LONG_EVENING = 70;
const LONG_TRIES = 4;
/** After so many in a row that were no better nothing better is looked for. */
const IN_VAIN = 4;
/** The plan and the model agree on the boil within so much, in s. */
const BOIL_AGREES_S = 30;
/** A floor grows by so much at a time, in s. */
const FLOOR_GROWS_S = 60;
/** Windows are drawn so near to their edges, and out beyond them, to see whether fewer additions do, in s. */
const TOGETHER_S = [4, -15];
const TOGETHER_TRIES = 2;
/** Nothing is planned nearer to the edge of its window than this, in s, where the window is wide enough. */
const SPARE_S = 20;
/** What it costs to stand over the mark by all of the room. */
const OVER_COSTS = 60;

/**
 * A window drawn in by so many seconds at either end, as far as it is wide enough; or drawn out, but never to before what
 * makes a thing safe.
 */
function narrowed({ leastS, mostS }: CookWindow['edges'] & {}, bySafe: boolean, spareS: number) {
  if (spareS < 0) return { leastS: bySafe ? leastS : Math.max(0, leastS + spareS), mostS: mostS - spareS };
  const inS = Math.min(spareS, Math.max(0, (mostS - leastS) / 4));
  return { leastS: leastS + inS, mostS: Math.max(leastS + inS, mostS - inS) };
}

/**
 * How long everything was in until it was ready, best and past its best; of several rounds the time that suits all.
 * @param spareS nothing is planned nearer to the edge of its window than this
 */
export function correctionsFrom(
  { catalogue }: Menu,
  { planned, rehearsal, corrections: before }: Pick<Attempt, 'planned' | 'rehearsal' | 'corrections'>,
  spareS: number = SPARE_S,
): Corrections {
  const { simmer } = planned;
  const { lateS, leads, boilAtS, lostG } = rehearsal;
  const floorsS = new Map(before.floorsS);
  const edges = new Map<string, { piece: SimmerPiece; leastS: number; bestS: number; mostS: number }>();
  for (const piece of simmer.pieces) {
    const lead = leads.get(piece.id);
    if (!lead) continue;
    const late = lateS.get(piece.id);
    const key = windowKey(courseOf(simmer, piece.round), piece);
    const inPotS = piece.outAtS - piece.countsFromS;
    if (late !== undefined) floorsS.set(key, Math.max(floorsS.get(key) ?? 0, inPotS + Math.min(late, FLOOR_GROWS_S)));
    const floorS = floorsS.get(key) ?? 0;
    const leastS = Math.max(lead.leastS, floorS, late === undefined ? 0 : inPotS + late);
    const other = edges.get(key);
    const least = Math.max(leastS, other?.leastS ?? 0);
    const bestS = Math.max(lead.bestS, other?.bestS ?? 0);
    edges.set(key, {
      piece,
      leastS: least,
      bestS,
      mostS: Math.max(least, Math.min(lead.mostS, other?.mostS ?? Infinity)),
    });
  }
  const windows = new Map(
    [...edges].map(([key, { piece, leastS, bestS, mostS }]) => {
      const wanted = wantedBy(catalogue, piece);
      const bySafe = wanted.safe !== undefined;
      const wantsBest = wanted.measure.is === 'doneFor' ? { wantsBest: true as const } : {};
      const window = narrowed({ leastS, mostS }, bySafe, spareS);
      const best = Math.min(window.mostS, Math.max(window.leastS, bestS));
      return [
        key,
        { ...window, bestS: best, safeS: bySafe ? window.leastS : 0, edges: { leastS, mostS }, ...wantsBest },
      ];
    }),
  );
  const boilsLaterS = new Map(before.boilsLaterS);
  for (const [pan, laterS] of boilsLater(simmer, boilAtS)) boilsLaterS.set(pan, (boilsLaterS.get(pan) ?? 0) + laterS);
  // At first what it loses is only guessed at, and that may be all that is wrong.
  const over = before === UNCORRECTED ? 0 : overMarkShare(rehearsal.trace, planned.fit);
  const usableShare = before.usableShare / (1 + over);
  return { windows, floorsS, boilsLaterS, lostG: between(before.lostG, lostG), usableShare };
}

/** What was lost, half way from what the plan had poured for: what is poured for it changes what is lost. */
const between = (before: Corrections['lostG'], now: Corrections['lostG']): Corrections['lostG'] =>
  new Map([...now].map(([pan, lost]) => [pan, lost.map((g, index) => (g + (before.get(pan)?.[index] ?? g)) / 2)]));

/** Seconds by which each pan boils later than its plan says; none where they agree. */
function boilsLater({ actions }: Simmer, boilAtS: Rehearsal['boilAtS']): Array<[Pan, number]> {
  return [...boilAtS].flatMap(([pan, atS]): Array<[Pan, number]> => {
    const planned = actions.find((one) => one.kind === 'boil' && one.pan === pan);
    return planned && Math.abs(planned.atS - atS) >= BOIL_AGREES_S ? [[pan, atS - planned.atS]] : [];
  });
}

/** The cook has said when it goes in. */
export const ownTimeS = ({ evening }: Menu, { ingredientId, cut }: SimmerPiece): number | undefined => {
  const minutes = evening.overrides.minutesInPot?.[ingredientId]?.[cut];
  return minutes === undefined ? undefined : minutes * 60;
};

/** What a raw piece costs: more than anything else can. */
export const RAW_COSTS = 1000;

/**
 * The measure of plans: one for each time that something is put in, one for each piece that is out of its window and one
 * for each minute that it is, and very much for what is raw; a pot over its mark costs besides, by how much it is. What the cook has in for a time of their own counts when it is raw only.
 */
export function objectiveOf(menu: Menu, simmer: Simmer, { outcomes, lateS }: Rehearsal): number {
  const { pieces } = simmer;
  const costs = pieces.map((piece) => {
    const outcome = outcomes.get(piece.id);
    if (!outcome) return 0;
    if (!outcome.safe) return RAW_COSTS;
    if (ownTimeS(menu, piece) !== undefined) return 0;
    const overS = outcome.inWindow ? 0 : Math.max(0, piece.outAtS - (outcome.overAtS ?? piece.outAtS));
    const outS = overS + (lateS.get(piece.id) ?? 0);
    return outS > 0 ? 1 + outS / 60 : 0;
  });
  return additionsOf({ ...simmer, pieces: pieces.filter((one) => outcomes.has(one.id)) }) + sum(costs);
}

interface Attempt {
  planned: SolvedLiquids;
  rehearsal: Rehearsal;
  corrections: Corrections;
  objective: number;
  /** The boil of the plan, its levels or what it leaves for the finish are not those of the model. */
  isOff: boolean;
}

/** @param before a try of the same pot, much like this one */
function attempt(menu: Menu, planned: SolvedLiquids, corrections: Corrections, before?: Attempt): Attempt {
  const { simmer } = planned;
  const rehearsal = rehearse({ menu, fit: planned.fit, simmer, program: planned.program }, before?.rehearsal);
  return {
    planned,
    rehearsal,
    corrections,
    objective: objectiveOf(menu, simmer, rehearsal) + OVER_COSTS * overMarkShare(rehearsal.trace, planned.fit),
    isOff: isPotOff(planned, corrections, rehearsal),
  };
}

/** What is left for the finish is planned within so much of what the model has. */
const ENDING_WITHIN = 0.07;

const isEndingOff = ({ ending }: Simmer, { endingMl }: Rehearsal): boolean =>
  ending !== undefined &&
  endingMl !== undefined &&
  Math.abs(endingMl - ending.brothMl) > ENDING_WITHIN * Math.max(ending.brothMl, 1);

/** The level before each course is planned within so much of what is in the pot. */
const LEVEL_WITHIN = 0.12;

/** What has been lost by each course is not what the plan poured for. */
const isLevelOff = ({ fit }: SolvedLiquids, corrections: Corrections, { lostG }: Rehearsal): boolean =>
  [...lostG].some(([pan, lost]) => {
    const { potBrothMl = 0 } = (pan === 'main' ? fit : fit.aside) ?? {};
    const planned = corrections.lostG.get(pan) ?? [];
    let offG = 0;
    return lost.some((g, index) => {
      offG += g - (planned[index] ?? planned.at(-1) ?? 0);
      return Math.abs(offG) > LEVEL_WITHIN * potBrothMl;
    });
  });

const isPotOff = (planned: SolvedLiquids, corrections: Corrections, rehearsal: Rehearsal): boolean =>
  boilsLater(planned.simmer, rehearsal.boilAtS).length > 0 ||
  isEndingOff(planned.simmer, rehearsal) ||
  isLevelOff(planned, corrections, rehearsal);

/** A boil, or a rest for the finish, that is not as the plan has it costs as much as a minute too much in each piece would. */
const isBetter = (a: Attempt, b: Attempt): boolean =>
  a.objective + (a.isOff ? a.planned.simmer.pieces.length : 0) <
  b.objective + (b.isOff ? b.planned.simmer.pieces.length : 0) - 1e-6;

export const withOutcome = (piece: SimmerPiece, { outcomes }: Rehearsal): SimmerPiece => ({
  ...piece,
  ...outcomes.get(piece.id),
});

/** Every time that something is put in, as the plan has it. */
const additionsOf = ({ pieces }: Simmer): number =>
  new Set(
    pieces
      .filter((one) => one.countsFromS === one.inAtS && one.way !== 'swished' && one.way !== 'seared')
      .map(({ pan, round, inAtS }) => `${pan} ${round} ${Math.round(inAtS)}`),
  ).size;

/** Liquids and times of a pot, for when people sit down tonight. */
const atSitDown = ({ evening }: Menu, { simmer, ...solved }: SolvedLiquids): SolvedLiquids => ({
  ...solved,
  simmer: { ...simmer, litAt: shiftIso(evening.sitDownAt, -simmer.readyAtS[0]!) },
});

/** What came of going through a pot: the plan that was kept, and what was found then. */
export type BestAttempt = Pick<Attempt, 'planned' | 'rehearsal' | 'corrections' | 'objective'> & { lowerBound: number };

/** @param quick by the table alone: the first guess */
function* goneThrough(menu: Menu, model: AdditionModel, quick: SolvedLiquids): Steps<BestAttempt> {
  let now = attempt(menu, quick, UNCORRECTED);
  let best = now;
  let lowerBound = Infinity;
  let inVain = 0;
  const isBest = () => best.objective <= lowerBound + 1e-6 && !best.isOff;
  // The plan by the table is only the first guess: the model's own is taken where it is as good.
  const isLong = quick.simmer.pieces.length > LONG_EVENING;
  const tries = isLong ? LONG_TRIES : TRIES;
  let liquids: SolvedLiquids | undefined;
  const plannedBy = (corrections: Corrections) => {
    // What boils off by the model's own times is solved for once: later tries move it by a few grams.
    if (liquids) return timedAgain(menu, model, corrections, liquids);
    return (liquids = solvedPot(menu, model, corrections, quick));
  };
  // A pot whose level nobody knows is gone through again, however long its evening.
  for (let go = 1; go < (best.isOff ? TRIES : tries) && (go === 1 || !isBest()); go += 1) {
    yield;
    const corrections = correctionsFrom(menu, now);
    const beforeCosts = now.objective;
    now = attempt(menu, plannedBy(corrections), corrections, now);
    lowerBound = Math.min(lowerBound, now.planned.simmer.lowerBound ?? 0);
    const helped = isBetter(now, best);
    if (helped || (best.corrections === UNCORRECTED && !isBetter(best, now))) best = now;
    // What came out as it did before comes out so again.
    const isSame = !helped && Math.abs(now.objective - beforeCosts) < 1e-9;
    inVain = helped ? 0 : isSame ? IN_VAIN : inVain + 1;
    // Where everything is in its window, only fewer additions could be better.
    const isClean = best.objective <= additionsOf(best.planned.simmer) + 1e-6;
    if (inVain >= (isClean ? 1 : IN_VAIN) && !best.isOff && now.objective < RAW_COSTS) break;
  }
  // What just misses being put in together is tried so.
  for (const spareS of isLong ? [] : TOGETHER_S) {
    let from = best;
    for (let go = 0; go < TOGETHER_TRIES && !isBest(); go += 1) {
      yield;
      const corrections = correctionsFrom(menu, from, spareS);
      const planned = plannedBy(corrections);
      lowerBound = Math.min(lowerBound, planned.simmer.lowerBound ?? 0);
      if (additionsOf(planned.simmer) >= additionsOf(best.planned.simmer)) break;
      from = attempt(menu, planned, corrections, from);
      if (isBetter(from, best)) best = from;
      if (from.objective >= RAW_COSTS) break;
    }
  }
  // The bound as the windows are in the plan that is kept.
  const ownBound = leastAdditionsOf(menu, model, correctionsFrom(menu, best), best.planned);
  return { ...best, lowerBound: Math.min(lowerBound, ownBound) };
}

/** A pot that was planned and gone through. */
export interface RehearsedPot extends PlannedPot {
  gone: BestAttempt;
}

/** An evening but for what changes nothing of its pot: its name, when people sit down, who works in the kitchen. */
function potOnly(evening: Evening): Partial<Evening> {
  const pot: Partial<Evening> = { ...evening };
  for (const key of ['id', 'title', 'sitDownAt', 'cooks', 'kitchen'] as const) delete pot[key];
  return pot;
}

/** Whether two evenings come to one and the same pot, whoever cooks it and whenever. */
export const isSamePot = (a: Evening, b: Evening): boolean => isSame(potOnly(a), potOnly(b));

/** What was gone through as it is told: with the trace of its liquid, and how long each cold thing really stops its boil. */
export function asGone({ planned, rehearsal }: Pick<Attempt, 'planned' | 'rehearsal'>) {
  const { simmer } = planned;
  const followed: Simmer = rehearsal.trace ? { ...simmer, trace: rehearsal.trace } : simmer;
  const boils = rehearsal.courses.get('main')?.course.boils ?? [];
  return { followed, ...coldSpells(followed, planned.program, boils) };
}

/**
 * The pot, planned and gone through by the model of heat. That shows how long each thing is in until it is ready and past
 * its best, in this pot and with all that goes in with it; the next plan is made of those windows, and gone through again.
 * The best of a few plans is taken by `objectiveOf`.
 * @param near a pot that was gone through before: where this one is the same, that is not done again
 * @param orders round the wall, where they were looked for before
 * @returns the plan with what the model has of every piece, and the course of the liquid
 */
export function* rehearsedInSteps(
  menu: Menu,
  model: AdditionModel,
  near?: RehearsedPot,
  orders?: KnownOrders,
): Steps<RehearsedPot> {
  const gone =
    near && near.model === model && isSamePot(near.menu.evening, menu.evening)
      ? near.gone
      : yield* goneThrough(menu, model, solvedPot(menu, model, UNCORRECTED));
  const planned = planMenu(menu, model, atSitDown(menu, gone.planned), orders);
  const { rehearsal, objective, lowerBound } = gone;
  const { simmer } = planned.plan;
  if (rehearsal.outcomes.size === 0) return { ...planned, gone };
  const { place, units } = menu.evening;
  const pieces = simmer.pieces.map((piece) => withOutcome(piece, rehearsal));
  // What the table has to say of windows, the model of heat knows better.
  const { followed, actions, program } = asGone(gone);
  const { trace } = rehearsal;
  const others = simmer.unsatisfied.filter((one) => !isOfWindows(one) && !(trace && isOfCold(one)));
  const rehearsed: Simmer = {
    ...simmer,
    objective,
    lowerBound,
    pieces,
    actions,
    unsatisfied: [
      ...problemsOf(menu, { pieces }),
      ...overMark(menu, planned.fit, trace),
      ...coldProblem(menu, planned.fit, followed),
      ...others,
    ],
    ...(trace ? { trace } : {}),
  };
  const given = { catalogue: menu.catalogue, altitudeM: place.altitudeM, units };
  const withBecause = withReasons(rehearsed, given, (piece) => ownTimeS(menu, piece));
  const build = withLevels(planned.plan.build, menu, planned.fit, withBecause);
  return { ...planned, plan: { ...planned.plan, simmer: withBecause, program, build }, gone };
}

/** `rehearsedInSteps` without a pause. */
export const rehearsedPot = (menu: Menu, model: AdditionModel, near?: RehearsedPot): RehearsedPot =>
  atOnce(rehearsedInSteps(menu, model, near));

/**
 * The pot of an evening, planned and gone through.
 * @throws EveningError when the evening cannot be planned
 */
export const rehearsedOf = (evening: Evening): RehearsedPot => rehearsedPot(menuOrThrow(evening), timesTable);

/** Its plan as the pages of the evening show it, without its preparation. */
export const rehearsedPlan = (evening: Evening): PotPlan => rehearsedOf(evening).plan;

/** All that is done at the pots of an evening, as acts: what its plan says, and what the model of heat goes through. */
export const programOf = (menu: Menu): PotProgram => rehearsedPot(menu, timesTable).plan.program;
