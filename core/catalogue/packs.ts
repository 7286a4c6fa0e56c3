import type { Family, Ingredient } from './ingredient';

/** Sections of a shop, in the order in which most are walked through. */
export const SECTIONS = [
  'vegetables',
  'mushrooms',
  'tofuAndEggs',
  'meat',
  'fish',
  'noodlesAndRice',
  'driedGoods',
  'sauces',
  'spices',
] as const;
export type Section = (typeof SECTIONS)[number];

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

const SPICES = new Set([
  'driedChilli',
  'chilliFlakes',
  'sichuanPepper',
  'blackPepper',
  'whitePepper',
  'starAnise',
  'cassia',
  'blackCardamom',
  'clove',
  'fennelSeed',
  'bayLeaf',
  'curryPowder',
  'sesameSeed',
]);
/** Fresh things of the vegetable shelves whose family says otherwise. */
const FRESH = new Set([
  'sweetcorn',
  'ginger',
  'galangal',
  'lemongrass',
  'limeLeaf',
  'redChilli',
  'greenChilli',
  'yuzuPeel',
]);

/** Where in a shop an ingredient is found. */
export function sectionOf({ id, family, kept }: Ingredient): Section {
  if (SPICES.has(id)) return 'spices';
  if (FRESH.has(id)) return 'vegetables';
  if (kept === 'room' && ['fish', 'shellfish', 'mushroom', 'root'].includes(family) && id !== 'sweetPotato') {
    return id === 'apple' || id === 'pumpkin' ? 'vegetables' : 'driedGoods';
  }
  return BY_FAMILY[family];
}

/** What is bought for something that is made from it in the kitchen: grams of it for a gram. Kitchen estimates. */
export const MADE_FROM: Readonly<Record<string, { ingredientId: string; ratio: number }>> = {
  cookedRice: { ingredientId: 'dryRice', ratio: 0.43 },
  eggWhite: { ingredientId: 'egg', ratio: 50 / 30 },
};

export interface Pack {
  unit: string;
  unitPlural: string;
  massG: number;
}

const pack = (unit: string, massG: number, unitPlural = `${unit}s`): Pack => ({ unit, unitPlural, massG });

/** Usual sizes in which things that are not counted are sold. Kitchen estimates; shops differ. */
const PACKS: Readonly<Record<string, Pack>> = {
  salt: pack('500 g bag', 500),
  sugar: pack('500 g bag', 500),
  brownSugar: pack('500 g bag', 500),
  rockSugar: pack('200 g bag', 200),
  honey: pack('250 g jar', 250),
  riceSyrup: pack('300 g jar', 300),
  neutralOil: pack('500 ml bottle', 460),
  lightSoy: pack('500 ml bottle', 580),
  darkSoy: pack('500 ml bottle', 590),
  mirin: pack('400 ml bottle', 470),
  sake: pack('500 ml bottle', 500),
  riceWine: pack('500 ml bottle', 500),
  soyMilk: pack('1 l carton', 1030),
  milk: pack('1 l carton', 1030),
  coconutMilk: pack('400 ml tin', 400),
  coconutWater: pack('1 l carton', 1010),
  butter: pack('250 g block', 250),
  dryRice: pack('1 kg bag', 1000),
  bonitoFlakes: pack('40 g bag', 40),
  kelp: pack('50 g pack', 50),
  nori: pack('pack of 10', 30, 'packs of 10'),
  driedShiitake: pack('40 g pack', 40),
  driedAnchovy: pack('100 g bag', 100),
  driedShrimp: pack('50 g bag', 50),
  soybean: pack('500 g bag', 500),
  silkenTofu: pack('block', 350),
  garlic: pack('bulb', 50),
  driedChilli: pack('50 g bag', 50),
  limeLeaf: pack('10 g bag', 10),
  bayLeaf: pack('10 g bag', 10),
  jujube: pack('100 g bag', 100),
  tamari: pack('300 ml bottle', 360),
  whiteSoy: pack('300 ml bottle', 360),
  fishSauce: pack('300 ml bottle', 360),
  oysterSauce: pack('250 ml bottle', 310),
  riceVinegar: pack('250 ml bottle', 250),
  blackVinegar: pack('250 ml bottle', 260),
  lemonJuice: pack('100 ml bottle', 103),
  limeJuice: pack('100 ml bottle', 103),
  yuzuJuice: pack('100 ml bottle', 102),
  sesameOil: pack('250 ml bottle', 230),
  chilliOil: pack('150 ml bottle', 138),
  dashiPowder: pack('50 g pack', 50),
  chickenPowder: pack('50 g pack', 50),
  potatoStarch: pack('250 g bag', 250),
  bakingSoda: pack('100 g bag', 100),
  misoWhite: pack('300 g tub', 300),
  misoLight: pack('300 g tub', 300),
  misoRed: pack('300 g tub', 300),
  misoBarley: pack('300 g tub', 300),
  misoSoy: pack('300 g tub', 300),
  doenjang: pack('500 g tub', 500),
  gochujang: pack('500 g tub', 500),
  peanut: pack('150 g bag', 150),
  tomatoPaste: pack('150 g tube', 150),
  mustard: pack('100 g jar', 100),
};

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
  if (what.sold?.countable && section !== 'spices') return PACKS[what.id];
  return PACKS[what.id] ?? BY_SECTION[section];
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
