/** Something outside that tells of itself again and again. A real one and a stand-in speak through the same interface. */
export interface Device<Reading> {
  /** Calls back with every reading until the returned function is called. */
  listen(onReading: (reading: Reading) => void): () => void;
}

/** A steady source of numbers from 0 to 1. */
export type Noise = () => number;

/** A linear congruential generator (Park and Miller): the same noise at every start. */
export function steadyNoise(seed = 1): Noise {
  let state = seed;
  const next = () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
  // The first of a small seed are next to nothing.
  for (let skipped = 0; skipped < 8; skipped += 1) next();
  return next;
}

/** What a stand-in is made of: its clock in ms, its noise, and how often it reads. */
export interface StandInOptions {
  nowMs?: () => number;
  noise?: Noise;
  everyMs?: number;
  /** A reading failed: it is missing, and the next is tried all the same. */
  onFailed?: (error: unknown) => void;
}

/** A reading, or none where it drops out just then. */
type Read<Reading> = () => Reading | undefined | Promise<Reading | undefined>;

interface Reads {
  everyMs: number;
  /** It is switched on. */
  onFirst?: () => void;
  onFailed?: StandInOptions['onFailed'];
}

const warn = (error: unknown) => console.warn('A practice device reads nothing', error);

/** A stand-in that reads as long as somebody listens. */
export function standIn<Reading>(read: Read<Reading>, { everyMs, onFirst, onFailed = warn }: Reads): Device<Reading> {
  const listeners = new Set<(reading: Reading) => void>();
  let timer: NodeJS.Timeout | undefined;
  let isReading = false;
  const tell = (reading: Reading | undefined) => {
    if (reading !== undefined) for (const listener of listeners) listener(reading);
  };
  const tick = () => {
    if (isReading) return;
    const reading = read();
    if (!(reading instanceof Promise)) {
      tell(reading);
      return;
    }
    isReading = true;
    void reading
      .then(tell)
      .catch(onFailed)
      .finally(() => {
        isReading = false;
      });
  };
  return {
    listen(onReading) {
      listeners.add(onReading);
      if (!timer) onFirst?.();
      timer ??= setInterval(tick, everyMs);
      return () => {
        listeners.delete(onReading);
        if (listeners.size > 0 || !timer) return;
        clearInterval(timer);
        timer = undefined;
      };
    },
  };
}

/** Chance that a reading is the first of a gap, and how many are missing then. */
const DROPS_OUT = 0.01;
const GAP_READINGS = 8;

/** Gaps as a radio has them. @returns whether a reading is missing */
export function dropOuts(noise: Noise): () => boolean {
  let left = 0;
  return () => {
    if (left === 0 && noise() < DROPS_OUT) left = GAP_READINGS;
    if (left === 0) return false;
    left -= 1;
    return true;
  };
}
