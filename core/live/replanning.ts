import type { Simmer } from '@elixa/contract';
import type { Menu } from '../evening/menu';
import type { SolvedLiquids } from '../planEvening/liquids/solveLiquids';
import { timedAgain } from '../planEvening/planPot';
import { correctionsFrom, objectiveOf } from '../planEvening/rehearsed';
import { courseOf, windowKey, type Corrections } from '../simmer/corrections';
import { AFTER_BOIL_S } from '../simmer/course';
import { TASTED_S } from '../simmer/problems';
import { rehearse, type Rehearsal } from '../simmer/rehearse';
import { fillingKey, type SimmerSoFar } from '../simmer/soFar';
import {
  isIn,
  leftOf,
  movedOn,
  readyInS,
  settledBy,
  spacedLike,
  withBeside,
  type PotNow,
  type Wanted,
} from './planSoFar';

/** Nothing new is asked for sooner than this, in s: the cook reads it, and reaches for it. Kitchen estimate, 10-20 s. */
const REACT_S = 15;
/** What is ready is lifted out so much later, in s, and what would be past its best so much sooner. */
const SPARE_S = 10;
/** A minute that people wait costs so much of a piece that is a minute out of its window. */
const WAIT_COSTS_PER_MIN = 0.3;
/** Times that differ by no more than this are one, in s. */
const SAME_S = 3;
/** By less than this nothing is moved: the round is lifted out so much later when the time has come, in s. */
export const WORTH_MOVING_S = 30;

/** A plan from now on, and what came of going through it. */
export interface Try {
  planned: SolvedLiquids;
  rehearsal: Rehearsal;
  corrections: Corrections;
  wanted: Wanted;
  objective: number;
}

/** Nobody tastes that something is past its best by so little. */
const isPast = ({ pieces }: Simmer, id: string, overAtS: number | undefined): boolean => {
  const piece = pieces.find((one) => one.id === id);
  return piece !== undefined && overAtS !== undefined && piece.outAtS - overAtS > TASTED_S;
};

export const isSameWanted = (a: Wanted, b: Wanted): boolean =>
  [...a.filledS, ...a.finishS].every((atS, index) => Math.abs(atS - [...b.filledS, ...b.finishS][index]!) < SAME_S);

/** The planner of a pot that is on the fire. */
export class Replanning {
  readonly settled: ReturnType<typeof settledBy>;
  private readonly toldReady: Wanted;
  private readonly menu: Menu;
  /** When what has begun and does not boil yet is going to. */
  private readonly boils = new Map<string, number>();

  constructor(private readonly now: PotNow) {
    this.settled = settledBy(now);
    this.menu = now.pot.menu;
    this.toldReady = readyInS(now.told.simmer);
  }

  private roundAt(index: number): number {
    return this.now.told.simmer.platedRounds + index;
  }

  private isServed(round: number): boolean {
    return this.settled.servedAtS.has(round);
  }

  /** As told, but for what was eaten at another time; or as soon as can be. */
  get firstWanted(): Wanted {
    const { filledS, finishS } = this.toldReady;
    const { nowS, soonest } = this.now;
    const all = [...filledS, ...finishS].map(
      (atS, index) => this.settled.servedAtS.get(this.roundAt(index)) ?? (soonest ? Math.min(atS, nowS) : atS),
    );
    const split = { filledS: all.slice(0, filledS.length), finishS: all.slice(filledS.length) };
    return spacedLike(this.toldReady, split);
  }

  private planAt(corrections: Corrections, { filledS, finishS }: Wanted): SolvedLiquids {
    const { pot } = this.now;
    const soFar: SimmerSoFar = {
      ...this.settled,
      boilAtS: new Map([...this.boils, ...this.settled.boilAtS]),
      filledAtS: filledS,
      finishReadyAtS: finishS,
    };
    return timedAgain(this.menu, pot.model, corrections, pot.gone.planned, soFar);
  }

  /**
   * So much later has a round to be ready for nothing of it to go in before now, or before its liquid boils; what is to go
   * in already, and has its least time all the same, goes in now.
   */
  private lacksS({ pieces, actions }: Simmer, round: number): number {
    const { now, settled } = this;
    const boils = actions.filter((one) => one.kind === 'boil' && one.round === round);
    const lacks = pieces.map((piece) => {
      if (piece.round !== round || isIn(now, settled.wentInAtS, piece) || piece.way === 'swished') return 0;
      const { outAtS, countsFromS, inAtS, cookS, leastS, safeS } = piece;
      // What lies in the pot before it boils goes in with what lights it.
      if (piece.way === 'seared' || countsFromS > inAtS) return now.nowS - inAtS;
      const boil = boils.find(({ pan }) => pan === piece.pan);
      // There is time to skim and to turn the fire down.
      const afterS = boil ? boil.atS + AFTER_BOIL_S : 0;
      const leastAtS = outAtS - Math.min(outAtS - inAtS, Math.max(leastS, safeS) + outAtS - countsFromS - cookS);
      return Math.max(now.nowS + REACT_S, afterS) - leastAtS;
    });
    return Math.max(0, ...lacks);
  }

  /** The same, as soon after as can be done. */
  inTime(corrections: Corrections, wanted: Wanted): { planned: SolvedLiquids; wanted: Wanted } {
    let at = wanted;
    for (;;) {
      const planned = this.planAt(corrections, at);
      const all = [...at.filledS, ...at.finishS];
      const index = all.findIndex((_, place) => {
        const round = this.roundAt(place);
        return !this.isServed(round) && this.lacksS(planned.simmer, round) > 1e-6;
      });
      if (index === -1) return { planned, wanted: at };
      all[index]! += this.lacksS(planned.simmer, this.roundAt(index));
      const { filledS } = this.toldReady;
      at = spacedLike(this.toldReady, { filledS: all.slice(0, filledS.length), finishS: all.slice(filledS.length) });
    }
  }

  /** The plan as it stands, moved on. */
  asTold(corrections: Corrections): Try {
    const planned = { ...this.now.pot.gone.planned, ...movedOn(this.now) };
    return this.gone(planned, readyInS(planned.simmer), corrections);
  }

  try(corrections: Corrections, from: Wanted, before?: Rehearsal): Try {
    const { planned, wanted } = this.inTime(corrections, from);
    return this.gone(planned, wanted, corrections, before);
  }

  private gone(alone: SolvedLiquids, wanted: Wanted, corrections: Corrections, before?: Rehearsal): Try {
    const { now, menu } = this;
    const planned = withBeside(alone, now.extras);
    const kitchens = new Map([...now.pots].map(([pan, { state, kitchen }]) => [pan, { start: state, kitchen }]));
    const rehearsal = rehearse(
      { menu, fit: planned.fit, simmer: planned.simmer, program: leftOf(planned.program, now), from: kitchens },
      before,
    );
    const waitsMin = Math.max(0, ...this.waitsS(wanted)) / 60;
    const objective = objectiveOf(menu, planned.simmer, rehearsal) + WAIT_COSTS_PER_MIN * waitsMin;
    return { planned, rehearsal, corrections, wanted, objective };
  }

  /** By how much later than told people eat. */
  private waitsS({ filledS, finishS }: Wanted): number[] {
    const told = [...this.toldReady.filledS, ...this.toldReady.finishS];
    return [...filledS, ...finishS].map((atS, index) => atS - told[index]!);
  }

  /** When a boil that is waited for comes, as the pot goes. @returns whether that is another time than it was planned for */
  foreseesBoil({ rehearsal, planned }: Try, withinS = SAME_S): boolean {
    let isOther = false;
    for (const line of planned.simmer.actions) {
      const key = fillingKey(line.pan, line.round);
      if (line.kind !== 'boil' || this.now.done.has(line.id) || !this.settled.begunAtS.has(key)) continue;
      const foundS = rehearsal.boilAtS.get(line.pan);
      const atS = foundS === undefined ? line.atS : Math.max(this.now.nowS, foundS);
      isOther ||= Math.abs(atS - line.atS) > withinS;
      this.boils.set(key, atS);
    }
    return isOther;
  }

  /** When each round would rather be ready, after one try. */
  better({ planned, rehearsal, wanted }: Try): Wanted {
    const { settled } = this;
    const told = [...this.firstWanted.filledS, ...this.firstWanted.finishS];
    const all = [...wanted.filledS, ...wanted.finishS].map((atS, index) => {
      const round = this.roundAt(index);
      if (this.isServed(round)) return atS;
      const lies = planned.simmer.pieces.filter((one) => one.round === round && settled.wentInAtS.has(one.id));
      const outcomes = lies.flatMap(({ id, outAtS }) => {
        const outcome = rehearsal.outcomes.get(id);
        const lateS = rehearsal.lateS.get(id) ?? 0;
        const throughS = this.now.throughAtS?.get(id) ?? -Infinity;
        const readyS = Math.max(throughS, lateS > 0 ? outAtS + lateS : (outcome?.readyAtS ?? -Infinity));
        return outcome ? [{ readyS, overS: outcome.overAtS ?? Infinity }] : [];
      });
      const leastS = Math.max(-Infinity, ...outcomes.map(({ readyS }) => readyS + SPARE_S));
      const mostS = Math.min(Infinity, ...outcomes.map(({ overS }) => overS - SPARE_S));
      // What is past its best already is lifted out now, and no earlier.
      return Math.max(leastS, Math.min(told[index]!, Math.max(mostS, this.now.nowS)));
    });
    const { filledS } = this.toldReady;
    return spacedLike(this.toldReady, { filledS: all.slice(0, filledS.length), finishS: all.slice(filledS.length) });
  }

  /** Whether nothing is told to be ready before its gate opens. */
  isThrough({ planned }: Try): boolean {
    return planned.simmer.pieces.every(({ id, outAtS, round }) => {
      const throughS = this.now.throughAtS?.get(id);
      return throughS === undefined || this.isServed(round) || throughS <= outAtS + WORTH_MOVING_S;
    });
  }

  /** Whether everything comes out safe and in its window. */
  isClean(one: Try): boolean {
    const { planned, rehearsal } = one;
    const { simmer } = planned;
    const isOut = [...rehearsal.outcomes].some(
      ([id, { safe, inWindow, overAtS }]) =>
        (!(safe && inWindow) && (rehearsal.lateS.get(id) ?? 0) > WORTH_MOVING_S) || isPast(simmer, id, overAtS),
    );
    return !isOut && this.isThrough(one);
  }

  /** What the windows are found to be, beside those that are known. */
  learnt({ planned, rehearsal, corrections }: Try): Corrections {
    // What is in the pot goes in no more: only what is to come is looked at.
    const { simmer } = planned;
    const left = simmer.pieces.filter((one) => !isIn(this.now, this.settled.wentInAtS, one));
    const alone = { ...planned, simmer: { ...simmer, pieces: left } };
    const found = correctionsFrom(this.menu, { planned: alone, rehearsal, corrections });
    const windows = left.flatMap((piece) => {
      const key = windowKey(courseOf(simmer, piece.round), piece);
      const window = found.windows.get(key);
      return window ? [[key, window] as const] : [];
    });
    return { ...corrections, windows: new Map([...corrections.windows, ...windows]), floorsS: found.floorsS };
  }
}
