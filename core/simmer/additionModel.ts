import type { SimmerPiece } from '@elixa/contract';
import type { PotOnBurner } from '../heat/burner';

/** A pan on its burner, in its kitchen, and how hot its broth gets. */
export interface PanContext extends PotOnBurner {
  boilingC: number;
}

/** How long a cut wants, in seconds, and the sign that it is done. */
export interface CookWindow {
  leastS: number;
  bestS: number;
  mostS: number;
  safeS: number;
  sign: string;
}

export interface Load {
  ingredientId: string;
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
  /** Seconds until the liquid boils. */
  toBoilS(brothMl: number, pan: PanContext, start: Start): number;
  /** Seconds until the pot boils again after these things went in together. */
  recoveryS(loads: readonly Load[], pan: PanContext): number;
}
