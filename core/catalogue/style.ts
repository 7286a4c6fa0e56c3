import type { Service, StageWord } from '@elixa/contract';
import type { Band } from './formula';
import type { SchoolChoice, When } from './school';

/** What a thing is to a pot: what may stand in for it, and which stage it goes in at. */
export const ROLES = [
  'main',
  'second',
  'tofu',
  'root',
  'stem',
  'leaf',
  'green',
  'mushroom',
  'allium',
  'noodle',
  'starch',
  'ball',
  'topping',
  'aromatic',
  'bed',
  'fat',
  'finish',
] as const;
export type Role = (typeof ROLES)[number];

/** Where it lies: under everything, round the wall, in the middle, laid last, standing in a stack, on a plate beside. */
export type Place = 'bed' | 'ring' | 'heart' | 'top' | 'stack' | 'skewer' | 'beside';

/** One thing of a pot. */
export interface StyleSlot {
  ingredientId: string;
  role: Role;
  /** Least, usual and most for a head of a regular appetite, raw, in g. */
  rangeG: Band;
  /** How it is cut, with the share of each cut; nothing is cut of a fat. */
  cuts: ReadonlyArray<{ cut: string; share: number }>;
  place: Place;
  /** Lower layers are laid first. */
  layer: number;
  /** Left out unless the cook wants it. */
  optional?: true;
  /** How it is cut for whom nothing of what it was cooked in may be, where it comes out of the liquid of the pot. */
  cutsApart?: ReadonlyArray<{ cut: string; share: number }>;
  marinadeFormulaId?: string;
  /** Only when these schools are followed. */
  when?: When;
}

/** How the liquid is poured, and how warm it then is. */
export interface Pour {
  /** Over the food, just under its top, a share of its height, a ladle at a time, or not at all. */
  kind: 'cover' | 'underTop' | 'share' | 'ladles' | 'none';
  /** Of the height of the food, and how far it may go so that every head has its least; for `share`. */
  share?: number;
  shareMost?: number;
  /** What is poured at first and in every later round, in ml a head; for `share` the least, for `ladles` all of it. */
  mlPerHeadFirst?: number;
  mlPerHeadLater?: number;
  /** Every filling of the pot is built and poured anew; nothing can be added to one that simmers. */
  anew?: true;
  at: 'cold' | 'warm' | 'boiling';
  /** It was brought to the boil beforehand because the cook wants it so. */
  heated?: true;
  /** Share of the depth that stays free above it for foam, where it foams more than a plain broth. */
  headroomShare?: number;
}

export type Lid = 'on' | 'off' | 'ajar';

/**
 * One stage of the work at the pot. Stages come in this order whatever the model of heat says of minutes; what goes in at
 * an earlier one never goes in after what goes in at a later one.
 */
export interface Stage {
  id: string;
  do: StageWord;
  /** What is done. `{in}` stands for what goes in. */
  says: string;
  /** How it is laid, of what is laid in a pattern. */
  how?: string;
  /** What the cook looks for before the next stage; it may be answered "not yet". */
  untilCue: string;
  lid: Lid;
  /** What goes in, by role; things named in `items` go in at their own stages, so much of them. */
  roles?: readonly Role[];
  items?: ReadonlyArray<{ ingredientId: string; share: number }>;
  /** It goes in by itself, when what went in before has boiled up again. */
  apart?: true;
  /** Broth that everybody drinks of it, in ml a head. */
  drinksMlPerHead?: number;
  /** Done while the pot heats up, shortly before it boils. */
  beforeBoil?: true;
  pour?: Pour;
  atLeastMin?: number;
  atMostMin?: number;
  /** In the first round only, or in later ones only. */
  rounds?: 'first' | 'later';
  services?: readonly Service[];
  when?: When;
}

/** Which pots carry a style. */
export interface VesselFit {
  /** Width by depth. */
  widthToDepth: readonly [from: number, to: number];
  litresPerHead: number;
  needsLid: boolean;
  /** Something is fried or seared in it before any liquid: never in clay. */
  takesSear: boolean;
  /** Two halves carry it as well. */
  divided: boolean;
  /** It is of two halves, and cannot be without a wall between them. */
  needsWall?: true;
  /** In a pot out of these bounds it cannot be built at all, with why. */
  refusesOutside?: { widthToDepth: readonly [from: number, to: number]; tooDeep: string; tooFlat: string };
}

/** Blocks that are cut to the depth of the pot and stand on end from the rim inwards. */
export interface Stack {
  /** From the bottom of a stack to its top, before it is turned on end. */
  order: readonly string[];
  repeats: readonly [least: number, most: number];
  thicknessMm: readonly [from: number, to: number];
  /** A leaf of the first as it is laid, long and broad. Kitchen estimate, a fifth either way. */
  leafMm: readonly [long: number, broad: number];
}

/** Something that stands by the pot and is not eaten. */
export interface KitchenTool {
  id: string;
  name: string;
}

/** What ends an evening: rice, noodles or nothing, in what is left of the broth. Shared by the styles. */
export interface Finish {
  id: string;
  name: string;
  says: string;
  slots: readonly StyleSlot[];
  stages: readonly Stage[];
  /** Liquid that is to be in the pot for it, in ml a head, without what it drinks. */
  leavesMlPerHead: number;
  /** How salty the liquid is then to be, in %; as it is where nothing is said. */
  saltPct?: Band;
  /** Only in pots that may stand almost empty on the fire: never in clay. */
  dry?: true;
  /** Cooked in a pan of its own beforehand; in the bowl the broth of the pot is ladled over it. */
  apart?: true;
}

/** A style of pot. It is data: a new one needs no code. */
export interface Style {
  id: string;
  name: string;
  says: string;
  services: readonly [Service, ...Service[]];
  slots: readonly StyleSlot[];
  stages: readonly Stage[];
  /** What simmers in the pot, or is poured over it; none where the food gives the liquid. */
  brothFormulaId?: string;
  /** Where schools differ on what simmers in it: which, by the answer to a question of its own. */
  brothBySchool?: { question: string; formulaIds: Readonly<Record<string, string>> };
  /** What simmers in the other half, for a pot with a wall. */
  otherHalfFormulaId?: string;
  /** The side that is usually kept free of meat. */
  meatFreeSide?: 'first' | 'second';
  brothMlPerHead: number;
  /** A broth that stands in for it when time is short. */
  /** What is bought ready to cook for it unless the cook wants to do it: a quick pot is quick. */
  boughtReady?: readonly string[];
  quickBroth?: { formulaId: string; says: string };
  /** What lets a strong sauce down as it boils away, beside the pot. */
  letDownFormulaId?: string;
  /** The moment at which its salt is judged. */
  seasonAt: 'made' | 'nearEnd' | 'afterMeat' | 'inDip' | 'asPoured';
  dipFormulaIds: readonly string[];
  /** Share of the formula's amount of dip that is mixed, by the school that is followed. */
  dipShares?: { question: string; shares: Readonly<Record<string, number>> };
  schools: readonly SchoolChoice[];
  /** It is salty and saucy, and wants plain rice in a bowl of its own. */
  riceBeside?: true;
  /** The first is the usual one. */
  finishIds: readonly string[];
  stack?: Stack;
  /** What is kept from touching, with why. */
  keepsApart: ReadonlyArray<{ a: string; b: string; because: string }>;
  /** What was cooked in a liquid and is eaten from the pot, and how it is cut where it was not cooked there. */
  returns: ReadonlyArray<{ fromFormulaId: string; ingredientId: string; cut: string; otherwise: string }>;
  vesselFit: VesselFit;
  kitchenTools: readonly KitchenTool[];
}
