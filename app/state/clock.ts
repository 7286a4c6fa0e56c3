/** A difference smaller than this is the time that an answer took. */
const LEAST_MS = 1500;
/** A clock that is further off did not go wrong: it was set. The log has its own order then. */
const MOST_MS = 26 * 3_600_000;

let offsetMs = 0;

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

/** The time by the server's clock, as far as it is known; several devices then mean the same by it. */
export const nowMs = (): number => Date.now() + offsetMs;
