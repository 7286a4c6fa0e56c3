import type { ProbePlace, ProbeReading } from '@elixa/contract';
import { dropOuts, standIn, steadyNoise, type Device, type StandInOptions } from './device';

/** A thermometer with a probe that is read as a stream. */
export interface ProbeThermometer extends Device<ProbeReading> {
  /** Sticks it into something by order, as only a stand-in can. */
  putInto?(place: ProbePlace): void;
}

export type StandInProbe = Required<ProbeThermometer>;

const EVERY_MS = 1000;
/** It comes two thirds of the way to a new temperature in so long, and trembles by so much; ordinary kitchen probes. */
const LAG_MS = 8000;
const NOISE_C = 0.6;
/** Shown to a tenth of a degree. */
const PER_C = 10;
const ROOM_C = 20;

/**
 * The stand-in: it lags, trembles, and drops out now and then.
 * @param warmthOf how warm it is in truth where it is stuck into, in °C; nothing where there is nothing
 */
export function standInProbe(
  warmthOf: (place: ProbePlace) => Promise<number | undefined>,
  { nowMs = Date.now, noise = steadyNoise(), everyMs = EVERY_MS, onFailed }: StandInOptions = {},
): StandInProbe {
  let place: ProbePlace | undefined;
  let shownC = ROOM_C;
  let lastMs = nowMs();
  const isOut = dropOuts(noise);

  async function read(): Promise<ProbeReading | undefined> {
    const truthC = (place && (await warmthOf(place))) ?? ROOM_C;
    const now = nowMs();
    const passedMs = Math.max(0, now - lastMs);
    lastMs = now;
    shownC += (truthC - shownC) * (1 - Math.exp(-passedMs / LAG_MS));
    const rawC = shownC + (noise() + noise() - 1) * 2 * NOISE_C;
    return isOut() ? undefined : { atMs: now, tempC: Math.round(rawC * PER_C) / PER_C };
  }

  return {
    ...standIn(read, {
      everyMs,
      onFailed,
      onFirst() {
        lastMs = nowMs();
      },
    }),
    putInto(into) {
      place = into;
    },
  };
}
