import type { Action, PlannedAct, PotPlan, PotProgram, Simmer, SimmerPiece } from '@elixa/contract';
import type { Pan } from '../diners/table';
import type { RehearsedPot } from '../planEvening/rehearsed';
import type { PlannedSimmer } from '../simmer/planSimmer';
import { fillingKey, type SimmerSoFar } from '../simmer/soFar';
import type { PotInKitchen } from './estimate';
import { expected } from './restOf';

/** A pot that is cooked, as it is known at a moment. */
export interface PotNow {
  /** The evening, planned and gone through before it was lit. */
  pot: RehearsedPot;
  /** The pots that are on the fire, as they most probably are now. */
  pots: ReadonlyMap<Pan, PotInKitchen>;
  /** The plan that it is cooked by. */
  told: Pick<PotPlan, 'simmer' | 'program'>;
  /** When each line of it was done, by its id, in s on the pot's clock. */
  done: ReadonlyMap<string, number>;
  nowS: number;
  /** When what lies in the pots is cooked through for certain, by its id, in s; nothing of what is not soon. */
  throughAtS?: ReadonlyMap<string, number>;
  /** What lies in the pots beside the plan. */
  extras?: readonly SimmerPiece[];
  /** People would rather eat as soon as can be. */
  soonest?: boolean;
}

/** A plan with what lies in its pots beside it: that is lifted out with the round into which it went. */
export function withBeside<Planned extends { simmer: Simmer }>(
  planned: Planned,
  extras: readonly SimmerPiece[] = [],
): Planned {
  if (extras.length === 0) return planned;
  const { simmer } = planned;
  const beside = extras.map((piece) => {
    const outAtS = simmer.readyAtS[piece.round - 1] ?? simmer.endsAtS;
    return { ...piece, outAtS, cookS: outAtS - piece.inAtS };
  });
  return { ...planned, simmer: { ...simmer, pieces: [...simmer.pieces, ...beside] } };
}

/** When each round of a plan is ready, fillings first, then every go of the finish. */
export function readyInS({ readyAtS, platedRounds, actions, endsAtS }: Simmer): {
  filledS: number[];
  finishS: number[];
} {
  const finishes = actions.filter(({ kind, round, pan }) => {
    return pan === 'main' && round > readyAtS.length && (kind === 'serve' || kind === 'off');
  });
  return {
    filledS: readyAtS.slice(platedRounds - 1),
    finishS: finishes.map(({ kind, atS }) => (kind === 'off' ? endsAtS : atS)),
  };
}

const ends = ({ kind }: Action) => kind === 'serve' || kind === 'off';

/** What of a plan was done, by what its lines do. */
export function settledBy({ told, done, pots, nowS }: PotNow): Omit<SimmerSoFar, 'filledAtS' | 'finishReadyAtS'> & {
  servedAtS: ReadonlyMap<number, number>;
} {
  const { actions, platedRounds } = told.simmer;
  const lines = actions.flatMap((line) => {
    const atS = done.get(line.id);
    return atS === undefined ? [] : [{ ...line, atS }];
  });
  const begun = lines.filter(({ kind, empties }) => kind === 'light' || empties);
  const served = new Map(lines.filter(ends).map(({ round, atS }) => [round, atS]));
  return {
    nowS,
    servedAtS: served,
    searedAtS: platedRounds > 1 ? served.get(1) : undefined,
    begunAtS: new Map(
      begun.map(({ kind, pan, round, atS }) => [fillingKey(pan, kind === 'light' ? platedRounds : round), atS]),
    ),
    boilAtS: new Map(
      lines.filter(({ kind }) => kind === 'boil').map(({ pan, round, atS }) => [fillingKey(pan, round), atS]),
    ),
    wentInAtS: new Map(
      [...pots.values()].flatMap(({ state }) => state.pieces.map((one) => [one.pieceId, one.inAtS] as const)),
    ),
  };
}

/** Whether a piece of a plan went in already: into a bath, or with a line that was done. */
export const isIn = (now: PotNow, wentInAtS: ReadonlyMap<string, number>, { id }: SimmerPiece): boolean =>
  wentInAtS.has(id) || now.told.simmer.actions.some((line) => line.pieceId === id && now.done.has(line.id));

/** Who took a pot off its fire puts it back within so long, in s. Kitchen estimate, 30-120 s. */
const BACK_ON_S = 60;

/** The fire as it was told last, where it was put out since without being asked for. */
function fireAgain({ told, done, pots, nowS }: PotNow): PlannedAct[] {
  return [...pots].flatMap(([pan, { state }]): PlannedAct[] => {
    const fires = told.program.acts.filter(
      ({ act, potId, actionId }) => potId === pan && act.is === 'heat' && done.has(actionId),
    );
    const last = fires.sort((a, b) => done.get(a.actionId)! - done.get(b.actionId)! || a.atS - b.atS).at(-1);
    if (last?.act.is !== 'heat' || last.act.share === 0 || state.power > 0) return [];
    const id = `back-on-${pan}-${Math.round(nowS)}`;
    return [{ ...last, id, actionId: id, on: undefined, atS: nowS + BACK_ON_S }];
  });
}

/** What is left to do of a program, none of it before now. */
export function leftOf(program: PotProgram, now: PotNow): PotProgram {
  const { done, nowS } = now;
  const acts = program.acts.filter(({ actionId }) => !done.has(actionId));
  const open = acts.map((one): PlannedAct => ({ ...one, atS: Math.max(nowS, one.atS) }));
  return { ...program, acts: [...fireAgain(now), ...open] };
}

/** When each round is to be ready, its number before it; those of the fillings first. */
export interface Wanted {
  filledS: readonly number[];
  finishS: readonly number[];
}

/** How long after the round before each is planned at least, as it is told. */
export function spacedLike(told: Wanted, at: Wanted): Wanted {
  const before = [...told.filledS, ...told.finishS];
  const now = [...at.filledS, ...at.finishS];
  for (let index = 1; index < now.length; index += 1) {
    now[index] = Math.max(now[index]!, now[index - 1]! + before[index]! - before[index - 1]!);
  }
  return { filledS: now.slice(0, told.filledS.length), finishS: now.slice(told.filledS.length) };
}

/** The plan that is cooked by, with everything of it moved as late boils and entries move it. */
export function movedOn({ told, done, nowS }: PotNow): Pick<PlannedSimmer, 'simmer' | 'program'> {
  const { simmer, program } = told;
  const { dueS, readyS } = expected(told, done, nowS);
  const lineOf = new Map(simmer.actions.flatMap((one) => (one.pieceId ? [[one.pieceId, one.id] as const] : [])));
  const movesS = (id: string, atS: number) => (dueS.get(id) ?? atS) - atS;
  const actions = simmer.actions.map((one) => ({ ...one, atS: dueS.get(one.id) ?? one.atS }));
  const boilS = (pan: string, round: number) =>
    actions.find((one) => one.kind === 'boil' && one.pan === pan && one.round === round)?.atS;
  const pieces = simmer.pieces.map((piece) => {
    const inAtS = piece.inAtS + movesS(lineOf.get(piece.id) ?? '', piece.inAtS);
    const isFromCold = piece.countsFromS > piece.inAtS;
    const countsFromS = isFromCold ? (boilS(piece.pan, piece.round) ?? piece.countsFromS) : inAtS;
    return { ...piece, inAtS, countsFromS, outAtS: readyS.get(piece.round) ?? piece.outAtS };
  });
  const acts = program.acts.map((one) => ({ ...one, atS: one.atS + movesS(one.actionId, one.atS) }));
  const ready = simmer.readyAtS.map((atS, index) => readyS.get(index + 1) ?? atS);
  const ends = actions.find(({ kind }) => kind === 'off')?.atS ?? simmer.endsAtS;
  return {
    simmer: { ...simmer, actions, pieces, readyAtS: ready, endsAtS: ends },
    program: { ...program, acts: acts.sort((a, b) => a.atS - b.atS) },
  };
}
