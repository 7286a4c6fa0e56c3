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

/** Usual size in which a thing that is not counted is sold. Kitchen estimates; shops differ. */
export interface Pack {
  unit: string;
  unitPlural: string;
  massG: number;
}

export const pack = (unit: string, massG: number, unitPlural = `${unit}s`): Pack => ({ unit, unitPlural, massG });
