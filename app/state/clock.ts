/** A difference smaller than this is the time that an answer took. */
const LEAST_MS = 1500;
/** A clock that is further off did not go wrong: it was set. The log has its own order then. */
const MOST_MS = 26 * 3_600_000;

let offsetMs = 0;

/** This device's own clock, which may be wrong. */
export const deviceMs = (): number => Date.now();

/** The time by the server's clock, as far as it is known; several devices then mean the same by it. */
const houseMs = (): number => deviceMs() + offsetMs;

/** A time that runs by itself, from a moment on, so many times as fast as the clock on the wall. */
interface Running {
  sinceMs: number;
  atMs: number;
  rate: number;
}
let running: Running | undefined;

/**
 * Compares this device's clock with the server's, at an answer.
 * @param date when the server says that it answered, to the second
 * @param askedMs and `answeredMs` by this device's clock
 */
export function compareClocks(date: string | null | undefined, askedMs: number, answeredMs: number): void {
  const thereMs = Date.parse(date ?? '');
  if (Number.isNaN(thereMs)) return;
  const off = thereMs + 500 - (askedMs + answeredMs) / 2;
  offsetMs = Math.abs(off) < LEAST_MS || Math.abs(off) > MOST_MS ? 0 : off;
}

/** The one time of the application, in ms; nothing else asks what time it is. */
export const nowMs = (): number => (running ? running.atMs + (houseMs() - running.sinceMs) * running.rate : houseMs());

export const nowDate = (): Date => new Date(nowMs());

/** The moment to the millisecond, as an event carries it. */
export const nowIso = (): string => nowDate().toISOString();

/**
 * Lets the time run faster or slower from now on, or from another moment.
 * @param rate so many times as fast; 0 stands still
 */
export function runClock(rate: number, atMs = nowMs()): void {
  running = { sinceMs: houseMs(), atMs, rate };
}

/** The time of the house again. */
export function followHouse(): void {
  running = undefined;
}
