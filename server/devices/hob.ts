import type { HobReport } from '@elixa/contract';
import { dropOuts, standIn, steadyNoise, type Device, type StandInOptions } from './device';

/** A hob that says how far it is turned up, and can be told. */
export interface Hob extends Device<HobReport> {
  set(share: number): void;
  /** Turns its knob by hand, as only a stand-in can be made to. */
  turn?(share: number): void;
}

export type StandInHob = Required<Hob>;

const EVERY_MS = 1000;
/** Its knob has so many steps to full power. */
const STEPS = 20;
/** What it is told it does after so long. */
const OBEYS_MS = 1500;

/**
 * The stand-in: it obeys late, in steps, and drops out now and then.
 * @param onTurned the fire under the practice pot is another one
 */
export function standInHob(
  onTurned: (share: number) => void,
  { nowMs = Date.now, noise = steadyNoise(5), everyMs = EVERY_MS }: StandInOptions = {},
): StandInHob {
  let share = 0;
  let told: { share: number; fromMs: number } | undefined;
  const isOut = dropOuts(noise);
  const inSteps = (wanted: number) => Math.round(wanted * STEPS) / STEPS;
  function read(): HobReport | undefined {
    const atMs = nowMs();
    if (told && atMs >= told.fromMs) {
      share = told.share;
      told = undefined;
    }
    return isOut() ? undefined : { atMs, share };
  }
  return {
    ...standIn(read, { everyMs }),
    set(wanted) {
      told = { share: inSteps(wanted), fromMs: nowMs() + OBEYS_MS };
    },
    turn(wanted) {
      share = inSteps(wanted);
      told = undefined;
      onTurned(share);
    },
  };
}
