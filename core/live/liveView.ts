import type { Simmer, SimmerPiece } from '@elixa/contract';
import { shortName } from '../catalogue/shortName';
import { stepTaps, type StepTap } from './facts';
import { potClockS, type LiveState } from './foldLive';
import type { LiveStep } from './liveSteps';
import { cookingSinceS, project } from './project';

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

const addedWith = (piece: SimmerPiece, steps: readonly LiveStep[]) =>
  steps.find((step) => step.actions.some((action) => action.pieceId === piece.id));

function contents(simmer: Simmer, steps: readonly LiveStep[], taps: readonly StepTap[], clockS: number): InPot[] {
  const done = new Map(taps.map((tap) => [tap.step, tap.atS]));
  return simmer.pieces.flatMap((piece) => {
    if (piece.way === 'swished') return [];
    const step = addedWith(piece, steps);
    const inS = step && done.get(step.step);
    const out = steps.find((one) => one.round === piece.round && (one.kind === 'serve' || one.kind === 'off'));
    if (inS === undefined || (out && done.has(out.step))) return [];
    const coldS = piece.outAtS - piece.countsFromS - piece.cookS;
    const sinceS = cookingSinceS(piece, steps, done);
    const forS = sinceS === undefined ? 0 : clockS - sinceS;
    const needsS = Math.max(piece.leastS, piece.safeS) + coldS;
    const state_ = forS < needsS - ROUNDING_S ? 'cooking' : forS <= piece.mostS + coldS ? 'ready' : 'over';
    return [
      {
        piece,
        name: shortName(piece.ingredientId, piece.cut),
        forS,
        share: Math.min(1, forS / needsS),
        state: state_ as InPot['state'],
        readyInS: needsS - forS,
      },
    ];
  });
}

function gateFor(next: LiveStep | undefined, inPot: readonly InPot[]): SafetyGate | undefined {
  if (!next || (next.kind !== 'serve' && next.kind !== 'off')) return undefined;
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

function lastChange(
  simmer: Simmer,
  steps: readonly LiveStep[],
  taps: readonly StepTap[],
  clockS: number,
): Change | undefined {
  const tap = taps.at(-1);
  const step = steps.find((one) => one.step === tap?.step);
  if (!tap || !step) return undefined;
  const earlier = taps.slice(0, -1);
  const dueS = project(simmer, steps, earlier, Math.min(tap.atS, step.atS)).dueS.get(step.step) ?? step.atS;
  const before = project(simmer, steps, earlier, Math.min(tap.atS, dueS)).readyS.get(step.round) ?? 0;
  const after = project(simmer, steps, taps, Math.max(tap.atS, Math.min(clockS, tap.atS))).readyS.get(step.round) ?? 0;
  const lateS = tap.atS - dueS;
  const movesReadyS = step.kind === 'serve' || step.kind === 'off' ? 0 : after - before;
  if (Math.abs(lateS) < ON_TIME_S && Math.abs(movesReadyS) < ON_TIME_S) return undefined;
  return { title: step.title, kind: step.kind, lateS, movesReadyS };
}

/** A sign that was not there is looked for again after so long. Kitchen estimate, 30-90 s. */
const AGAIN_S = 60;

const askAgainS = ({ actions }: LiveStep, { notYetS }: LiveState): number =>
  Math.max(-Infinity, ...actions.flatMap(({ id }) => (notYetS[id] === undefined ? [] : [notYetS[id] + AGAIN_S])));

/**
 * What the cook needs to see at a moment: the next step and its countdown, what is in the pot and for how long, when
 * this round is ready, and what the last tap changed.
 * @param nowMs the wall clock in ms
 */
export function liveView(simmer: Simmer, steps: readonly LiveStep[], state: LiveState, nowMs: number): LiveView {
  const clockS = potClockS(state, nowMs);
  const taps = stepTaps(steps, state);
  const { dueS, readyS } = project(simmer, steps, taps, clockS);
  // What is late is late by the time that was told when something was last tapped: that does not run on with the clock.
  const toldS = project(simmer, steps, taps, taps.at(-1)?.atS ?? 0).dueS;
  const dueAtS = ({ step, atS }: LiveStep) => Math.min(dueS.get(step) ?? atS, toldS.get(step) ?? atS);
  const done = new Set(taps.map((tap) => tap.step));
  const waiting = steps
    .filter((step) => !done.has(step.step))
    .map((step, index) => ({
      ...step,
      dueInS: Math.max(index === 0 ? dueAtS(step) : (dueS.get(step.step) ?? step.atS), askAgainS(step, state)) - clockS,
    }));
  const [next, ...coming] = waiting;
  const inPot = contents(simmer, steps, taps, clockS);
  const isDone = (test: (step: LiveStep) => boolean) =>
    steps.some((step) => step.pan === 'main' && done.has(step.step) && test(step));
  const round = next?.round ?? steps.at(-1)?.round ?? 1;
  return {
    clockS,
    next,
    coming,
    inPot,
    round,
    readyInS: (readyS.get(round) ?? 0) - clockS,
    gate: gateFor(next, inPot),
    change: lastChange(simmer, steps, taps, clockS),
    doneSteps: done.size,
    totalSteps: steps.length,
    served: steps.some((step) => step.kind === 'serve' && done.has(step.step)),
    poured: isDone((step) => step.actions.some((action) => action.kind === 'pour')),
    boiled: isDone((step) => step.kind === 'boil'),
  };
}
