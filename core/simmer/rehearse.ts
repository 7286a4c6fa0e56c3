import { type PotProgram, type Simmer, type SimmerPiece, type Trace } from '@elixa/contract';
import type { Fit, PanFit } from '../arrange/fit';
import { ASIDE_HEAT } from '../catalogue/heatSources';
import type { Pan } from '../diners/table';
import { isSame } from '../evening/isSame';
import type { Menu } from '../evening/menu';
import { centreOf } from '../heat/conduction';
import { FREE_SURFACE } from '../heat/givens';
import { isReady, reckonedOf, wantedBy } from '../pot/food';
import { inOrder, simulate, simulateAgain } from '../pot/simulate';
import {
  NOTHING,
  potAtRest,
  kitchenOf,
  type Kitchen,
  type PotCourse,
  type PieceState,
  type PotState,
  type Sample,
  type TimedAct,
} from '../pot/state';
import { followedIn, leadOf, pastAtS, STANDS_S, type Lead } from './lead';
import { lostBetween } from './lostBetween';
import { seared, swished } from './swished';
import { traceOf } from './traceOf';

export interface RehearsalQuestion {
  menu: Menu;
  fit: Fit;
  simmer: Simmer;
  program: PotProgram;
  /** Pots that are on the fire, and their kitchens: what is done from now on is gone through, with what is in them. */
  from?: ReadonlyMap<Pan, Pick<PanRehearsal, 'start' | 'kitchen'>>;
}

/** How a piece stands when it is lifted out. */
export type Outcome = Pick<
  SimmerPiece,
  | 'centreTempC'
  | 'largestCentreTempC'
  | 'lethalityMin'
  | 'cookValueMin'
  | 'window'
  | 'safeAtS'
  | 'readyAtS'
  | 'overAtS'
  | 'safe'
  | 'inWindow'
>;

export interface Rehearsal {
  outcomes: ReadonlyMap<string, Outcome>;
  trace?: Trace;
  /** Seconds that a piece would have to stay longer, by its id. */
  lateS: ReadonlyMap<string, number>;
  /** How long before it is lifted out each piece would have to begin to cook, to come out ready, best, and just not past it. */
  leads: ReadonlyMap<string, Lead>;
  /** When each pan boils first; none that does not. */
  boilAtS: ReadonlyMap<Pan, number>;
  /** What each pan loses in each course until the next, most of it as steam, in g; none of a pan that has one course. */
  lostG: ReadonlyMap<Pan, readonly number[]>;
  /** Liquid in the pot when the first thing of the finish goes in, in ml; none where the finish is not cooked in it. */
  endingMl?: number;
  /** How each pan went, for another try of the same pot. */
  courses: ReadonlyMap<Pan, GonePan>;
}

/** A pan that was gone through: where it began, by which acts, and how. */
interface GonePan {
  start: PotState;
  acts: readonly TimedAct[];
  course: PotCourse;
}

/** Where a few ladles are poured, so much of the surface of the food lies in them or on the pan. Kitchen estimate, 0.3-0.5. */
const IN_LADLES = 0.4;
/** So much longer a piece is looked at that is not ready when it should be lifted out. */
const LOOKED_AT_S = 12 * 60;
/** Steps of the rehearsal, in s: twice as long as these differ by a tenth of a degree. */
const STEP_S = 8;

const isInBath = ({ way }: SimmerPiece) => way === 'simmered' || way === 'stacked' || way === 'fried';

interface PanRehearsal {
  start: PotState;
  acts: TimedAct[];
  pieces: SimmerPiece[];
  kitchen: Kitchen;
}

/**
 * A pan of an evening before anything is done to it.
 * @returns none where nothing is cooked in it
 */
export function emptyPot({ evening, pour }: Menu, fit: Fit, pan: Pan, atS: number): PotState | undefined {
  const filled: PanFit | undefined = pan === 'main' ? fit : fit.aside;
  return (
    filled &&
    potAtRest({
      vessel: filled.vessel,
      heatSource: pan === 'main' ? evening.heatSource : ASIDE_HEAT,
      roomTempC: evening.place.roomTempC,
      altitudeM: evening.place.altitudeM,
      liquid: NOTHING,
      tempC: evening.place.roomTempC,
      atS,
      freeSurface: FREE_SURFACE[pour.kind],
      ...(pour.kind === 'ladles' ? { wetShare: IN_LADLES } : {}),
    })
  );
}

/** What of a plan is still to be eaten of a pot that is on the fire. */
const isLeftIn = (pot: PotState, { id, outAtS }: SimmerPiece): boolean =>
  outAtS >= pot.atS && pot.pieces.every((one) => one.pieceId !== id || one.outAtS === undefined);

/** A pan with the acts of the program that are done at it, from the first of them on, or from now. */
function panOf({ menu, fit, simmer, program, from }: RehearsalQuestion, pan: Pan): PanRehearsal | undefined {
  const acts = inOrder(program.acts.filter((one) => one.potId === pan));
  const [first] = acts;
  const now = from?.get(pan);
  const mine = simmer.pieces.filter((one) => one.pan === pan && isInBath(one));
  const pieces = now ? mine.filter((one) => isLeftIn(now.start, one)) : mine;
  if (!first || pieces.length === 0) return undefined;
  const start = now?.start ?? emptyPot(menu, fit, pan, first.atS);
  return start && { start, acts, pieces, kitchen: now?.kitchen ?? kitchenOf(menu) };
}

/** The course of a pan until its last piece is lifted out; where it begins as one that is known, from there on. */
function courseOf({ start, acts, pieces, kitchen }: PanRehearsal, before: GonePan | undefined): GonePan {
  const endS = Math.max(...pieces.map((one) => one.outAtS));
  const isSameStart = before && isSame(before.start, start);
  const again = isSameStart ? simulateAgain(before, acts, endS, { stepS: STEP_S, kitchen }) : undefined;
  return { start, acts, course: again ?? simulate(start, acts, endS, { stepS: STEP_S, kitchen }) };
}

/** The pot before anything is done to it at a moment. */
const potAt = ({ course }: GonePan, atS: number): PotState =>
  course.checkpoints.find((one) => Math.abs(one.state.atS - atS) < 1e-6)?.state ?? course.state;

function outcomeOf({ catalogue }: Menu, piece: PieceState, outAtS: number): Outcome {
  const { wanted } = reckonedOf(catalogue, piece);
  const overAtS = pastAtS(piece, wanted, outAtS);
  const { hadMin, lethalityMin } = piece.cooked;
  return {
    centreTempC: centreOf(piece.mean),
    largestCentreTempC: centreOf(piece.largest),
    lethalityMin,
    cookValueMin: hadMin,
    window: { leastMin: wanted.leastMin, bestMin: wanted.bestMin, mostMin: wanted.mostMin },
    ...(piece.safeAtS === undefined ? {} : { safeAtS: piece.safeAtS }),
    ...(piece.readyAtS === undefined ? {} : { readyAtS: piece.readyAtS }),
    ...(overAtS === undefined ? {} : { overAtS }),
    safe: piece.safeAtS !== undefined,
    inWindow: isReady(piece, wanted) && hadMin <= wanted.mostMin,
  };
}

/** The same of a slice that its guest holds in the broth, or that sears on the pan. */
function outcomeByItself(
  { catalogue }: Menu,
  piece: SimmerPiece,
  boilingC: number,
): { outcome: Outcome; lead: Lead; late: number } {
  const isSeared = piece.way === 'seared';
  // One batch of several on the pan.
  const heldS = isSeared ? piece.cookS : piece.outAtS - piece.inAtS;
  const { cooked, centreC, largestC, safeS, readyS, bestS, overS } = (isSeared ? seared : swished)(
    catalogue,
    piece,
    boilingC,
    heldS,
  );
  const fromS = isSeared ? piece.outAtS - heldS : piece.inAtS;
  const wanted = wantedBy(catalogue, piece);
  const { leastMin, bestMin, mostMin } = wanted;
  const leastS = readyS ?? bestS;
  const isReady = readyS !== undefined && readyS <= heldS + 1e-9;
  return {
    outcome: {
      centreTempC: centreC,
      largestCentreTempC: largestC,
      lethalityMin: cooked.lethalityMin,
      cookValueMin: cooked.hadMin,
      window: { leastMin, bestMin, mostMin },
      ...(safeS === undefined ? {} : { safeAtS: fromS + safeS }),
      ...(readyS === undefined ? {} : { readyAtS: fromS + readyS }),
      ...(overS === undefined ? {} : { overAtS: fromS + overS }),
      safe: safeS !== undefined && safeS <= heldS + 1e-9,
      inWindow: isReady && cooked.hadMin <= mostMin,
    },
    lead: { leastS, bestS: Math.max(leastS, bestS), mostS: Math.max(leastS, overS ?? STANDS_S) },
    late: isReady ? 0 : leastS - heldS,
  };
}

/** How much longer each of these would have to stay, if the fire were tended as before. */
function lacking(pot: PotState, kitchen: Kitchen, ids: readonly string[]): Array<[string, number]> {
  const { state } = simulate(pot, [], pot.atS + LOOKED_AT_S, {
    stepS: STEP_S,
    kitchen,
    isOver: ({ lying }) => lying.every(({ piece, readyAtS }) => readyAtS !== undefined || !ids.includes(piece.pieceId)),
  });
  return ids.map((id) => {
    const readyAtS = state.pieces.find((one) => one.pieceId === id)?.readyAtS ?? pot.atS + LOOKED_AT_S;
    return [id, readyAtS - pot.atS];
  });
}

/** Liquid in the pot when the first thing of the finish goes in. */
function atFinish(
  { readyAtS }: Simmer,
  pieces: readonly SimmerPiece[],
  samples: readonly Sample[],
): number | undefined {
  const inAtS = Math.min(...pieces.filter((one) => one.round > readyAtS.length).map((one) => one.inAtS));
  return Number.isFinite(inAtS) ? samples.findLast((one) => one.atS <= inAtS + 1e-6)?.liquidMl : undefined;
}

/** Fire that cooks nothing, or that cooks slower than the boil does. */
const isTurnedDown = ({ act }: TimedAct): boolean =>
  act.is === 'heat' && (act.share === 0 || typeof act.holds === 'number' || act.holds === 'justUnder');

/**
 * The evening at the pot as the program has it, gone through by the model of heat: how warm the liquid is all the time, and
 * how each piece stands when it is lifted out; slices that are held in the broth or seared on the pan are followed by
 * themselves.
 * @param before another try of the same pot, of which as much is kept as is the same
 * @returns what came of every piece that was, by its id
 */
export function rehearse(question: RehearsalQuestion, before?: Rehearsal): Rehearsal {
  const { menu, simmer, from } = question;
  const outcomes = new Map<string, Outcome>();
  const lateS = new Map<string, number>();
  const boilAtS = new Map<Pan, number>();
  const leads = new Map<string, Lead>();
  const lostG = new Map<Pan, readonly number[]>();
  const courses = new Map<Pan, GonePan>();
  let trace: Trace | undefined;
  let endingMl: number | undefined;
  for (const pan of ['main', 'aside'] as const) {
    const given = panOf(question, pan);
    if (!given) continue;
    const { start, acts, pieces, kitchen } = given;
    const gone = courseOf(given, before?.courses.get(pan));
    courses.set(pan, gone);
    const { samples, boils } = gone.course;
    if (boils[0]) boilAtS.set(pan, boils[0].fromS);
    const followed = followedIn(samples);
    const { boilingC } = samples.at(-1)!;
    for (const outAtS of new Set(pieces.map((one) => one.outAtS))) {
      const pot = potAt(gone, outAtS);
      const byId = new Map(pot.pieces.map((one) => [one.pieceId, one]));
      const cookedOf = pieces.flatMap((piece) => {
        const cooked = piece.outAtS === outAtS ? byId.get(piece.id) : undefined;
        return cooked ? [{ piece, cooked }] : [];
      });
      const late = cookedOf
        .filter(({ cooked }) => !isReady(cooked, reckonedOf(menu.catalogue, cooked).wanted))
        .map((one) => one.piece.id);
      const lacksS = new Map(late.length > 0 ? lacking(pot, kitchen, late) : []);
      for (const { piece, cooked } of cookedOf) {
        const { id, inAtS } = piece;
        const lacks = lacksS.get(id) ?? 0;
        const readyAtS = lacks > 0 && lacks < LOOKED_AT_S ? { readyAtS: outAtS + lacks } : {};
        outcomes.set(id, { ...outcomeOf(menu, cooked, outAtS), ...readyAtS });
        if (lacksS.has(id)) lateS.set(id, lacks);
        const down = acts.filter((one) => isTurnedDown(one) && one.atS > inAtS && one.atS < outAtS);
        const untilS = Math.min(outAtS, ...down.map((one) => one.atS));
        const lead = leadOf(menu.catalogue, followed.get(id) ?? [], boilingC, piece, cooked, untilS, lacks);
        if (lead) leads.set(id, lead);
      }
    }
    const lost = menu.pour.anew || from ? undefined : lostBetween(menu, simmer.actions, pieces, samples, pan);
    if (lost) lostG.set(pan, lost);
    if (pan === 'main') {
      // A dry pan has no course of its liquid.
      const pouredS = from ? start.atS : (acts.find((one) => one.act.is === 'poured')?.atS ?? start.atS);
      trace = traceOf(
        samples.filter((one) => one.atS >= pouredS - 1e-6),
        pouredS,
      );
      endingMl = atFinish(simmer, pieces, samples);
    }
  }
  for (const piece of simmer.pieces.filter((one) => ['swished', 'seared'].includes(one.way))) {
    const { outcome, lead, late } = outcomeByItself(menu, piece, simmer.boilingPointC);
    outcomes.set(piece.id, outcome);
    // How long the pan is kept for its slices is no matter of the pot.
    if (piece.way === 'swished') leads.set(piece.id, lead);
    if (late > 0) lateS.set(piece.id, late);
  }
  return { outcomes, lateS, leads, boilAtS, lostG, courses, endingMl, ...(trace ? { trace } : {}) };
}
