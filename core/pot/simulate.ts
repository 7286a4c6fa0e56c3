import equal from 'fast-deep-equal';
import { Running } from './running';
import {
  USUAL_KITCHEN,
  type Checkpoint,
  type PotCourse,
  type Kitchen,
  type PotState,
  type Sample,
  type TimedAct,
} from './state';

/** Steps in s; an act always falls on the end of one. */
const STEP_S = 4;
/** While ice melts in a piece its front goes from node to node, and a step is taken in so many parts; in one just in, in more. */
const THAWING_PARTS = { fresh: 4, later: 2 };
/** What has just gone in changes fast: for so long, in s, a step is taken in so many parts. */
const FRESH_S = 48;
const FRESH_PARTS = 2;
/** When nothing was done for so long, in s, all changes slowly, and a step is so many times as long. */
const CALM_AFTER_S = 150;
const CALM_TIMES = 2;
/** A sample for each of these, in s. */
const SAMPLE_S = 10;

/** Parts that a step is taken in. */
function partsOf(running: Running, sinceActedS: number): number {
  const isFresh = sinceActedS < FRESH_S && running.lying.length > 0;
  if (running.thaws) return isFresh ? THAWING_PARTS.fresh : THAWING_PARTS.later;
  if (isFresh) return FRESH_PARTS;
  return sinceActedS >= CALM_AFTER_S ? 1 / CALM_TIMES : 1;
}

/** Acts in the order in which they are done; of one moment in that in which they are given. */
export const inOrder = <T extends TimedAct>(acts: readonly T[]): T[] => [...acts].sort((a, b) => a.atS - b.atS);

/** A pot that goes through a program. */
class Going {
  private readonly running: Running;
  private readonly samples: Sample[];
  private readonly boils: Array<{ fromS: number; toS?: number }>;
  private readonly checkpoints: Checkpoint[];
  private next: number;
  /** Acts that wait for the boil, by their place. */
  private waiting: number[];
  private actedAtS: number;
  private sampleAtS: number;

  /** @param from where another course through the same acts so far has been, and its samples and checkpoints until then */
  constructor(
    private readonly due: readonly TimedAct[],
    private readonly stepS: number,
    kitchen: Kitchen,
    from: Checkpoint,
    before?: PotCourse,
  ) {
    this.running = new Running(from.state, kitchen);
    this.next = from.next;
    this.waiting = [...from.waiting];
    this.actedAtS = from.actedAtS;
    this.sampleAtS = from.sampleAtS;
    this.boils = from.boils.map((one) => ({ ...one }));
    this.samples = before ? before.samples.slice(0, from.samples) : [];
    this.checkpoints = before ? before.checkpoints.filter((one) => one.next < from.next) : [];
  }

  private keep(): void {
    this.checkpoints.push({
      state: this.running.state,
      next: this.next,
      waiting: [...this.waiting],
      actedAtS: this.actedAtS,
      sampleAtS: this.sampleAtS,
      samples: this.samples.length,
      boils: this.boils.map((one) => ({ ...one })),
    });
  }

  private do(act: TimedAct): void {
    this.running.act(act.act);
    this.actedAtS = this.running.atS;
  }

  /** Does what is due by now; what hangs on the boil waits for it from now on. */
  act(): void {
    const { running, due } = this;
    if (this.next < due.length && due[this.next]!.atS <= running.atS + 1e-9) this.keep();
    for (; this.next < due.length && due[this.next]!.atS <= running.atS + 1e-9; this.next += 1) {
      const one = due[this.next]!;
      // What boils already is not waited for: a little liquid may be over it before the next step ends.
      if (one.on === 'boil' && !running.boils) this.waiting.push(this.next);
      else this.do(one);
    }
  }

  private actAtBoil(): void {
    if (!this.running.boils || this.waiting.length === 0) return;
    const waited = this.waiting;
    this.waiting = [];
    for (const place of waited) this.do(this.due[place]!);
  }

  note(): void {
    const { running, boils } = this;
    const last = boils.at(-1);
    const isOn = last !== undefined && last.toS === undefined;
    if (running.boils && !isOn) boils.push({ fromS: running.atS - running.pot.boilingS });
    if (!running.boils && isOn) last.toS = running.atS;
  }

  sample(): void {
    this.samples.push(this.running.sample);
    this.sampleAtS = this.running.atS + SAMPLE_S;
  }

  step(untilS: number): void {
    const { running, due } = this;
    const next = due[this.next];
    // What hangs on the boil takes no step of its own.
    const toS = next ? Math.min(untilS, next.atS) : untilS;
    running.step(Math.min(this.stepS / partsOf(running, running.atS - this.actedAtS), toS - running.atS));
    this.actAtBoil();
    const isDue = next !== undefined && next.atS <= running.atS + 1e-9;
    // As it stands before anything is done to it.
    if (isDue || running.atS >= this.sampleAtS - 1e-9 || running.atS >= untilS - 1e-9) this.sample();
    this.act();
    this.note();
  }

  through(untilS: number, isOver?: (pot: Running) => boolean): PotCourse {
    const { running, samples, boils, checkpoints } = this;
    while (running.atS < untilS - 1e-9 && !isOver?.(running)) this.step(untilS);
    return { state: running.state, samples, boils, checkpoints };
  }
}

export interface Simulating {
  /** Longest usual step, in s. */
  stepS?: number;
  kitchen?: Kitchen;
  /** Where nothing more is to be seen, it ends before its time. */
  isOver?: (pot: Running) => boolean;
}

function checked(pot: PotState, acts: readonly TimedAct[], untilS: number): void {
  if (!(untilS >= pot.atS)) throw new RangeError(`untilS must not lie before the beginning at ${pot.atS} s`);
  const early = acts.find((one) => one.atS < pot.atS - 1e-6);
  if (early) throw new RangeError(`"${early.act.is}" at ${early.atS} s lies before the beginning at ${pot.atS} s`);
}

/**
 * The course of a pot under a program of acts: temperature of the liquid, the middle of every piece, how done and how
 * safe each is, level and strength. Liquid and vessel are one lump: (m cp)·dT/dt = ηP − losses − Σ hA(T − Tₛ); at the boil T
 * stands and what is over goes into steam. Pieces are conducted into by TR-BDF2 with the bath of the same step; steps of
 * 4 s, shorter after an act and twice as long when nothing was done for a while.
 * @param pot where it begins; a state that another course ended with goes on from there
 * @param acts what is done, at seconds of the same clock, in any order; none before the beginning
 * @param untilS when it ends
 * @returns the state then, a sample for each ten seconds and before each act, and when it boiled
 * @throws RangeError when nobody knows what goes in, or how long a meat or fish of it takes, the end lies before the beginning, or
 *   an act does
 * @example simulate(pot, [{ atS: 0, act: { is: 'heat', share: 1 } }], 600).state.tempC
 */
export function simulate(
  pot: PotState,
  acts: readonly TimedAct[],
  untilS: number,
  { stepS = STEP_S, kitchen = USUAL_KITCHEN, isOver }: Simulating = {},
): PotCourse {
  checked(pot, acts, untilS);
  const boils = pot.boilingS > 0 ? [{ fromS: pot.atS - pot.boilingS }] : [];
  const at = { next: 0, waiting: [], actedAtS: pot.atS, sampleAtS: pot.atS, samples: 0, boils };
  const going = new Going(inOrder(acts), stepS, kitchen, { ...at, state: pot });
  going.act();
  going.note();
  going.sample();
  return going.through(untilS, isOver);
}

const isSameAct = (a: TimedAct | undefined, b: TimedAct | undefined): boolean => a !== undefined && equal(a, b);

/**
 * The same as `simulate`, for a program much like one that a pot of the same beginning has gone through: what comes before
 * the first act that differs is not simulated again.
 * @param before the course of the other program, its acts in order
 */
export function simulateAgain(
  before: { course: PotCourse; acts: readonly TimedAct[] },
  acts: readonly TimedAct[],
  untilS: number,
  { stepS = STEP_S, kitchen = USUAL_KITCHEN }: Omit<Simulating, 'isOver'> = {},
): PotCourse | undefined {
  const ordered = inOrder(acts);
  let same = 0;
  while (isSameAct(before.acts[same], ordered[same])) same += 1;
  const from = before.course.checkpoints.findLast((one) => one.next < same && one.state.atS < untilS);
  if (!from) return undefined;
  const going = new Going(ordered, stepS, kitchen, from, before.course);
  going.act();
  going.note();
  if (from.samples === 0) going.sample();
  return going.through(untilS);
}
