import type { Allergen } from '@elixa/contract';

/** Families that share a glaze and a texture in every picture of the pot. */
export const FAMILIES = [
  'poultry',
  'fish',
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

/** What a food is made of, as far as diets ask. */
export type FoodKind = 'poultry' | 'pork' | 'beef' | 'fish' | 'egg' | 'alcohol' | 'plant' | 'mineral';

/** Mass fractions; they add up to one. Salt is part of the ash, alcohol is counted with the water. */
export interface Composition {
  water: number;
  protein: number;
  fat: number;
  carbohydrate: number;
  fibre: number;
  ash: number;
}

export interface Cut {
  label: string;
  /** What the cook calls it at the stove: `cabbage stems`. */
  short: string;
  /** Smallest dimension of one piece in mm. */
  thicknessMm: number;
  /** Mass of one piece in g, for drawing it. */
  pieceG: number;
}

/** What to use instead, and how much of it. */
export interface Replacement {
  withIngredientId: string;
  /** The same mass, or the mass that brings the same salt, the same sweetness or the same savour. */
  keeps: 'mass' | 'salt' | 'sweetness' | 'savour';
  /** For `sweetness` and `savour`: grams of the replacement for a gram of the original. */
  ratio?: number;
  text: string;
}

export interface Ingredient {
  id: string;
  name: string;
  nativeName?: string;
  family: Family;
  kinds: FoodKind[];
  allergens: Allergen[];
  composition: Composition;
  /** g of salt in 100 g. */
  saltPct: number;
  /** Sweetness of 100 g in g of sucrose. */
  sweetnessPct: number;
  /** Bulk density as it is measured into a spoon or a cup. */
  densityGPerMl: number;
  /** Measured by spoon and cup rather than by weight. */
  byVolume: boolean;
  /** Density as it settles in the pot, in g per ml; leaves are counted as they lie when they have gone limp. */
  settledDensityGPerMl: number;
  /** Share of the raw mass that it gives to the broth as water while it cooks. */
  releasedShare: number;
  sold?: { unit: string; unitPlural: string; massG: number; countable: boolean; smallestPart: number };
  kept: 'fridge' | 'room';
  cuts: Record<string, Cut>;
  replacements: Replacement[];
  source: string;
}

const TABLES = 'kitchen estimate after public food composition tables, within a tenth';

type Given = Partial<Ingredient> & Pick<Ingredient, 'id' | 'name' | 'family' | 'kinds' | 'composition'>;

/** Fills in what most ingredients share, so that a row of the catalogue shows what is particular about it. */
export function ingredient(given: Given): Ingredient {
  return {
    allergens: [],
    saltPct: 0,
    sweetnessPct: 0,
    densityGPerMl: 1,
    byVolume: false,
    settledDensityGPerMl: 1.03,
    releasedShare: 0,
    kept: 'room',
    cuts: {},
    replacements: [],
    source: TABLES,
    ...given,
  };
}
