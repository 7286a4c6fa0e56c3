import { Running } from './running';
import type { Course, PotAction, PotState, Sample } from './state';

/** Steps in s; an action always falls on the end of one. */
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

/**
 * The course of a pot under a program of actions: temperature of the liquid, the middle of every piece, how done and how
 * safe each is, level and strength. Liquid and vessel are one lump: (m cp)·dT/dt = ηP − losses − Σ hA(T − Tₛ); at the boil T
 * stands and what is over goes into steam. Pieces are conducted into by TR-BDF2 with the bath of the same step; steps of
 * 4 s, shorter before an action and twice as long when nothing was done for a while.
 * @param pot where it begins; a state that another course ended with goes on from there
 * @param program what is done, at seconds of the same clock, in any order
 * @param untilS when it ends
 * @returns the state then, a sample for each ten seconds, and when it boiled
 * @throws RangeError when nobody knows what goes in, or the end lies before the beginning
 * @example simulate(pot, [{ atS: 0, kind: 'heat', power: 1 }], 600).state.tempC
 */
export function simulate(pot: PotState, program: readonly PotAction[], untilS: number, stepS = STEP_S): Course {
  if (!(untilS >= pot.atS)) throw new RangeError(`untilS must not lie before the beginning at ${pot.atS} s`);
  const due = program.filter((one) => one.atS >= pot.atS && one.atS <= untilS).sort((a, b) => a.atS - b.atS);
  const samples: Sample[] = [];
  const boils: Array<{ fromS: number; toS?: number }> = pot.boilingS > 0 ? [{ fromS: pot.atS - pot.boilingS }] : [];
  const running = new Running(pot);
  let next = 0;
  let actedAtS = pot.atS;
  const act = () => {
    for (; next < due.length && due[next]!.atS <= running.atS + 1e-9; next += 1) {
      running.act(due[next]!);
      actedAtS = running.atS;
    }
  };
  const note = () => {
    const last = boils.at(-1);
    const isOn = last !== undefined && last.toS === undefined;
    // It began within the step: in the middle of it as likely as not.
    if (running.boils && !isOn) boils.push({ fromS: running.atS - running.pot.boilingS / 2 });
    if (!running.boils && isOn) last.toS = running.atS;
  };
  act();
  note();
  samples.push(running.sample);
  let sampleAtS = running.atS + SAMPLE_S;
  while (running.atS < untilS - 1e-9) {
    const toS = Math.min(untilS, next < due.length ? due[next]!.atS : untilS);
    running.step(Math.min(stepS / partsOf(running, running.atS - actedAtS), toS - running.atS));
    act();
    note();
    if (running.atS >= sampleAtS - 1e-9 || running.atS >= untilS - 1e-9) {
      samples.push(running.sample);
      sampleAtS += SAMPLE_S;
    }
  }
  return { state: running.state, samples, boils };
}
