import type { Pour, Stage } from '../catalogue/style';
import type { PanFit } from '../arrange/fit';
import { volumeBelowMl } from '../arrange/vesselShape';
import { filledVolumeMl } from '../arrange/fit';
import type { Helping } from '../diners/helpings';
import { sum } from '../measures/sum';

/**
 * Liquid that leaves the pot with a gram of food, in ml: broth in bowls and dips, 0.15-0.4; of little sauce or juice that the
 * food lies in, what clings to it, 0.03-0.1. Kitchen estimates.
 */
const LADLED_ML_PER_G = { broth: 0.25, clinging: 0.06 } as const;
const LADLED_OUT: readonly Pour['kind'][] = ['cover', 'underTop'];

/** What leaves a pot with a gram of its food, in ml, by how it was poured. */
export const ladledMlPerG = ({ kind }: Pick<Pour, 'kind'>): number =>
  LADLED_ML_PER_G[LADLED_OUT.includes(kind) ? 'broth' : 'clinging'];

/** What the food of one round does to the level. */
export interface CourseFood {
  solidsMl: number;
  releasedMl: number;
  ladledMl: number;
  /** What noodles and rice drink of it. */
  drunkMl: number;
  /** Liquid that there is to be for it, where that is more than what happens to be there. */
  wantsMl?: number;
}

/** What goes into the pot in one of so many rounds, as it changes the level. */
export function courseFood(helpings: readonly Helping[], rounds: number, pour: Pick<Pour, 'kind'>): CourseFood {
  const massG = sum(helpings.map((one) => one.massG));
  const releasedG = sum(helpings.map((one) => one.massG * one.what.releasedShare));
  return {
    solidsMl: filledVolumeMl(helpings) / rounds,
    releasedMl: releasedG / rounds,
    ladledMl: (massG * ladledMlPerG(pour)) / rounds,
    drunkMl: sum(helpings.map((one) => one.massG * (one.what.drinksMlPerG ?? 0))) / rounds,
  };
}

/** Of what is in the pot no more is drunk than this share, so that the food stays covered. Kitchen estimate. */
const MOST_DRUNK = 0.4;

/** Broth that people drink at a stage, in ml. */
export const drunkAtMl = ({ drinksMlPerHead = 0 }: Stage, heads: number, { potBrothMl }: PanFit): number =>
  Math.min(drinksMlPerHead * heads, potBrothMl * MOST_DRUNK);

/** A pot that waits over a flame stands no lower than this, in mm. Kitchen estimate, 10-20. */
export const LEAST_MM = 15;

/** Less than this is not worth a ladle. */
export const WORTH_POURING_ML = 25;
const worthIt = (ml: number): number => (ml < WORTH_POURING_ML ? 0 : ml);

/** The broth at the start of a course: what was poured in or ladled out first, and what there then is. */
export interface Level {
  pourMl: number;
  ladleOutMl: number;
  /** What was ladled into the jug before each filling, back into the pot for the finish. */
  jugMl: number;
  /** Hot water, where the reserve is not enough for what comes next. */
  waterMl: number;
  brothMl: number;
}

/**
 * The level of the broth over an evening. Before each course the pot is brought back to its mark, the broth that leaves
 * room for the food: from the reserve by what was ladled out and boiled off, or, where the food gave more than that,
 * by ladling out; by no less than is worth a ladle. What food gives as water it loses in size, so that a course never rises
 * over where it started. A pot that is poured anew is emptied into the jug before each filling; that is the best broth, and
 * carries the finish before anything else.
 * @param courses the rounds and then the finish, in order
 * @param lostMl in each course until the next, most of it as steam; for what is not said of, the last again
 * @param isKept hot water keeps the pot from running dry
 * @param fillings so many of the courses begin with an empty pot; one where the pot is brought back to its mark instead
 * @returns one level for each course; the first is what the pot is filled to
 */
export function brothLevels(
  fit: PanFit,
  courses: readonly CourseFood[],
  lostMl: readonly number[],
  { kind }: Pour,
  { isKept = true, fillings = 1 } = {},
): Level[] {
  let brothMl = fit.potBrothMl;
  let reserveMl = fit.reserveMl;
  let inJugMl = 0;
  return courses.map(({ solidsMl, releasedMl, ladledMl, drunkMl, wantsMl = 0 }, index) => {
    const spaceMl = Math.max(0, fit.usableMl - solidsMl);
    // What is not to be covered goes back to what was poured at first.
    const usualMl = kind === 'cover' || kind === 'underTop' ? spaceMl : Math.min(spaceMl, fit.potBrothMl);
    const roomMl = Math.max(usualMl, Math.min(spaceMl, wantsMl));
    const isFilled = index > 0 && index < fillings;
    if (isFilled) {
      inJugMl += brothMl;
      brothMl = 0;
    }
    const lacksMl = Math.max(0, (isFilled ? fit.potBrothMl : roomMl) - brothMl);
    const jugMl = index === 0 || isFilled ? 0 : worthIt(Math.min(inJugMl, lacksMl));
    inJugMl -= jugMl;
    const pourMl = index === 0 ? 0 : worthIt(Math.min(reserveMl, lacksMl - jugMl));
    // What is poured at first was fitted to the pot already.
    const ladleOutMl = index === 0 || isFilled ? 0 : worthIt(Math.max(0, brothMl - spaceMl));
    const afterMl = brothMl + jugMl + pourMl - ladleOutMl;
    // Where the reserve is used up hot water keeps the pot from running dry.
    const leastMl = isKept && LADLED_OUT.includes(kind) ? volumeBelowMl(fit.vessel, LEAST_MM) : 0;
    const waterMl = index === 0 ? 0 : worthIt(Math.max(0, Math.min(spaceMl, Math.max(wantsMl, leastMl)) - afterMl));
    brothMl = afterMl + waterMl;
    reserveMl += ladleOutMl - pourMl;
    const level = { pourMl, ladleOutMl, jugMl, waterMl, brothMl };
    brothMl = Math.max(0, brothMl + releasedMl - drunkMl - (lostMl[index] ?? lostMl.at(-1) ?? 0) - ladledMl);
    return level;
  });
}
