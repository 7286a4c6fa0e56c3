import type { PotPlan, SimmerPiece } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { asPiece, extrasIn, outOfPots } from './beside';
import { doneAtS, doneLines, type DoneLine } from './doneLines';
import { potClockS, type LiveState } from './foldLive';
import { isPutOut } from './fireTold';
import { provedIn } from './proved';
import type { LiveStep } from './liveSteps';
import type { Look, PieceForecast } from './lookAgain';
import { cookingSinceS, expected } from './restOf';

/** Something that is in the pot now. */
export interface InPot {
  piece: SimmerPiece;
  name: string;
  forS: number;
  /** Share of its least time, 0 to 1. */
  share: number;
  state: 'cooking' | 'ready' | 'over';
  /** Seconds until it is ready, and until it is past its best; zero or less when it is. */
  readyInS: number;
  overInS: number;
  /** It is cooked through for certain, where that is asked of it. */
  isSafe: boolean;
  /** It may be ready between these, in s from now; nothing where only the plan's clock is known. */
  readyBetweenS?: [number, number];
}

export interface NextStep extends LiveStep {
  /** Seconds until it is due; negative when it is late. */
  dueInS: number;
}

/** Something must not be served yet. */
export interface SafetyGate {
  names: string[];
  /** What each of them shows when it is done. */
  signs: string[];
  waitS: number;
}

/** What is to come out of the pot by itself, since it would be past its best before its round is. */
export interface Rescue {
  pan: SimmerPiece['pan'];
  round: number;
  pieceIds: string[];
  names: string[];
  /** Seconds until the first of it is past its best; zero or less when it is. */
  overInS: number;
}

/** What the last tap changed. */
export interface Change {
  title: string;
  kind: LiveStep['kind'];
  lateS: number;
  movesReadyS: number;
}

export interface LiveView {
  clockS: number;
  next?: NextStep;
  coming: NextStep[];
  inPot: InPot[];
  round: number;
  readyInS: number;
  gate?: SafetyGate;
  rescue?: Rescue;
  change?: Change;
  doneSteps: number;
  totalSteps: number;
  /** The first round has been lifted out or carried in. */
  served: boolean;
  /** There is liquid in the pot, and it has boiled. */
  poured: boolean;
  boiled: boolean;
  /** The fire under the pot was put out, and no plan asked for that. */
  fireOff: boolean;
}

/** Seconds that come from adding up times in another order. */
const ROUNDING_S = 1e-3;

type Done = ReadonlyMap<string, number>;

const isDone = ({ actions }: LiveStep, done: Done) => actions.every(({ id }) => done.has(id));

const endsRound = ({ kind }: LiveStep) => kind === 'serve' || kind === 'off';

/** How long before and after now something in the pot is ready and past its best, in s. */
interface Stands {
  readyInS: number;
  overInS: number;
}

/** As the pot was last looked at; what is not ready as far as that goes is not. */
const asForeseen = ({ readyAtS, overAtS }: PieceForecast, clockS: number, untilS: number): Stands => ({
  readyInS: (readyAtS ?? untilS) - clockS,
  overInS: (overAtS ?? Infinity) - clockS,
});

/** A piece that lies in the pot and since when it cooks, in s. */
interface LyingPiece {
  piece: SimmerPiece;
  sinceS: number | undefined;
}

/** What of a plan lies in the pot: it went in with its line, and its round was not lifted out. */
function plannedIn(plan: PotPlan, steps: readonly LiveStep[], done: Done): LyingPiece[] {
  const since = cookingSinceS(plan, done);
  const lines = new Map(steps.flatMap(({ actions }) => actions.map((line) => [line.pieceId, line] as const)));
  return plan.simmer.pieces.flatMap((piece): LyingPiece[] => {
    const line = lines.get(piece.id);
    const out = steps.find((one) => one.round === piece.round && endsRound(one));
    if (piece.way === 'swished' || !line || !done.has(line.id) || (out && isDone(out, done))) return [];
    return [{ piece, sinceS: since.get(piece.id) }];
  });
}

/** What was put in beside the plan: it cooks once the pot boils, and is lifted out with its round. */
function besideIn(catalogue: Catalogue, plan: PotPlan, steps: readonly LiveStep[], state: LiveState): LyingPiece[] {
  const done = doneAtS(doneLines(state));
  const outS = (one: LiveStep) =>
    isDone(one, done) ? Math.max(...one.actions.map(({ id }) => done.get(id)!)) : -Infinity;
  const left = extrasIn(state).filter(
    ({ round, inAtS }) => !steps.some((one) => endsRound(one) && one.round === round && outS(one) > inAtS),
  );
  return left.map((extra) => {
    const boil = plan.simmer.actions.findLast(
      ({ kind, pan, round }) => kind === 'boil' && pan === extra.pan && round <= extra.round,
    );
    const boiledS = boil ? done.get(boil.id) : 0;
    return {
      piece: asPiece(catalogue, extra),
      sinceS: boiledS === undefined ? undefined : Math.max(extra.inAtS, boiledS),
    };
  });
}

/** What lies in the pot, by the clock of the plan or, where the pot was looked at since, as it is. */
function contents(
  catalogue: Catalogue,
  lying: readonly LyingPiece[],
  out: ReadonlySet<string>,
  clockS: number,
  look?: Look,
): InPot[] {
  const foreseen = new Map(look?.pieces.map((one) => [one.id, one]));
  return lying.flatMap(({ piece, sinceS }): InPot[] => {
    if (out.has(piece.id)) return [];
    const coldS = piece.outAtS - piece.countsFromS - piece.cookS;
    const forS = sinceS === undefined ? 0 : clockS - sinceS;
    const own = foreseen.get(piece.id);
    const { readyInS, overInS } =
      own && look
        ? asForeseen(own, clockS, look.untilS)
        : {
            readyInS: Math.max(piece.leastS, piece.safeS) + coldS - forS,
            overInS: piece.mostS + coldS - forS,
          };
    const isCooking = readyInS > ROUNDING_S;
    return [
      {
        piece,
        name: shortName(catalogue.byId(piece.ingredientId), piece.cut),
        forS,
        share: isCooking ? Math.min(1, Math.max(0, forS / (forS + readyInS))) : 1,
        state: isCooking ? 'cooking' : overInS >= 0 ? 'ready' : 'over',
        readyInS,
        overInS,
        isSafe: piece.safeS > 0 && (!isCooking || (own?.safeAtS ?? Infinity) <= clockS),
        ...(isCooking && own?.between
          ? { readyBetweenS: [Math.max(0, own.between.fromS - clockS), Math.max(0, own.between.toS - clockS)] }
          : {}),
      },
    ];
  });
}

/** So long before it is past its best a thing is asked out, in s, where its round is further off than that. */
const RESCUED_S = 20;
const FURTHER_S = 45;
/** What has been past it for so long is no longer asked out, in s: it is as it is, or this phone's clock is wrong. */
const GIVEN_UP_S = 15 * 60;

/** What is done and would be past its best before its round is lifted out; what was left in on purpose is asked for no more. */
function rescueOf(inPot: readonly InPot[], round: number, endsInS: number, { notYet }: LiveState): Rescue | undefined {
  const leftIn = new Set(
    notYet.flatMap(({ facts }) =>
      facts.flatMap(({ saw }) => (saw?.is === 'notYet' && saw.pieceId ? [saw.pieceId] : [])),
    ),
  );
  const due = inPot.filter(
    (one) =>
      one.state !== 'cooking' &&
      one.piece.round === round &&
      one.overInS <= RESCUED_S &&
      one.overInS > -GIVEN_UP_S &&
      endsInS > Math.max(0, one.overInS) + FURTHER_S &&
      !leftIn.has(one.piece.id),
  );
  const [first] = due;
  if (!first) return undefined;
  const { pan } = first.piece;
  const mine = due.filter((one) => one.piece.pan === pan);
  return {
    pan,
    round,
    pieceIds: mine.map((one) => one.piece.id),
    names: [...new Set(mine.map((one) => one.name))],
    overInS: Math.min(...mine.map((one) => one.overInS)),
  };
}

function gateFor(
  next: LiveStep | undefined,
  inPot: readonly InPot[],
  proved: ReadonlySet<string>,
): SafetyGate | undefined {
  if (!next || !endsRound(next)) return undefined;
  const raw = inPot.filter(
    ({ piece, state }) => piece.round === next.round && piece.safeS > 0 && state === 'cooking' && !proved.has(piece.id),
  );
  if (raw.length === 0) return undefined;
  const signs = raw.map((one) => `${one.name}: ${one.piece.sign}`);
  return {
    names: [...new Set(raw.map((one) => one.name))],
    signs: [...new Set(signs)],
    waitS: Math.max(...raw.map((one) => one.readyInS)),
  };
}

/** A tap this close to its time is on time. */
const ON_TIME_S = 30;

function lastChange(plan: PotPlan, steps: readonly LiveStep[], lines: readonly DoneLine[]): Change | undefined {
  const last = lines.at(-1);
  const step = steps.find(({ actions }) => actions.some(({ id }) => id === last?.lineId));
  const line = step?.actions.find(({ id }) => id === last?.lineId);
  if (!last || !step || !line) return undefined;
  const before = doneAtS(lines.filter(({ eventId }) => eventId !== last.eventId));
  const dueS = expected(plan, before, Math.min(last.atS, step.atS)).dueS.get(line.id) ?? step.atS;
  const readyBeforeS = expected(plan, before, Math.min(last.atS, dueS)).readyS.get(step.round) ?? 0;
  const readyAfterS = expected(plan, doneAtS(lines), last.atS).readyS.get(step.round) ?? 0;
  const lateS = last.atS - dueS;
  const movesReadyS = endsRound(step) ? 0 : readyAfterS - readyBeforeS;
  if (Math.abs(lateS) < ON_TIME_S && Math.abs(movesReadyS) < ON_TIME_S) return undefined;
  return { title: step.title, kind: step.kind, lateS, movesReadyS };
}

/** A sign that was not there is looked for again after so long. Kitchen estimate, 30-90 s. */
const AGAIN_S = 60;

/** When a step that was not there yet is asked for again. */
function askAgainS(plan: PotPlan, { actions }: LiveStep, { notYet }: LiveState): number {
  const lines = new Set(actions.map(({ id }) => id));
  const acts = new Set(plan.program.acts.flatMap(({ id, actionId }) => (lines.has(actionId) ? [id] : [])));
  const told = notYet.filter(({ facts }) => facts.some(({ answers }) => answers && acts.has(answers.actId)));
  return Math.max(-Infinity, ...told.map(({ atS }) => atS + AGAIN_S));
}

/**
 * What the cook needs to see at a moment: the next step and its countdown, what is in the pot and for how long, when
 * this round is ready, and what the last tap changed.
 * @param nowMs the wall clock in ms
 * @param look the pots as they were last looked at, after all that was tapped
 */
export function liveView(
  plan: PotPlan,
  steps: readonly LiveStep[],
  state: LiveState,
  nowMs: number,
  look?: Look,
): LiveView {
  const clockS = potClockS(state, nowMs);
  const lines = doneLines(state);
  const done = doneAtS(lines);
  const { dueS, readyS } = expected(plan, done, clockS);
  // What is late is late by the time that was told when something was last tapped: that does not run on with the clock.
  const toldS = expected(plan, done, lines.at(-1)?.atS ?? 0).dueS;
  const dueIn = (times: ReadonlyMap<string, number>, { actions, atS }: LiveStep) =>
    Math.min(...actions.flatMap(({ id }) => (done.has(id) ? [] : [times.get(id) ?? atS])));
  const waiting = steps
    .filter((step) => !isDone(step, done))
    .map((step, index) => {
      const dueAtS = dueIn(dueS, step);
      const told = index === 0 ? Math.min(dueAtS, dueIn(toldS, step)) : dueAtS;
      return { ...step, dueInS: Math.max(told, askAgainS(plan, step, state)) - clockS };
    });
  const [told, ...coming] = waiting;
  const catalogue = catalogueOf(state.started?.evening ?? {});
  const lying = [...plannedIn(plan, steps, done), ...besideIn(catalogue, plan, steps, state)];
  const inPot = contents(catalogue, lying, outOfPots(state), clockS, look);
  const hasDone = (test: (step: LiveStep) => boolean) =>
    steps.some((step) => step.pan === 'main' && isDone(step, done) && test(step));
  const round = told?.round ?? steps.at(-1)?.round ?? 1;
  const gate = gateFor(told, inPot, provedIn(catalogue, inPot, state));
  // By the pot as it is what is lifted out waits for its gate, and no earlier time is told.
  const waitsS = look && gate ? gate.waitS : -Infinity;
  const next = told && { ...told, dueInS: Math.max(told.dueInS, waitsS) };
  const readyInS = Math.max((readyS.get(round) ?? 0) - clockS, waitsS);
  return {
    clockS,
    next,
    coming,
    inPot,
    round,
    readyInS,
    gate,
    rescue: state.status === 'running' ? rescueOf(inPot, round, readyInS, state) : undefined,
    change: lastChange(plan, steps, lines),
    doneSteps: steps.length - waiting.length,
    totalSteps: steps.length,
    served: steps.some((step) => step.kind === 'serve' && isDone(step, done)),
    poured: hasDone((step) => step.actions.some((action) => action.kind === 'pour')),
    boiled: hasDone((step) => step.kind === 'boil'),
    fireOff: isPutOut(state),
  };
}
