import type { Family } from './family';
import type { Ingredient } from './ingredient';
import { INGREDIENTS } from './ingredients';
import { isHeatedThrough } from './kinds';
import type { Band } from './formula';
import type { Role, StyleSlot } from './style';
import { STYLES } from './styles';

/** What stands in for one another in a pot, like for like. */
export type Kin = 'animal' | 'soya' | 'egg' | 'root' | 'leaf' | 'allium' | 'mushroom' | 'grain' | 'seasoning';

const KIN: Record<Family, Kin> = {
  poultry: 'animal',
  meat: 'animal',
  fish: 'animal',
  shellfish: 'animal',
  tofu: 'soya',
  egg: 'egg',
  root: 'root',
  leaf: 'leaf',
  seaweed: 'leaf',
  allium: 'allium',
  mushroom: 'mushroom',
  grain: 'grain',
  seasoning: 'seasoning',
};

/** How a kin is called in a sentence: the sum of the mushrooms. */
export const KIN_WORDS: Record<Kin, string> = {
  animal: 'meat and fish',
  soya: 'tofu',
  egg: 'egg',
  root: 'roots',
  leaf: 'leaves',
  allium: 'onions',
  mushroom: 'mushrooms',
  grain: 'noodles and rice',
  seasoning: 'toppings',
};

/** Least, usual and most for a head by role, in g, of what no pot of the catalogue holds. Kitchen estimates, within a half. */
const USUAL_G: Partial<Record<Role, Band>> = {
  second: [30, 60, 110],
  tofu: [40, 60, 100],
  root: [25, 40, 70],
  leaf: [40, 70, 120],
  green: [20, 40, 70],
  allium: [10, 20, 40],
  mushroom: [15, 27, 50],
  noodle: [30, 70, 120],
  starch: [20, 40, 70],
  topping: [4, 10, 20],
};

/** Leaves that are done as soon as this are put in last. */
const GREEN_MIN = 2.5;
/** Water by mass below which a food is dry; in the pot it then weighs so many times more. Kitchen estimate, 2-6. */
const DRY_BELOW = 0.35;
const DRY_DRINKS = 3;

/** The ways of cutting a thing whose time in a pot is known, its usual way first. */
export const potCutsOf = ({ cuts }: Ingredient): string[] =>
  Object.keys(cuts).filter((cut) => cuts[cut]?.cooks?.simmered && !cuts[cut].fromLiquid);

/** Things that can go into a pot: those whose time is known in at least one cut. */
export const POT_FOOD: readonly Ingredient[] = INGREDIENTS.filter((one) => potCutsOf(one).length > 0);

/** What is thrown into a pot though nobody has a time for it: garlic, lemongrass, a grated pear. */
export const THROWN_IN: readonly Ingredient[] = INGREDIENTS.filter(
  (one) => potCutsOf(one).length === 0 && Object.keys(one.cuts).length > 0 && !isHeatedThrough(one),
);

function roleByFamily(what: Ingredient): Role {
  const cooks = what.cuts[potCutsOf(what)[0] ?? '']?.cooks?.simmered;
  switch (KIN[what.family]) {
    case 'animal':
      return 'second';
    case 'soya':
      return 'tofu';
    case 'root':
      return 'root';
    case 'leaf':
      return (cooks?.bestMin ?? 0) <= GREEN_MIN ? 'green' : 'leaf';
    case 'allium':
      return 'allium';
    case 'mushroom':
      return 'mushroom';
    case 'grain':
      return what.composition.water < DRY_BELOW || /noodle|udon/i.test(what.name) ? 'noodle' : 'starch';
    default:
      return 'topping';
  }
}

/** Roles that mean something only in the pot that has them. */
const PLAIN_ROLE: Partial<Record<Role, Role>> = { main: 'second', bed: 'leaf', aromatic: 'topping' };

/** The first place that a pot of the catalogue gives to each thing. */
let known: ReadonlyMap<string, StyleSlot> | undefined;
function placesKnown(): ReadonlyMap<string, StyleSlot> {
  known ??= new Map(
    STYLES.flatMap((style) => style.slots)
      .reverse()
      .map((slot) => [slot.ingredientId, slot]),
  );
  return known;
}

/**
 * How a thing lies in a pot that has no place of its own for it: as in the first pot of the catalogue that has one, or as
 * its family does.
 * @returns a place in the ring or beside the pot, with the usual amount for a head, in g
 */
export function usualSlotOf(what: Ingredient): StyleSlot {
  const slot = placesKnown().get(what.id) ?? placesKnown().get(what.likeId ?? '');
  const role = slot ? (PLAIN_ROLE[slot.role] ?? slot.role) : roleByFamily(what);
  return {
    ingredientId: what.id,
    role,
    rangeG: slot?.rangeG ?? USUAL_G[role] ?? [10, 30, 60],
    cuts: [{ cut: potCutsOf(what)[0] ?? '', share: 1 }],
    place: slot?.place === 'beside' || slot?.place === 'top' ? slot.place : 'ring',
    layer: slot?.layer ?? (role === 'root' ? 0 : role === 'green' || role === 'topping' ? 2 : 1),
  };
}

/** What a thing counts as when like is exchanged for like. */
export const kinOf = (what: Ingredient): Kin => (usualSlotOf(what).role === 'root' ? 'root' : KIN[what.family]);

/** What can stand in a thing's place, like for like: any mushroom for any mushroom. */
export const likesOf = (what: Ingredient): readonly Ingredient[] =>
  POT_FOOD.filter((one) => one.id !== what.id && kinOf(one) === kinOf(what));

const isDry = ({ composition }: Ingredient) => composition.water < DRY_BELOW;

/** What so much of a thing weighs once it has drunk, in g. */
export const inPotG = (what: Ingredient, massG: number): number => massG * (isDry(what) ? DRY_DRINKS : 1);

/**
 * Grams of one thing that stand for a gram of another of its kind: the same mass, and by what is usual where one is dry or
 * both are grain.
 */
export function likeRatio(from: Ingredient, to: Ingredient): number {
  if (!isDry(from) && !isDry(to) && kinOf(from) !== 'grain') return 1;
  return usualSlotOf(to).rangeG[1] / usualSlotOf(from).rangeG[1];
}
