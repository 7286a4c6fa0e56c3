import { useWindowDimensions } from 'react-native';

/** Sizes of the usual letter, 16 pixels of the page, so that twice the text counts as half the screen. */
const LETTER_PX = 16;
/** From this width the pot stays in view beside the list that is worked on. */
const WIDE_LETTERS = 1000 / LETTER_PX;
/** From this width on three columns stand side by side. */
const VAST_LETTERS = 1600 / LETTER_PX;
/** Below this width seven names do not stand side by side. */
const NARROW_LETTERS = 300 / LETTER_PX;
/** Below this height bars give way before content does. */
const SHORT_LETTERS = 520 / LETTER_PX;

/** Below this height an upright phone has the button before the amounts. */
const LOW_LETTERS = 720 / LETTER_PX;

/** The names of the stages beside their pictures take this width. */
const BAR_LETTERS = 600 / LETTER_PX;

export interface ScreenRoom {
  wide: boolean;
  /** A screen on a table or a wall: three columns. */
  vast: boolean;
  narrow: boolean;
  /** As low as a phone on its side, or as any phone with very large letters. */
  short: boolean;
  /** As low as a small phone upright. */
  low: boolean;
  /** Too low for two lines of a bar and too narrow for one. */
  tight: boolean;
}

/** The size of a letter as its reader has set it, in pixels. */
const letterPx = () =>
  typeof document === 'undefined' ? LETTER_PX : parseFloat(getComputedStyle(document.documentElement).fontSize);

/** What there is room for, in screens and letters of `px`. */
export function roomFor(width: number, height: number, px: number): ScreenRoom {
  const letter = Number.isFinite(px) && px > 0 ? px : LETTER_PX;
  return {
    wide: width / letter >= WIDE_LETTERS,
    vast: width / letter >= VAST_LETTERS,
    narrow: width / letter < NARROW_LETTERS,
    short: height / letter < SHORT_LETTERS,
    low: height / letter < LOW_LETTERS,
    tight: height / letter < SHORT_LETTERS && width / letter < BAR_LETTERS,
  };
}

/** What this screen has room for, measured in the letters of whoever reads it. */
export function useScreen(): ScreenRoom {
  const { width, height } = useWindowDimensions();
  return roomFor(width, height, letterPx());
}
