import type { Fit, PanFit } from '../arrange/fit';
import type { HeldBack } from '../catalogue/formula';
import type { Side } from '../diners/sides';
import type { Pan } from '../diners/table';
import type { Menu } from '../evening/menu';
import { sum } from '../measures/sum';
import type { AdditionModel, PanContext } from './additionModel';
import type { Course } from './course';
import type { Level } from './levels';

export interface SimmerQuestion {
  menu: Menu;
  fit: Fit;
  model: AdditionModel;
}

/** What of a broth is held back, in g in a ml of all of it. */
export interface HeldBroth {
  held: HeldBack;
  parts: ReadonlyArray<{ ingredientId: string; gPerMl: number }>;
  /** Of which of two broths in one pot. */
  side?: Side;
}

/** Broth of a pan with all that belongs to it, in % by mass, and what of it goes in later. */
export interface BrothStrength {
  saltPct: number;
  sugarPct: number;
  held: readonly HeldBroth[];
  /** There is milk of some kind in it from the start, which splits at a hard boil. */
  splits: boolean;
}

/** Share of a broth that is held back. */
export const heldShareOf = (held: readonly HeldBroth[]): number =>
  Math.min(1, sum(held.flatMap(({ parts }) => parts.map(({ gPerMl }) => gPerMl))));

/** The same with how strong the broth of each pan is as it is poured. */
export interface PouredQuestion extends SimmerQuestion {
  strength: Readonly<Record<Pan, BrothStrength>>;
}

/** One pan over the evening. */
export interface PanRounds {
  pan: Pan;
  context: PanContext;
  fit: PanFit;
  /** The first filling of the pot, any later one, and a go of the finish. */
  first: Course;
  later?: Course;
  finish?: Course;
  levels: Level[];
}

/** One filling of a pan that is brought to the boil. */
export interface Filling {
  round: number;
  course: Course;
  startS: number;
  boilS: number;
}

/** The same with the moments of its fillings: the first, and every later one where each is built anew. */
export interface TimedPan extends PanRounds {
  fillings: Filling[];
}
