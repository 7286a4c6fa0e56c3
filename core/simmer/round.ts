import type { Way } from '../evening/portions';
import type { CookWindow } from './additionModel';

/** Something that goes in, with the place of its stage in the order of the style. */
export interface Going {
  ingredientId: string;
  cut: string;
  massG: number;
  way: Way;
  stageId: string;
  order: number;
  /** It lies in the pot from before the boil. */
  fromCold: boolean;
  /** Nothing of another stage goes in with it. */
  apart: boolean;
  /** How many times before it something is done with what is in the pot: nothing goes in together across that. */
  part: number;
}

export type GroupPiece = Going & { cookS: number; window: CookWindow };

export interface RoundGroup {
  /** Seconds before everything is lifted out. */
  beforeReadyS: number;
  /** Seconds that the pot does not boil after it went in. */
  recoveryS: number;
  pieces: GroupPiece[];
}

/** The additions of one round in one pan, back from the moment it is lifted out. */
export interface TimedRound {
  /** What lies in it from before the boil; its time counts from there. */
  cold?: RoundGroup;
  /** What goes in after the boil, first to last. */
  groups: RoundGroup[];
  /** From the boil to the moment that it is lifted out, with time to skim and turn down. */
  boiledS: number;
  /** As many additions as the cheapest plan costs at least, as the windows of the things are. */
  leastGroups: number;
}
