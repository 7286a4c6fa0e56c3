import type { Action, PotProgram, Simmer, SimmerPiece } from '@elixa/contract';
import { asGone, correctionsFrom, ownTimeS, withOutcome } from '../planEvening/rehearsed';
import { withReasons } from '../simmer/because';
import type { Rehearsal } from '../simmer/rehearse';
import { atOnce, type Steps } from '../steps/steps';
import { isSameWanted, Replanning, WORTH_MOVING_S, type Try } from './replanning';
import type { PotNow } from './planSoFar';

/** What is left to do, planned from a pot on the fire; what was done stands in it as it was done. */
export interface PlannedAgain {
  simmer: Simmer;
  program: PotProgram;
  /** What is still to be eaten that is raw, or out of its window, by this plan: the ids of its pieces. */
  raw: string[];
  outOfWindow: string[];
}

/** Plans that are gone through before the best of them is taken. */
const TRIES = 6;
/** So much better another plan has to be for the cook to be told of it, by the measure of plans. */
const CALM = 0.5;

/** Whether anything that is to be done comes at another time than it is told, or comes in or goes. */
function movesAny({ done }: PotNow, told: Simmer, planned: Simmer): boolean {
  // A boil comes when it comes.
  const open = (actions: readonly Action[]) => actions.filter(({ id, kind }) => kind !== 'boil' && !done.has(id));
  const before = new Map(open(told.actions).map(({ id, atS }) => [id, atS]));
  const now = open(planned.actions);
  return (
    now.length !== before.size ||
    now.some(({ id, atS }) => !(Math.abs((before.get(id) ?? NaN) - atS) <= WORTH_MOVING_S))
  );
}

/** When a line was done, or is to be: what should have been done already is asked for now, and is not late for that. */
const timeOf = ({ done, nowS }: PotNow, lineId: string, atS: number): number => done.get(lineId) ?? Math.max(nowS, atS);

/** The lines of a plan with what was done as it was done, in order; what is told and tapped at once stays so. */
function asDone(actions: readonly Action[], now: PotNow): Action[] {
  const { done } = now;
  const timed = actions.map((one) => ({ ...one, atS: timeOf(now, one.id, one.atS) }));
  const ordered = timed
    .map((action, index) => ({ action, index }))
    .sort((a, b) => a.action.atS - b.action.atS || a.index - b.index);
  let step = -1;
  let before: Action | undefined;
  return ordered.map(({ action }) => {
    const isTogether =
      before?.step === action.step && before.atS === action.atS && done.has(before.id) === done.has(action.id);
    if (!isTogether) step += 1;
    before = action;
    return { ...action, step };
  });
}

/** What lies in the pot has the window that it really has, from when it went in. */
function asItLies(piece: SimmerPiece, throughS: number | undefined): SimmerPiece {
  const { readyAtS, overAtS, safeAtS, countsFromS, outAtS, cookS } = piece;
  const fromS = countsFromS + (outAtS - countsFromS - cookS);
  const since = (atS: number) => Math.max(0, atS - fromS);
  const safeS = piece.safeS > 0 && safeAtS !== undefined ? since(Math.max(safeAtS, throughS ?? 0)) : piece.safeS;
  const leastS = readyAtS === undefined ? piece.leastS : Math.max(safeS, since(readyAtS));
  const mostS = overAtS === undefined ? Math.max(piece.mostS, leastS) : Math.max(leastS, since(overAtS));
  return { ...piece, leastS, safeS, mostS, bestS: Math.min(mostS, Math.max(leastS, piece.bestS)) };
}

/** What is told of a plan that was gone through from now on. */
function told(now: PotNow, { planned, rehearsal }: Try): PlannedAgain {
  const { menu } = now.pot;
  const { nowS } = now;
  const { actions, program } = asGone({ planned, rehearsal });
  const lying = new Set([...now.pots.values()].flatMap(({ state }) => state.pieces.map((one) => one.pieceId)));
  const beside = new Set(now.extras?.map(({ id }) => id));
  const pieces = planned.simmer.pieces.flatMap((one) => {
    if (beside.has(one.id)) return [];
    const found = withOutcome(one, rehearsal);
    const isToCome = !lying.has(one.id) && one.outAtS >= nowS && one.countsFromS === one.inAtS;
    const inAtS = isToCome ? Math.max(nowS, one.inAtS) : one.inAtS;
    const piece = isToCome ? { ...found, inAtS, countsFromS: inAtS } : found;
    return lying.has(one.id) && rehearsal.outcomes.has(one.id) ? asItLies(piece, now.throughAtS?.get(one.id)) : piece;
  });
  const left = planned.simmer.pieces.filter(
    (one) => rehearsal.outcomes.has(one.id) && one.outAtS >= nowS && one.way !== 'seared',
  );
  const followed: Simmer = {
    ...now.told.simmer,
    ...planned.simmer,
    litAt: now.told.simmer.litAt,
    unsatisfied: now.told.simmer.unsatisfied,
    actions: asDone(actions, now),
    pieces,
    ...(rehearsal.trace ? { trace: rehearsal.trace } : {}),
  };
  const { place, units } = menu.evening;
  const given = { catalogue: menu.catalogue, altitudeM: place.altitudeM, units };
  const acts = program.acts
    .map((one) => ({ ...one, atS: timeOf(now, one.actionId, one.atS) }))
    .sort((a, b) => a.atS - b.atS);
  return {
    simmer: withReasons(followed, given, (piece) => ownTimeS(menu, piece)),
    program: { ...program, acts },
    raw: left.filter((one) => !rehearsal.outcomes.get(one.id)!.safe).map((one) => one.id),
    outOfWindow: left.filter((one) => !rehearsal.outcomes.get(one.id)!.inWindow).map((one) => one.id),
  };
}

/**
 * What is left of an evening, planned from the pots as they are now: what is in them stays, what is to come goes in when
 * that is best for all of it, and everything is ready when people were told, or later; sooner only where what is in would be
 * past its best. Each plan is gone through by the model of heat from now on, and the best of a few is taken by the measure
 * of plans, with what waiting costs.
 * @returns all lines of the evening, done and to come; nothing where the plan as it is told holds, moved on as it may be
 * @throws RangeError as `simulate` does
 */
export function* planFromInSteps(now: PotNow): Steps<PlannedAgain | undefined> {
  const { gone, menu } = now.pot;
  const replanning = new Replanning(now);
  let corrections = gone.corrections.windows.size > 0 ? gone.corrections : correctionsFrom(menu, gone);
  const stands = replanning.asTold(corrections);
  const isOff = replanning.foreseesBoil(stands, WORTH_MOVING_S) || !replanning.isThrough(stands);
  if (!now.soonest && !isOff && replanning.isClean(stands)) return undefined;
  yield;
  let wanted = replanning.firstWanted;
  let best: Try | undefined;
  let before: Rehearsal | undefined;
  for (let go = 0; go < TRIES; go += 1) {
    if (go > 0) yield;
    const tried = replanning.try(corrections, wanted, before);
    const isBoilOther = replanning.foreseesBoil(tried);
    // What was planned for another boil, or is called ready before its gate opens, is as if everything in it was off.
    if (isBoilOther || !replanning.isThrough(tried)) tried.objective += tried.planned.simmer.pieces.length;
    if (!best || tried.objective < best.objective - 1e-6) best = tried;
    before = tried.rehearsal;
    const next = replanning.better(tried);
    if (replanning.isClean(tried) && !isBoilOther && isSameWanted(next, wanted)) break;
    wanted = next;
    corrections = replanning.learnt(tried);
  }
  // Of two that are about as good the cook keeps to the one that was told.
  if (!now.soonest && !isOff && best!.objective > stands.objective - CALM) return undefined;
  if (!movesAny(now, stands.planned.simmer, best!.planned.simmer)) return undefined;
  return told(now, best!);
}

/** `planFromInSteps` without a pause. */
export const planFrom = (now: PotNow): PlannedAgain | undefined => atOnce(planFromInSteps(now));
