/** Families that share a glaze and a texture in every picture of the pot. */
export const FAMILIES = [
  'poultry',
  'meat',
  'fish',
  'shellfish',
  'tofu',
  'root',
  'leaf',
  'allium',
  'mushroom',
  'grain',
  'egg',
  'seaweed',
  'seasoning',
] as const;
export type Family = (typeof FAMILIES)[number];
