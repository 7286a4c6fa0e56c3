import type { Act, PlannedAct, PotPlan, SimmerPiece } from '@elixa/contract';
import { doneAtS, doneLines } from './doneLines';
import type { LiveState } from './foldLive';

/** What of a plan is done with one line of it. */
interface Line {
  id: string;
  atS: number;
  round: number;
  potId: string;
  /** Lights a burner, or waits for the boil: it moves with nothing of its own round. */
  isBefore: boolean;
  boils: boolean;
  ends: boolean;
  pieces: SimmerPiece[];
}

export interface Expected {
  /** When each line is due now, in seconds on the pot's clock, by its id. What was done keeps the time when it was. */
  dueS: ReadonlyMap<string, number>;
  /** When each round is ready now, by its number; the finish counts as the round after the last. */
  readyS: ReadonlyMap<number, number>;
}

type Cooked = Pick<PotPlan, 'program' | 'simmer'>;

/** What begins to cook with an act: in the broth, or on the hot pan. */
function putInWith(act: Act): readonly string[] {
  if (act.is === 'dryWork') return act.pieceIds ?? [];
  return act.is === 'added' ? [act.pieceId] : [];
}

/** The lines of a plan, by what their acts do. */
function linesOf({ program, simmer }: Cooked): Line[] {
  const pieces = new Map(simmer.pieces.map((piece) => [piece.id, piece]));
  const byLine = new Map<string, PlannedAct[]>();
  for (const one of program.acts) byLine.set(one.actionId, [...(byLine.get(one.actionId) ?? []), one]);
  return [...byLine.entries()].map(([id, acts]) => {
    const { atS, round, potId } = acts[0]!;
    const boils = acts.some(({ on }) => on === 'boil');
    return {
      id,
      atS,
      round,
      potId,
      boils,
      isBefore: boils || acts.some(({ act }) => act.is === 'light'),
      ends: acts.some(({ act }) => act.is === 'served'),
      pieces: [...new Set(acts.flatMap(({ act }) => putInWith(act)))].flatMap((pieceId) => pieces.get(pieceId) ?? []),
    };
  });
}

/** Time in the pot that gives a piece a certain simmering time, cold spells counted as they were planned. */
const elapsedFor = (piece: SimmerPiece, cookS: number) => cookS + (piece.outAtS - piece.countsFromS - piece.cookS);

/** A piece that lies in the pot from before the boil cooks from then on. */
const countsFromBoil = (piece: SimmerPiece) => piece.countsFromS > piece.inAtS;

type Done = ReadonlyMap<string, number>;

function cookingSince(piece: SimmerPiece, lines: readonly Line[], done: Done): number | undefined {
  const own = lines.find(({ pieces }) => pieces.some(({ id }) => id === piece.id));
  const inS = own && done.get(own.id);
  if (inS === undefined || !countsFromBoil(piece)) return inS;
  const boil = lines.find((one) => one.boils && one.potId === piece.pan && one.round === piece.round);
  return boil && done.get(boil.id);
}

/**
 * When the cooking of each piece of a plan began: when it went in, or for what lay in the pot cold, when it boiled.
 * @returns by the piece's id; none where that has not happened
 */
export function cookingSinceS(plan: Cooked, done: Done): ReadonlyMap<string, number> {
  const lines = linesOf(plan);
  return new Map(
    plan.simmer.pieces.flatMap((piece) => {
      const sinceS = cookingSince(piece, lines, done);
      return sinceS === undefined ? [] : [[piece.id, sinceS] as const];
    }),
  );
}

/** When an addition really goes in: when that was told, or now when it is overdue. */
function enteredS(line: Line, done: Done, shiftS: number, nowS: number): number | undefined {
  const toldS = done.get(line.id);
  if (toldS !== undefined) return toldS;
  return nowS > line.atS + shiftS ? nowS : undefined;
}

/** How much a late boil holds up the first addition. */
function boilDelayS(
  own: readonly Line[],
  additions: readonly Line[],
  done: Done,
  carryS: number,
  nowS: number,
): number {
  const delays = own.flatMap((boil) => {
    if (!boil.boils) return [];
    const first = additions.find((line) => line.potId === boil.potId && line.atS >= boil.atS);
    const boiledS = done.get(boil.id) ?? Math.max(nowS, boil.atS + carryS);
    return boiledS - (first?.atS ?? boil.atS);
  });
  return Math.max(carryS, ...delays);
}

/** A round that is ready and has not been lifted out yet holds up what comes after it. */
function carriedNow(own: readonly Line[], done: Done, nowS: number): number {
  return own.every((line) => line.ends || done.has(line.id)) ? nowS : -Infinity;
}

/**
 * A plan as it stands after what has really happened.
 *
 * A round is lifted out when it was planned, unless something in it would not have had its least time (then later) or
 * would have had more than it stands (then earlier); the least time wins, since it is also the safe one. Later rounds
 * move back with a late one and never forward with an early one.
 * @param done when each line was done, by its id, in seconds on the pot's clock
 * @param nowS the pot's clock in seconds
 */
export function expected(plan: Cooked, done: Done, nowS: number): Expected {
  const lines = linesOf(plan);
  const dueS = new Map<string, number>();
  const readyS = new Map<number, number>();
  const rounds = [...new Set(lines.map(({ round }) => round))].sort((a, b) => a - b);
  let carryS = 0;
  for (const round of rounds) {
    const own = lines.filter((line) => line.round === round);
    const additions = own.filter(({ pieces }) => pieces.length > 0);
    const end = own.find(({ ends }) => ends);
    const plannedReadyS = end?.atS ?? Math.max(...own.map(({ atS }) => atS));
    const shiftS = Math.max(carryS, boilDelayS(own, additions, done, carryS, nowS));

    let earliestS = -Infinity;
    let latestS = Infinity;
    for (const line of additions) {
      const inS = enteredS(line, done, shiftS, nowS);
      if (inS === undefined) continue;
      for (const piece of line.pieces) {
        const isCold = countsFromBoil(piece);
        const sinceS = isCold ? (cookingSince(piece, lines, done) ?? Math.max(nowS, piece.countsFromS + shiftS)) : inS;
        earliestS = Math.max(earliestS, sinceS + elapsedFor(piece, Math.max(piece.leastS, piece.safeS)));
        if (!isCold && done.has(line.id)) latestS = Math.min(latestS, inS + elapsedFor(piece, piece.mostS));
      }
    }
    const roundReadyS = Math.max(earliestS, Math.min(latestS, plannedReadyS + shiftS));
    readyS.set(round, roundReadyS);
    const roundShiftS = roundReadyS - plannedReadyS;
    for (const line of own) dueS.set(line.id, done.get(line.id) ?? line.atS + (line.isBefore ? carryS : roundShiftS));
    const servedS = end ? (done.get(end.id) ?? Math.max(roundReadyS, carriedNow(own, done, nowS))) : roundReadyS;
    carryS = Math.max(0, servedS - plannedReadyS);
  }
  return { dueS, readyS };
}

/**
 * What is left of the plan that is cooked by, after what has happened: the acts of every line that was not done, moved as
 * late boils and entries move their rounds; least and safe times hold.
 * @param nowS the pot's clock in s
 * @returns none where nothing is cooked
 */
export function restOf(state: LiveState, nowS: number): PlannedAct[] {
  const { started } = state;
  if (!started) return [];
  const done = doneAtS(doneLines(state));
  const { dueS } = expected(started.plan, done, nowS);
  const movedS = (one: PlannedAct) => (dueS.get(one.actionId) ?? one.atS) - one.atS;
  return started.plan.program.acts
    .filter(({ actionId }) => !done.has(actionId))
    .map((one) => ({ ...one, atS: Math.max(nowS, one.atS + movedS(one)) }))
    .sort((a, b) => a.atS - b.atS);
}
