import type { SimmerPiece } from '@elixa/contract';
import type { Catalogue } from '../catalogue/catalogue';
import type { Pan } from '../diners/table';
import type { PotOnBurner } from '../heat/burner';

/** Which filling of a pan: its first, a later one, or the finish. */
export type CourseOf = 'first' | 'later' | 'finish';

/** A pan on its burner, in its kitchen, and how hot its broth gets. */
export interface PanContext extends PotOnBurner {
  boilingC: number;
  /** All that may be cooked in it. */
  catalogue: Catalogue;
  /** Which pan of the evening it is, and which of its fillings is planned. */
  pan?: Pan;
  course?: CourseOf;
}

/** How long a cut wants, in seconds, and the sign that it is done. */
export interface CookWindow {
  leastS: number;
  bestS: number;
  mostS: number;
  safeS: number;
  sign: string;
  /** It is by the clock: what cold spells and a fire that is turned off take is in it. */
  byClock?: true;
  /** It is given its best time at least: an animal food is not lifted out sooner for the sake of a tender leaf. */
  wantsBest?: true;
  /** Where it really begins and ends, if it was drawn in or out to be on the safe side or to put more in together. */
  edges?: { leastS: number; mostS: number };
}

export interface Load {
  ingredientId: string;
  /** How it is cut, which tells what it goes in as. */
  cut?: string;
  massG: number;
}

/** How a pot stands before it is heated: how warm its liquid is, and what lies in it already. */
export interface Start {
  fromC: number;
  loads: readonly Load[];
  /** It was heated dry. */
  panIsHot: boolean;
}

/**
 * What planning needs to know of the physics. The table of times fills it today; an engine that solves the heat in pot
 * and pieces can take its place without a change to the planner.
 */
export interface AdditionModel {
  /** Plans nothing that the first version of the program did not: for what was cooked with it. */
  asInVersion1?: true;
  readonly id: string;
  /** @throws RangeError when it knows nothing of this cut cooked in this way */
  cookWindow(ingredientId: string, cut: string, pan: PanContext, way?: SimmerPiece['way']): CookWindow;
  /** Seconds before its round is ready that a thing goes in because the cook says so. */
  inPotS?(ingredientId: string, cut: string): number | undefined;
  /** Seconds until the liquid boils. */
  toBoilS(brothMl: number, pan: PanContext, start: Start): number;
  /** What a pan loses in each course until the next, most of it as steam, in g, where that is known better than by the time at the table. */
  lostG?(pan: Pan): readonly number[] | undefined;
  /** Share of the room of the main pot that its levels are planned with, where it stood over its mark. */
  usableShare?: number;
  /** Seconds until the pot boils again after these things went in together. */
  recoveryS(loads: readonly Load[], pan: PanContext): number;
}
