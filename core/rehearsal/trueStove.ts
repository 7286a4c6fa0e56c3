import type { Act, ActOf } from '@elixa/contract';
import type { Pan } from '../diners/table';
import { cookedFor, isSafe, RAW, type Cooked, type Wanted } from '../doneness/wanted';
import { centreOf } from '../heat/conduction';
import type { RehearsedPot } from '../planEvening/rehearsed';
import { priorOf } from '../live/estimate';
import { reckonedOf } from '../pot/food';
import { simulate } from '../pot/simulate';
import {
  kitchenOf,
  massOf,
  plus,
  NOTHING,
  type Kitchen,
  type PotCourse,
  type PotState,
  type TimedAct,
} from '../pot/state';
import { hadPerS } from '../simmer/lead';
import { emptyPot } from '../simmer/rehearse';
import type { Draws } from './draws';
import { COOLER_K, WEAK_SHARE, WIND, type Mishap } from './mishaps';

/** Longest step of a rehearsed pot, in s: finer than that of a plan. */
const STEP_S = 2;
/** A pour by the jug is so much off, as a standard deviation of its logarithm. Kitchen estimate, 0.02-0.05. */
const POUR_SD = 0.03;
/** A kitchen of another structure: heavier and colder than it is told, its pieces thicker, and less like one another. */
const OTHER = { emptyMass: 1.2, colderK: 4, thicker: 1.04 };
/** The largest piece of a cut is really so much larger. Kitchen estimate, 1.05-1.2. */
const LARGEST = { alike: 1.12, unlike: 1.2 };
/** It is followed by itself, and weighs next to nothing in the pot. */
const FOLLOWED_G = 0.01;
const largestOf = (pieceId: string) => `${pieceId}, its largest`;

/** The largest piece of a cut, as hot as its middle really is. */
interface Largest {
  wanted: Wanted;
  cooked: Cooked;
  centreC: number;
  atS: number;
  safeAtS?: number;
}

/** How a piece really stands. */
export interface Stands {
  isSafe: boolean;
  /** By how much it is short of its window, or past it, in s. */
  lacksS: number;
  pastS: number;
}

interface TruePot {
  state: PotState;
  /** When it was first seen to boil since it was last disturbed. */
  boilsFromS?: number;
}

/** The stove as it really is in a rehearsal: nobody else knows its figures. */
export class TrueStove {
  private readonly pots = new Map<Pan, TruePot>();
  private readonly kitchen: Kitchen;
  private readonly isOther: boolean;
  private readonly pouredShare: number;
  private readonly largest = new Map<string, Largest>();
  private nowS = 0;

  constructor(
    private readonly pot: Pick<RehearsedPot, 'menu' | 'fit'>,
    draws: Draws,
    private readonly mishaps: ReadonlySet<Mishap>,
  ) {
    const { menu } = pot;
    const prior = priorOf(menu.evening.heatSource).covariance.map((row, at) => Math.sqrt(row[at]!));
    const share = (name: string, at: number) => Math.exp(draws.normal(name) * prior[at]!);
    const weak = mishaps.has('weakBurner') ? WEAK_SHARE : 1;
    this.kitchen = {
      ...kitchenOf(menu),
      usefulShare: share('useful', 0) * weak,
      lossShare: share('loss', 1),
      steamShare: share('steam', 2),
    };
    this.pouredShare = Math.exp(draws.normal('poured') * POUR_SD);
    this.isOther = draws.even('structure', 0, 1) < 0.5;
  }

  private begun(pan: Pan): TruePot | undefined {
    const known = this.pots.get(pan);
    if (known) return known;
    const empty = emptyPot(this.pot.menu, this.pot.fit, pan, this.nowS);
    if (!empty) return undefined;
    const { vessel, roomTempC, tempC } = empty;
    const state = this.isOther
      ? {
          ...empty,
          roomTempC: roomTempC - OTHER.colderK,
          tempC: tempC - OTHER.colderK,
          vessel: { ...vessel, emptyMassG: vessel.emptyMassG * OTHER.emptyMass },
        }
      : empty;
    const begun: TruePot = { state };
    this.pots.set(pan, begun);
    return begun;
  }

  /** What is really done when somebody says that it was. */
  private really(act: Act): Act[] {
    if (act.is === 'added') return this.added(act);
    if (act.is === 'liftedOut' || act.is === 'putBack') {
      return [{ ...act, pieceIds: act.pieceIds.flatMap((id) => [id, largestOf(id)]) }];
    }
    return [this.poured(act)];
  }

  private poured(act: Act): Act {
    if (act.is === 'poured') {
      const share = this.pouredShare;
      const coolerK = this.mishaps.has('lateBoil') && act.liquid !== 'jug' ? COOLER_K : 0;
      return {
        ...act,
        ml: act.ml * share,
        contents: plus(NOTHING, act.contents, share),
        tempC: Math.max(4, act.tempC - coolerK),
      };
    }
    return act;
  }

  private added(act: ActOf<'added'>): Act[] {
    const { catalogue } = this.pot.menu;
    const mm = act.thicknessMm ?? catalogue.byId(act.ingredientId).cuts[act.cut]?.thicknessMm;
    if (mm === undefined) return [act];
    const thicker = this.isOther ? OTHER.thicker : 1;
    const larger = this.isOther ? LARGEST.unlike : LARGEST.alike;
    const { wanted } = reckonedOf(catalogue, act);
    const own: Act = { ...act, thicknessMm: mm * thicker };
    if (!wanted.safe) return [own];
    this.largest.set(act.pieceId, { wanted, cooked: RAW, centreC: -273, atS: this.nowS });
    const followed = { ...act, pieceId: largestOf(act.pieceId), massG: FOLLOWED_G, thicknessMm: mm * larger };
    return [own, followed];
  }

  private kitchenAt(atS: number): Kitchen {
    const isGust = this.mishaps.has('wind') && atS >= WIND.fromS && atS < WIND.fromS + WIND.lastsS;
    return isGust ? { ...this.kitchen, usefulShare: this.kitchen.usefulShare * WIND.share } : this.kitchen;
  }

  private run(pan: Pan, one: TruePot, acts: readonly TimedAct[], toS: number): void {
    const course = simulate(one.state, acts, toS, { kitchen: this.kitchenAt(one.state.atS), stepS: STEP_S });
    const { state, boils } = course;
    this.follow(course);
    const on = boils.find((each) => each.toS === undefined);
    this.pots.set(pan, { state, boilsFromS: on?.fromS });
  }

  /** The largest piece of everything, over a stretch of its pot. */
  private follow({ samples }: PotCourse): void {
    for (const [id, one] of this.largest) {
      for (const { atS, pieces } of samples) {
        const sample = pieces.find((each) => each.id === largestOf(id));
        if (!sample) continue;
        const { centreC } = sample;
        const middleC = one.centreC < -200 ? centreC : (one.centreC + centreC) / 2;
        one.cooked = cookedFor(one.wanted, one.cooked, middleC, middleC, Math.max(0, atS - one.atS));
        one.centreC = centreC;
        one.atS = Math.max(one.atS, atS);
        if (one.safeAtS === undefined && isSafe(one.wanted, one.cooked)) one.safeAtS = atS;
      }
    }
  }

  /** Time goes on. */
  waitUntil(atS: number): void {
    for (const [pan, one] of this.pots) if (atS > one.state.atS) this.run(pan, one, [], atS);
    this.nowS = Math.max(this.nowS, atS);
  }

  /** Something is done at a pot, now. */
  do(pan: Pan, acts: readonly Act[]): void {
    const one = this.begun(pan);
    if (!one || acts.length === 0) return;
    const atS = one.state.atS;
    this.run(
      pan,
      one,
      acts.flatMap((act) => this.really(act)).map((act) => ({ atS, act })),
      atS,
    );
  }

  /** Since when a pot boils; nothing while it does not. */
  boilsFromS(pan: Pan): number | undefined {
    const one = this.pots.get(pan);
    return one && one.state.boilingS > 0 ? (one.boilsFromS ?? one.state.atS) : undefined;
  }

  /** When it boils next if nothing more is done, within so long. */
  boilsNextS(pan: Pan, withinS: number): number | undefined {
    const one = this.pots.get(pan);
    if (!one) return undefined;
    if (one.state.boilingS > 0) return one.state.atS;
    const { boils } = simulate(one.state, [], one.state.atS + withinS, {
      kitchen: this.kitchenAt(one.state.atS),
      isOver: (pot) => pot.boils,
    });
    return boils[0]?.fromS;
  }

  /** Liquid in a pot, in ml; none of one that is not on the stove. */
  liquidMl(pan: Pan): number | undefined {
    const one = this.pots.get(pan);
    return one && massOf(one.state.liquid);
  }

  tempC(pan: Pan): number | undefined {
    return this.pots.get(pan)?.state.tempC;
  }

  /** In the middle of the largest piece of something that is in a pot. */
  middleC(id: string): number | undefined {
    for (const { state } of this.pots.values()) {
      const inside = state.pieces.filter((one) => one.outAtS === undefined);
      const piece = inside.find((one) => one.pieceId === largestOf(id)) ?? inside.find((one) => one.pieceId === id);
      if (piece) return centreOf(piece.mean);
    }
    return undefined;
  }

  /** How a piece really stands now, in the pot or lifted out; nothing of what never went in. */
  stands(id: string): Stands | undefined {
    for (const { state } of this.pots.values()) {
      const piece = state.pieces.find((one) => one.pieceId === id);
      if (!piece) continue;
      const { wanted } = reckonedOf(this.pot.menu.catalogue, piece);
      const centreC = centreOf(piece.mean);
      const perS = hadPerS(wanted, centreC);
      const shortMin = Math.max(0, wanted.leastMin - piece.cooked.hadMin);
      const pastMin = Math.max(0, piece.cooked.hadMin - wanted.mostMin);
      const inS = (minutes: number) => (minutes > 0 ? minutes / Math.max(perS, 1e-9) : 0);
      return {
        isSafe: !wanted.safe || this.largest.get(id)?.safeAtS !== undefined,
        lacksS: inS(shortMin),
        pastS: inS(pastMin),
      };
    }
    return undefined;
  }
}
