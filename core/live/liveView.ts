import type { PotPlan, SimmerPiece } from '@elixa/contract';
import { type Catalogue, catalogueOf } from '../catalogue/catalogue';
import { shortName } from '../catalogue/shortName';
import { doneAtS, doneLines, type DoneLine } from './doneLines';
import { potClockS, type LiveState } from './foldLive';
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
  /** Seconds until it is ready; zero or less when it is. */
  readyInS: number;
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
  change?: Change;
  doneSteps: number;
  totalSteps: number;
  /** The first round has been lifted out or carried in. */
  served: boolean;
  /** There is liquid in the pot, and it has boiled. */
  poured: boolean;
  boiled: boolean;
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

/** What lies in the pot, by the clock of the plan or, where the pot was looked at since, as it is. */
function contents(
  catalogue: Catalogue,
  plan: PotPlan,
  steps: readonly LiveStep[],
  done: Done,
  clockS: number,
  look?: Look,
): InPot[] {
  const foreseen = new Map(look?.pieces.map((one) => [one.id, one]));
  const since = cookingSinceS(plan, done);
  return plan.simmer.pieces.flatMap((piece): InPot[] => {
    if (piece.way === 'swished') return [];
    const line = steps.flatMap(({ actions }) => actions).find(({ pieceId }) => pieceId === piece.id);
    const out = steps.find((one) => one.round === piece.round && endsRound(one));
    if (!line || !done.has(line.id) || (out && isDone(out, done))) return [];
    const coldS = piece.outAtS - piece.countsFromS - piece.cookS;
    const sinceS = since.get(piece.id);
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
      },
    ];
  });
}

function gateFor(next: LiveStep | undefined, inPot: readonly InPot[]): SafetyGate | undefined {
  if (!next || !endsRound(next)) return undefined;
  const raw = inPot.filter((one) => one.piece.round === next.round && one.piece.safeS > 0 && one.state === 'cooking');
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
  const inPot = contents(catalogueOf(state.started?.evening ?? {}), plan, steps, done, clockS, look);
  const hasDone = (test: (step: LiveStep) => boolean) =>
    steps.some((step) => step.pan === 'main' && isDone(step, done) && test(step));
  const round = told?.round ?? steps.at(-1)?.round ?? 1;
  const gate = gateFor(told, inPot);
  // By the pot as it is what is lifted out waits for its gate, and no earlier time is told.
  const waitsS = look && gate ? gate.waitS : -Infinity;
  const next = told && { ...told, dueInS: Math.max(told.dueInS, waitsS) };
  return {
    clockS,
    next,
    coming,
    inPot,
    round,
    readyInS: Math.max((readyS.get(round) ?? 0) - clockS, waitsS),
    gate,
    change: lastChange(plan, steps, lines),
    doneSteps: steps.length - waiting.length,
    totalSteps: steps.length,
    served: steps.some((step) => step.kind === 'serve' && isDone(step, done)),
    poured: hasDone((step) => step.actions.some((action) => action.kind === 'pour')),
    boiled: hasDone((step) => step.kind === 'boil'),
  };
}
