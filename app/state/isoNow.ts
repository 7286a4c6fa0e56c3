/** A moment to the millisecond, as an event carries it. */
export const isoNow = (now: Date) => now.toISOString();
