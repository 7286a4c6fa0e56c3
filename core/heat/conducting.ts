import { FREEZES_C, type Freezing } from './composition';
import {
  factorInto,
  FROM_FIRST,
  FROM_START,
  gridOf,
  plainFactor,
  solved,
  STAGE_SHARE,
  surfaceM2PerKg,
  type Body,
  type Factor,
  type Grid,
  type Profile,
} from './conduction';

/**
 * A body that is heated step by step in the same place, so that a pot that is followed for hours leaves nothing behind: TR-BDF2,
 * with the bath found between the two halves of a stage, since what the body draws cools it.
 *
 * A step is: `beginFirst`; `drawsPerK` and `drawsAtZero` until the bath is known; `settleFirst`; `beginSecond`; the bath
 * again; `settleSecond`.
 */
abstract class Stepped {
  /** °C from the middle to the surface. */
  readonly temps: Float64Array;
  /** Heat that a kilogram holds, in J, counted from 0 °C, or from its freezing point while there is ice in it. */
  heatJPerKg = 0;
  protected readonly grid: Grid;
  protected readonly first: Float64Array;
  /** Each node at the end of the stage is `p + q·bath`. */
  protected readonly p: Float64Array;
  /** W/K that a kilogram takes up over its surface, for a film of 1 W/(m²·K). */
  private readonly perKgAndFilm: number;

  constructor(
    readonly body: Body,
    profile: ArrayLike<number>,
  ) {
    this.grid = gridOf(body);
    this.temps = Float64Array.from(profile);
    this.first = new Float64Array(profile.length);
    this.p = new Float64Array(profile.length);
    this.perKgAndFilm = surfaceM2PerKg(body) * (body.faster ?? 1);
  }

  get centreC(): number {
    return this.temps[0]!;
  }

  get profile(): Profile {
    const { temps } = this;
    // A checkpoint copies every body; going over a typed array by its iterator is slow.
    const copy = new Array<number>(temps.length);
    for (let i = 0; i < temps.length; i += 1) copy[i] = temps[i]!;
    return copy;
  }

  /** Mean temperature by volume, in °C. */
  get meanC(): number {
    const { volume } = this.grid;
    const { temps } = this;
    let sum = 0;
    let all = 0;
    for (let i = 0; i < temps.length; i += 1) {
      sum += volume[i]! * temps[i]!;
      all += volume[i]!;
    }
    return sum / all;
  }

  /** W into a kilogram at a film of `h`, from a bath of so many °C. */
  drawnW(h: number, bathC: number): number {
    return this.perKgAndFilm * h * (bathC - this.temps[this.temps.length - 1]!);
  }

  /** W/K that a kilogram draws more of a bath a degree warmer at the end of this stage. */
  drawsPerK(h: number): number {
    return this.perKgAndFilm * h * (1 - this.surfaceQ);
  }

  /** W that a kilogram would draw of a bath of 0 °C. */
  drawsAtZero(h: number): number {
    return -this.perKgAndFilm * h * this.p[this.p.length - 1]!;
  }

  settleFirst(stepS: number, h: number, bathC: number): void {
    this.settle(this.first, stepS, h, bathC);
  }

  settleSecond(stepS: number, h: number, bathC: number): void {
    this.settle(this.temps, stepS, h, bathC);
    this.count();
  }

  /** A step in a bath that is known: at its beginning, at the first stage's end and at the end. */
  step(stepS: number, h: number, beginC: number, firstC: number, endC: number): void {
    this.beginFirst(stepS, h, beginC);
    this.settleFirst(stepS, h, firstC);
    this.beginSecond(stepS, h);
    this.settleSecond(stepS, h, endC);
  }

  abstract beginFirst(stepS: number, h: number, bathC: number): void;
  abstract beginSecond(stepS: number, h: number): void;
  /** Where the answer to the bath holds near one temperature alone, it is asked again about that of this bath. */
  abstract askAgain(stepS: number, h: number, bathC: number): void;
  abstract readonly hasIce: boolean;
  protected abstract readonly surfaceQ: number;
  protected abstract settle(into: Float64Array, stepS: number, h: number, bathC: number): void;
  /** Counts the heat that it holds. */
  protected abstract count(): void;
}

/** A body without ice: its matrix is worked out once for a step and a film. */
class Thawed extends Stepped {
  readonly hasIce = false;
  private factor: Factor | undefined;
  private factorKey = NaN;

  constructor(body: Body, profile: ArrayLike<number>) {
    super(body, profile);
    this.count();
  }

  private factorOf(stepS: number, h: number): Factor {
    const key = stepS * 1e5 + h;
    if (this.factorKey !== key) {
      this.factor = plainFactor(this.body, stepS, h);
      this.factorKey = key;
    }
    return this.factor!;
  }

  protected get surfaceQ(): number {
    const { q } = this.factor!;
    return q[q.length - 1]!;
  }

  beginFirst(stepS: number, h: number, bathC: number): void {
    const factor = this.factorOf(stepS, h);
    const { capacity } = this.grid;
    const { temps, p } = this;
    const { below, toBath } = factor;
    const last = temps.length - 1;
    // What flows into each node in half a stage; `below` is what links it to the node under it, for as long.
    let under = 0;
    for (let i = 0; i < last; i += 1) {
      const over = below[i + 1]! * (temps[i + 1]! - temps[i]!);
      p[i] = capacity[i]! * temps[i]! + over - under;
      under = over;
    }
    p[last] = capacity[last]! * temps[last]! + toBath * (bathC - temps[last]!) - under;
    solved(factor, p);
  }

  beginSecond(stepS: number, h: number): void {
    const { capacity } = this.grid;
    const { temps, first, p } = this;
    for (let i = 0; i < p.length; i += 1) p[i] = capacity[i]! * (FROM_FIRST * first[i]! - FROM_START * temps[i]!);
    solved(this.factorOf(stepS, h), p);
  }

  askAgain(): void {
    // Its answer holds for every bath.
  }

  protected settle(into: Float64Array, _stepS: number, _h: number, bathC: number): void {
    const { p } = this;
    const { q } = this.factor!;
    for (let i = 0; i < p.length; i += 1) into[i] = p[i]! + q[i]! * bathC;
  }

  protected count(): void {
    this.heatJPerKg = this.body.cp * this.meanC;
  }
}

/** Newton's steps over the jump at the freezing point are held to it. */
const MELTING_PASSES = 25;
const SETTLED_C = 1e-4;

/** A body with ice in it: what a degree more takes up, and how it conducts, change as it melts. */
class Frozen extends Stepped {
  readonly hasIce = true;
  /** Enthalpies that a stage starts from, in J/kg, and temperatures that its end is guessed at. */
  private readonly start: Float64Array;
  private readonly guess: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly links: Float64Array;
  private readonly factor: Factor;
  private readonly freezing: Freezing;

  constructor(body: Body, profile: ArrayLike<number>) {
    super(body, profile);
    const nodes = profile.length;
    const fresh = () => new Float64Array(nodes);
    [this.start, this.guess, this.diagonal] = [fresh(), fresh(), fresh()];
    this.links = new Float64Array(nodes - 1);
    this.factor = { upper: fresh(), pivot: fresh(), below: fresh(), q: fresh(), toBath: 0 };
    this.freezing = body.freezing!;
    this.count();
  }

  protected get surfaceQ(): number {
    const { q } = this.factor;
    return q[q.length - 1]!;
  }

  beginFirst(stepS: number, h: number, bathC: number): void {
    const { temps, start, guess, grid, body, freezing } = this;
    const { rho, faster = 1 } = body;
    const s = STAGE_SHARE * stepS;
    const last = temps.length - 1;
    let under = 0;
    for (let i = 0; i <= last; i += 1) {
      const over =
        i < last
          ? faster *
            freezing.conductivity((temps[i]! + temps[i + 1]!) / 2) *
            grid.link[i]! *
            (temps[i + 1]! - temps[i]!)
          : faster * h * (bathC - temps[i]!);
      start[i] = freezing.enthalpyJPerKg(temps[i]!) + (s * (over - under)) / (rho * grid.volume[i]!);
      under = over;
    }
    guess.set(temps);
    this.ask(stepS, h);
  }

  beginSecond(stepS: number, h: number): void {
    const { temps, first, start, guess, freezing } = this;
    for (let i = 0; i < start.length; i += 1) {
      start[i] = FROM_FIRST * freezing.enthalpyJPerKg(first[i]!) - FROM_START * freezing.enthalpyJPerKg(temps[i]!);
    }
    guess.set(first);
    this.ask(stepS, h);
  }

  /** The answer to the bath about the temperatures that are guessed at. */
  private ask(stepS: number, h: number): void {
    const { grid, body, freezing, start, guess, diagonal, links, factor, p } = this;
    const s = STAGE_SHARE * stepS * (body.faster ?? 1);
    for (let i = 0; i < guess.length; i += 1) {
      const at = guess[i]!;
      const mass = body.rho * grid.volume[i]!;
      const capacity = mass * freezing.capacityJPerKgK(at);
      diagonal[i] = capacity;
      p[i] = mass * (start[i]! - freezing.enthalpyJPerKg(at)) + capacity * at;
      if (i < links.length) links[i] = s * freezing.conductivity((at + guess[i + 1]!) / 2) * grid.link[i]!;
    }
    factorInto(factor, diagonal, links, s * h);
    solved(factor, p);
  }

  askAgain(stepS: number, h: number, bathC: number): void {
    this.answerInto(this.guess, bathC);
    this.ask(stepS, h);
  }

  private answerInto(into: Float64Array, bathC: number): void {
    const { p, factor } = this;
    for (let i = 0; i < p.length; i += 1) into[i] = p[i]! + factor.q[i]! * bathC;
  }

  protected settle(into: Float64Array, stepS: number, h: number, bathC: number): void {
    const { guess, p, factor } = this;
    for (let pass = 0; pass < MELTING_PASSES; pass += 1) {
      let moved = 0;
      for (let i = 0; i < p.length; i += 1) {
        const was = guess[i]!;
        const tempC = p[i]! + factor.q[i]! * bathC;
        const crosses = (was < FREEZES_C && tempC > FREEZES_C) || (was > FREEZES_C && tempC < FREEZES_C);
        const next = crosses ? FREEZES_C : tempC;
        moved = Math.max(moved, Math.abs(next - was));
        guess[i] = next;
      }
      if (moved < SETTLED_C) break;
      this.ask(stepS, h);
    }
    into.set(guess);
  }

  protected count(): void {
    const { temps, grid, freezing } = this;
    let sum = 0;
    let all = 0;
    for (let i = 0; i < temps.length; i += 1) {
      sum += grid.volume[i]! * freezing.enthalpyJPerKg(temps[i]!);
      all += grid.volume[i]!;
    }
    this.heatJPerKg = sum / all;
  }
}

export type Conducting = Stepped;

/** A body to be heated step by step, from a profile on. */
export const conducting = (body: Body, profile: ArrayLike<number>): Conducting =>
  body.freezing ? new Frozen(body, profile) : new Thawed(body, profile);

/**
 * One step of conduction in a bath whose temperature is known, by TR-BDF2: implicit, of second order, and stable for any
 * step, so that a thin slice and a thick root go in the same step.
 * @param bath temperature of the bath in °C at the beginning, at the first stage's end and at the end
 */
export function stepBody(
  body: Body,
  profile: Profile,
  stepS: number,
  h: number,
  bath: readonly [number, number, number],
): Profile {
  const one = conducting(body, profile);
  one.step(stepS, h, bath[0], bath[1], bath[2]);
  return one.profile;
}
