import type { ScaleReading } from '@elixa/contract';
import { standIn, steadyNoise, type Device, type StandInOptions } from './device';

/** A kitchen scale that is read as a stream. */
export interface KitchenScale extends Device<ScaleReading> {
  /** Makes what lies on it now count as nothing. */
  tare(): void;
  /** Puts something on it by order, as only a stand-in can. */
  pour?(massG: number): void;
}

/** A scale that ships with the server: what is poured on it is said, not weighed. */
export type StandInScale = Required<KitchenScale>;

const EVERY_MS = 200;
/** Time in which it comes two thirds of the way to a new load. */
const SETTLES_MS = 350;
/** Noise of a reading, and creep of the zero in a minute; ordinary kitchen scales, in g. */
const NOISE_G = 0.3;
const DRIFT_G_PER_MIN = 0.4;
const RESOLUTION_G = 0.5;
const STABLE_WITHIN_G = 0.8;
const STABLE_READINGS = 4;

/** The stand-in: it settles slowly, trembles, creeps, and says when it has come to rest. */
export function standInScale({
  nowMs = Date.now,
  noise = steadyNoise(),
  everyMs = EVERY_MS,
}: StandInOptions = {}): StandInScale {
  let loadG = 0;
  let shownG = 0;
  let zeroG = 0;
  let lastMs = nowMs();
  /** What lay on it when it was last told that this is nothing. */
  let tareG = 0;
  let recent: number[] = [];

  function read(): ScaleReading {
    const now = nowMs();
    const passedMs = Math.max(0, now - lastMs);
    lastMs = now;
    shownG += (loadG - shownG) * (1 - Math.exp(-passedMs / SETTLES_MS));
    // As long as nothing was put on since, its zero follows the creep, as kitchen scales' zeros do.
    if (loadG === tareG) zeroG = shownG;
    else zeroG -= (DRIFT_G_PER_MIN * passedMs) / 60_000;
    const rawG = shownG - zeroG + (noise() - 0.5) * 2 * NOISE_G;
    recent = [...recent, rawG].slice(-STABLE_READINGS);
    const stable = recent.length === STABLE_READINGS && Math.max(...recent) - Math.min(...recent) <= STABLE_WITHIN_G;
    return { atMs: now, massG: Math.round(rawG / RESOLUTION_G) * RESOLUTION_G, stable };
  }

  return {
    ...standIn(read, {
      everyMs,
      onFirst() {
        // Switched on, it begins at nothing; what passed while it was off is no creep.
        lastMs = nowMs();
        recent = [];
      },
    }),
    tare() {
      tareG = loadG;
      zeroG = loadG;
      shownG = loadG;
      recent = [];
    },
    pour(massG) {
      loadG = Math.max(0, loadG + massG);
      recent = [];
    },
  };
}
