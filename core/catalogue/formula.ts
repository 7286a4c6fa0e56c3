import type { FoodKind } from './ingredient';
import type { SchoolChoice, When } from './school';

export const POT_FAMILIES = [
  'plainWater',
  'clear',
  'miso',
  'sukiyakiEast',
  'sukiyakiWest',
  'layered',
  'beefJeongol',
  'fishCakeJeongol',
  'spicyStew',
  'meatball',
  'mushroom',
  'numbing',
  'divided',
  'soyMilk',
  'souredPork',
  'coconut',
  'satay',
  'everything',
  'staged',
] as const;
export type PotFamily = (typeof POT_FAMILIES)[number];

export type FormulaKind = 'broth' | 'sauce' | 'marinade' | 'base';

/**
 * What an ingredient does in a formula.
 *
 * - `infusion` steeps from one step to another, is lifted out and keeps water;
 * - `salting`, `sweetening` and `souring` are solved, so that the liquid reaches its target, and share that work by weight
 *   of `share`;
 * - `body` is part of the liquid; `solid` stays in it without being part of it; `aroma` is lifted out or left, and gives
 *   fragrance, fat or heat.
 */
export type PartRole = 'infusion' | 'salting' | 'sweetening' | 'souring' | 'body' | 'solid' | 'aroma';

/** One ingredient of a formula, by the litre of finished broth, by the head, or by the kilogram of the main thing. */
export interface FormulaPart {
  ingredientId: string;
  role: PartRole;
  /** Grams; not for what is solved. */
  grams?: number;
  /** Share of the salt, the sweetness or the acid that has to be added; only for what is solved. */
  share?: number;
  /** How it grows with the amount: 1 is in proportion; aromatics, heat and fat grow more slowly, by about 0.8. */
  exponent?: number;
  /** Steps at which it goes in and is lifted out; the first and the last when not given. */
  in?: string | readonly string[];
  out?: string;
  note?: string;
  /** How it is cut, where that changes how it is measured. */
  cut?: string;
  /** Only when these schools are followed. */
  when?: When;
}

/** What the liquid does during a step: it steams by that, and by the width of its pan. */
export type Steam = 'none' | 'hot' | 'simmer' | 'boil';

export interface FormulaStep {
  id: string;
  /**
   * What is done. `{in}` stands for what goes in at this step, `{out}` for what is lifted out, `{thinner}` for what it is
   * let down with; where tonight nothing goes in or comes out, `bare` is said, or the step is left out. What goes in
   * without being named is named after it.
   */
  says: string;
  bare?: string;
  /** Only when something is lifted out at it, or something fragrant was put in before it. */
  lifts?: boolean;
  /** At the board: it is done with the other vegetables, before anything raw. */
  knife?: boolean;
  /** Done to a part before it comes near the liquid: nothing goes in at it. */
  beside?: boolean;
  minutes: number;
  attended: boolean;
  tempC?: number;
  steam?: Steam;
  lid?: boolean;
  lookFor?: string;
  /** Done at the table, when people have sat down. */
  whenServed?: boolean;
  /** Only when these schools are followed. */
  when?: When;
  /** Only when the formula still holds this ingredient after swaps. */
  ifUses?: string;
}

/** Least, best and most. */
export type Band = readonly [least: number, best: number, most: number];

/** What the liquid should taste like when it is ready. */
export interface Target {
  /** % by mass. */
  salinityPct: Band;
  /** g of sucrose in 100 g. */
  sweetnessPct?: Band;
  /** g of acetic acid in 100 g. */
  acidPct?: Band;
  /** g of glutamate, as its sodium salt, that would taste as strong, in 100 g. */
  umamiGPer100g?: readonly [least: number, most: number];
  /** Plain scale of 0 to 5. */
  heat?: readonly [least: number, most: number];
}

/** Parts of a broth that go into the pot later than the rest of it, with every filling of it that is poured. */
export interface HeldBack {
  of: readonly string[];
  /** So much of each of them. */
  share: number;
  /** Only when these schools are followed. */
  when?: When;
  /** As the pot boils, or when all is cooked. */
  at: 'boil' | 'end';
  /** What is done with it at the pot, and the sign. */
  says: string;
  untilCue: string;
  /** It would be spoiled by boiling: nothing is cooked in it, and it never gets hotter than this, for so many minutes. */
  spoils?: { belowC: number; minutes: number };
}

export interface Formula {
  id: string;
  name: string;
  /** What its name and purpose speak of, each as one of several ids, and its name when one of these is not in it. */
  named?: { of: ReadonlyArray<string | readonly string[]>; otherwise: string };
  kind: FormulaKind;
  families: readonly PotFamily[];
  /** Made only for a pot that has such a food in it. */
  needs?: FoodKind;
  purpose: string;
  scaledBy: 'finishedVolume' | 'head' | 'mainMass';
  /** Finished ml for a head: for a broth that is more or less than a style's usual, and for every sauce and base. */
  mlPerHead?: number;
  /** What it is let down with: plain water, broth from the pot, or nothing, when its parts are all there is. */
  thinnedWith: 'water' | 'broth' | 'nothing';
  heldBack?: HeldBack;
  /** Share of the pot's depth that stays free above it for foam, where that is more than a sixth. Kitchen estimate. */
  headroomShare?: number;
  /** Share of a marinade's salt and sugar that ends in the broth, where it is not about half. */
  runsOff?: number;
  /** It is kneaded in: what it goes into is kneaded and salted with it, and not before. */
  kneads?: true;
  /** The part that comes from a carton, a bottle or a packet, whose label says how salty it is. */
  fromLabel?: string;
  parts: readonly FormulaPart[];
  target: Target;
  /** Targets of schools that season otherwise; the first that fits counts. */
  targetsBySchool?: ReadonlyArray<{ when: When; target: Target }>;
  schools: readonly SchoolChoice[];
  steps: readonly FormulaStep[];
  keeps: { fridgeDays: number; freezerMonths: number; how: string };
}
