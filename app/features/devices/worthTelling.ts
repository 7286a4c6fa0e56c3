/** A reading that was told. */
export interface Told {
  tempC: number;
  atMs: number;
}

/** A probe has come to its place after so long, and is told again so often, in ms: at once where it changes. */
const SETTLED_MS = 30_000;
const LEAST_MS = 20_000;
const MOST_MS = 60_000;
const CHANGED_C = 1.5;

/**
 * Whether a reading of a probe is worth a line of the log.
 * @param last what was told before, of the same place
 * @param sinceMs when it was stuck there
 */
export function isWorthTelling({ tempC, atMs }: Told, last: Told | undefined, sinceMs: number): boolean {
  if (!last) return atMs - sinceMs >= SETTLED_MS;
  const passedMs = atMs - last.atMs;
  return passedMs >= LEAST_MS && (passedMs >= MOST_MS || Math.abs(tempC - last.tempC) >= CHANGED_C);
}

/** What a report of a hob says that was told otherwise. */
const OTHER_SHARE = 0.15;

/**
 * Whether a hob is at another fire than was told. One that is held is turned up and down all the while: only that it is off is
 * another.
 */
export function isOtherFire(share: number, told: { share: number; holds?: unknown } | undefined): boolean {
  const before = told?.share ?? 0;
  if (told?.holds !== undefined && before > 0) return share === 0;
  return Math.abs(share - before) >= OTHER_SHARE;
}
