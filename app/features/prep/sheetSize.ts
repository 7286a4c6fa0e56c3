/** What stands on the sheet to print, as its words. */
export interface SheetWords {
  opening: string;
  /** What is measured for each liquid. */
  liquids: readonly string[];
  /** What is done, a row each. */
  rows: readonly string[];
  counter: string;
  /** What goes into the pot when, in one paragraph. */
  simmer: string;
  cautions: string;
}

/** The printed area of the smaller of the two usual papers in each direction, in CSS px inside margins of 12 mm. */
const PAGE = { width: 700, height: 955 };
/** Measures at full size, in CSS px: the sheet's own, and a letter on the average. */
const LETTER = 7.9;
const LINE = 20;
const TITLE = 36;
const HEADING = 28;
const SECTION_GAP = 20;
const LIQUID_GAP = 8;
const ROW_PADDING = 9;
const ROW_LEAST = 24;
const ROW_COLUMNS = 213;
const SECTIONS = 6;

/** In hundredths of full size. */
const MOST = 85;
const LEAST = 50;

/** How high the sheet becomes at a size. @returns CSS px */
function heightAt(size: number, { opening, liquids, rows, counter, simmer, cautions }: SheetWords): number {
  const lines = (words: string, width: number) => Math.ceil((words.length * LETTER) / width);
  const width = PAGE.width / size;
  const paragraph = (words: string) => lines(words, width) * LINE;
  const inRows = rows.reduce(
    (sum, words) => sum + Math.max(ROW_LEAST, lines(words, width - ROW_COLUMNS) * LINE) + ROW_PADDING,
    0,
  );
  const inLiquids = liquids.reduce((sum, words) => sum + paragraph(words) + LIQUID_GAP, 0);
  const around = TITLE + 4 * HEADING + SECTIONS * SECTION_GAP;
  return (
    size *
    (around + paragraph(opening) + inLiquids + inRows + paragraph(counter) + paragraph(simmer) + paragraph(cautions))
  );
}

/**
 * The size at which a sheet fills one page and no more, as a share of full size.
 * @returns from 0.5, below which nobody reads it at the stove, to 0.85
 */
export function sheetSize(words: SheetWords): number {
  const sizes = Array.from({ length: MOST - LEAST + 1 }, (_, index) => (MOST - index) / 100);
  return sizes.find((size) => heightAt(size, words) <= PAGE.height) ?? LEAST / 100;
}
