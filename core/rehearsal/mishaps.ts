/** What can go wrong on an evening that is rehearsed. */
export const MISHAPS = [
  'weakBurner',
  'wind',
  'lateBoil',
  'forgottenLid',
  'forgotten',
  'early',
  'frozen',
  'lateGuests',
  'boilOver',
  'phoneAsleep',
] as const;
export type Mishap = (typeof MISHAPS)[number];

/** The burner brings so much of what it is told to bring; a gust takes so much of it, from then on for so long, in s. */
export const WEAK_SHARE = 0.65;
export const WIND = { share: 0.6, fromS: 120, lastsS: 480 };
/** Broth that was to be poured hot is poured so much cooler, in K. */
export const COOLER_K = 35;
/** Somebody finds what was forgotten after so long, in s. */
export const FOUND_AFTER_S = 240;
/** Guests come so much later, in s. */
export const GUESTS_LATE_S = 600;
/** A pot that boils over is off the fire for so long, in s. */
export const OFF_FIRE_S = 60;
/** Nobody looks at the phone for so long, in s. */
export const ASLEEP_S = 420;
