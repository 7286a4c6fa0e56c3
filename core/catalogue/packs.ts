import type { Family } from './family';
import type { Ingredient } from './ingredient';
import { pack, type Pack, type Section } from './pack';

const BY_FAMILY: Record<Family, Section> = {
  leaf: 'vegetables',
  root: 'vegetables',
  allium: 'vegetables',
  mushroom: 'mushrooms',
  tofu: 'tofuAndEggs',
  egg: 'tofuAndEggs',
  poultry: 'meat',
  meat: 'meat',
  fish: 'fish',
  shellfish: 'fish',
  grain: 'noodlesAndRice',
  seaweed: 'driedGoods',
  seasoning: 'sauces',
};

/** Where in a shop an ingredient is found. */
export function sectionOf({ family, kept, section }: Ingredient): Section {
  if (section) return section;
  const isDried = kept === 'room' && ['fish', 'shellfish', 'mushroom', 'root'].includes(family);
  return isDried ? 'driedGoods' : BY_FAMILY[family];
}

const BY_SECTION: Readonly<Record<Section, Pack | undefined>> = {
  vegetables: undefined,
  mushrooms: pack('150 g tray', 150),
  tofuAndEggs: pack('250 g pack', 250),
  meat: undefined,
  fish: undefined,
  noodlesAndRice: pack('250 g pack', 250),
  driedGoods: pack('50 g pack', 50),
  sauces: pack('250 g jar', 250),
  spices: pack('30 g jar', 30),
};

/** The pack that an ingredient is sold in; undefined where it is sold by the piece or weighed out. */
export function packOf(what: Ingredient): Pack | undefined {
  const section = sectionOf(what);
  // Recipes count cloves and stars; shops sell them by the jar.
  if (what.sold?.countable && section !== 'spices') return what.pack;
  return what.pack ?? BY_SECTION[section];
}

/** What is weighed out is bought in steps of so many grams. */
export const LOOSE_STEP_G = 50;

/** Days that what is left over keeps, by section, in the fridge or on the shelf. Kitchen estimates. */
export const LEFT_KEEPS_DAYS: Readonly<Record<Section, number>> = {
  vegetables: 5,
  mushrooms: 4,
  tofuAndEggs: 3,
  meat: 1,
  fish: 1,
  noodlesAndRice: 30,
  driedGoods: 180,
  sauces: 90,
  spices: 365,
};
