import type { Simmer, SimmerPiece } from '@elixa/contract';
import type { StepTap } from './facts';
import type { LiveStep } from './liveSteps';

export interface Projection {
  /** When each step is due now, in seconds on the pot's clock, by step number. Done steps keep the time they were done. */
  dueS: Map<number, number>;
  /** When each round is ready now, by round number; the finish counts as the round after the last. */
  readyS: Map<number, number>;
}

/** Time in the pot that gives a piece a certain simmering time, cold spells counted as they were planned. */
const elapsedFor = (piece: SimmerPiece, cookS: number) => cookS + (piece.outAtS - piece.countsFromS - piece.cookS);

/** A piece that lies in the pot from before the boil cooks from then on. */
const countsFromBoil = (piece: SimmerPiece) => piece.countsFromS > piece.inAtS;

/**
 * When the cooking of a piece began: when its step was done, or for what lay in the pot cold, when it boiled.
 * @returns undefined while that has not happened
 */
export function cookingSinceS(
  piece: SimmerPiece,
  steps: readonly LiveStep[],
  done: ReadonlyMap<number, number>,
): number | undefined {
  const own = steps.find((step) => step.actions.some((action) => action.pieceId === piece.id));
  const inS = own && done.get(own.step);
  if (inS === undefined || !countsFromBoil(piece)) return inS;
  const boil = steps.find((step) => step.kind === 'boil' && step.pan === piece.pan && step.round === piece.round);
  return boil && done.get(boil.step);
}

const piecesOf = (step: LiveStep, simmer: Simmer) =>
  simmer.pieces.filter((piece) => step.actions.some((action) => action.pieceId === piece.id));

/** Slices that the guests hold in the broth are no part of what is lifted out together. */
const isAddition = (step: LiveStep) => step.kind !== 'swish' && step.actions.some((action) => action.pieceId);
const endsRound = (step: LiveStep) => step.kind === 'serve' || step.kind === 'off';

/** When an addition really goes in: when it was tapped, or now when it is overdue. */
function enteredS(step: LiveStep, done: ReadonlyMap<number, number>, shiftS: number, nowS: number): number | undefined {
  const tapped = done.get(step.step);
  if (tapped !== undefined) return tapped;
  return nowS > step.atS + shiftS ? nowS : undefined;
}

/**
 * The plan as it stands after what has really happened.
 *
 * A round is lifted out when it was planned, unless something in it would not have had its least time (then later) or
 * would have had more than it stands (then earlier); the least time wins, since it is also the safe one. Later rounds
 * move back with a late one and never forward with an early one.
 * @param nowS the pot's clock in seconds
 */
export function project(
  simmer: Simmer,
  steps: readonly LiveStep[],
  taps: readonly StepTap[],
  nowS: number,
): Projection {
  const done = new Map(taps.map((tap) => [tap.step, tap.atS]));
  const dueS = new Map<number, number>();
  const readyS = new Map<number, number>();
  const rounds = [...new Set(steps.map((step) => step.round))].sort((a, b) => a - b);
  let carryS = 0;
  for (const round of rounds) {
    const own = steps.filter((step) => step.round === round);
    const additions = own.filter(isAddition);
    const plannedReadyS = own.find(endsRound)?.atS ?? Math.max(...own.map((step) => step.atS));
    const shiftS = Math.max(carryS, boilDelayS(own, additions, done, carryS, nowS));

    let earliestS = -Infinity;
    let latestS = Infinity;
    for (const step of additions) {
      const inS = enteredS(step, done, shiftS, nowS);
      if (inS === undefined) continue;
      for (const piece of piecesOf(step, simmer)) {
        if (countsFromBoil(piece)) {
          const boiledS = cookingSinceS(piece, steps, done) ?? Math.max(nowS, piece.countsFromS + shiftS);
          earliestS = Math.max(earliestS, boiledS + elapsedFor(piece, Math.max(piece.leastS, piece.safeS)));
          continue;
        }
        earliestS = Math.max(earliestS, inS + elapsedFor(piece, Math.max(piece.leastS, piece.safeS)));
        if (done.has(step.step)) latestS = Math.min(latestS, inS + elapsedFor(piece, piece.mostS));
      }
    }
    const roundReadyS = Math.max(earliestS, Math.min(latestS, plannedReadyS + shiftS));
    readyS.set(round, roundReadyS);
    const roundShiftS = roundReadyS - plannedReadyS;
    for (const step of own) {
      const before = step.kind === 'light' || step.kind === 'boil';
      dueS.set(step.step, done.get(step.step) ?? step.atS + (before ? carryS : roundShiftS));
    }
    const end = own.find(endsRound);
    const servedS =
      (end && done.get(end.step)) ??
      (end && !done.has(end.step) ? Math.max(roundReadyS, carriedNow(own, done, nowS)) : roundReadyS);
    carryS = Math.max(0, servedS - plannedReadyS);
  }
  return { dueS, readyS };
}

/** A round that is ready and has not been lifted out yet holds up what comes after it. */
function carriedNow(own: readonly LiveStep[], done: ReadonlyMap<number, number>, nowS: number): number {
  const waitingForEnd = own.every((step) => endsRound(step) || done.has(step.step));
  return waitingForEnd ? nowS : -Infinity;
}

/** How much a late boil holds up the first addition. */
function boilDelayS(
  own: readonly LiveStep[],
  additions: readonly LiveStep[],
  done: ReadonlyMap<number, number>,
  carryS: number,
  nowS: number,
): number {
  return Math.max(
    carryS,
    ...own
      .filter((step) => step.kind === 'boil')
      .map((boil) => {
        const first = additions.find((step) => step.pan === boil.pan && step.atS >= boil.atS);
        const boiledS = done.get(boil.step) ?? Math.max(nowS, boil.atS + carryS);
        return boiledS - (first?.atS ?? boil.atS);
      }),
  );
}
