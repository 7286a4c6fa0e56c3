import type { Allergen, Units } from '@elixa/contract';
import type { AdditionWindow, CookingWay } from './cooking';
import type { Family } from './family';
import type { Look } from './look';
import type { Pack, Section } from './pack';
import type { PrepStep, PrepWork } from './work';

/** What a food is made of, as far as diets ask. */
export type FoodKind =
  | 'poultry'
  | 'pork'
  | 'beef'
  | 'lamb'
  | 'fish'
  | 'crustacean'
  | 'mollusc'
  | 'egg'
  | 'milk'
  | 'honey'
  | 'alcohol'
  | 'chilli'
  | 'plant'
  | 'mineral';

/** What a cook has to mind with an ingredient, beyond its allergens. */
export type Peril =
  | 'cookThrough'
  | 'minced'
  | 'rawEgg'
  | 'choking'
  | 'bones'
  | 'shells'
  | 'iodine'
  | 'alcohol'
  | 'mushroom'
  | 'boilFully'
  | 'chilliFumes'
  | 'honey'
  | 'fromMaker'
  | 'cloudsAndSplits';

/** What an ingredient gives to a liquid that it steeps in, and how fast. */
export interface Drawing {
  /** Share of its free glutamate, nucleotides, sugar and salt that a liquid can take from it, 0 to 1. */
  mostShare: number;
  /** First-order rate at 100 °C, for a minute, and its activation energy in kJ/mol. Kitchen estimates, within a half. */
  ratePerMin: number;
  activationKJPerMol: number;
  /** Water that it holds when it is lifted out, g for a g. */
  holdsWater: number;
  /** What too much heat or time does to the liquid: it is spoiled when `minutes` have passed at or above `fromC`. */
  spoils?: { as: 'slimy' | 'bitter' | 'rank'; fromC: number; minutes: number };
}

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
  /** What of the thing it is, where its parts go in apart. */
  part?: 'stems' | 'leaves';
  /** Smallest dimension of one piece in mm. */
  thicknessMm: number;
  /** Mass of one piece in g, for drawing it. */
  pieceG: number;
  /**
   * Liquid runs between its leaves or florets, as through any open bed: what heat has to cross is the rib or the stalk, so
   * many mm thick, and not the whole piece. Kitchen estimates, good to a quarter.
   */
  solidMm?: number;
  /**
   * It is weighed dry and goes in soaked, so many times as heavy by the water that it has taken up before. Kitchen estimates,
   * good to a fifth.
   */
  soaks?: number;
  /** It is round: as wide as it is thick, whichever way heat comes. */
  ball?: true;
  /** Bulk density of this cut in a spoon or a cup; it is then measured by them. */
  densityGPerMl?: number;
  /** It comes out of a liquid that it was cooked in: nothing is cut so where that is not made. */
  fromLiquid?: true;
  /** It goes in as warm as this all through, in °C, where it comes hot out of what it was cooked in. Kitchen estimate, 50-70. */
  goesInC?: number;
  /** A part of what is sold whole, like its stems: never counted in wholes. */
  partOfWhole?: true;
  /**
   * How long it wants at 100 °C, from the fridge, by the way it is cooked. Kitchen estimates, each good to a quarter either
   * way; those of animal foods are held to a conduction model by test.
   */
  cooks?: Partial<Record<CookingWay, AdditionWindow>>;
  /** What differs from the work of its ingredient. */
  work?: Partial<PrepWork>;
  /** What differs from the look of its ingredient. */
  look?: Look;
}

/** A thing made at home that could be bought ready. */
export interface Homemade {
  /** Of what, in g for a gram of it. */
  of: ReadonlyArray<{ ingredientId: string; ratio: number }>;
  /** What comes of the same work besides, in g for a gram of it. */
  alsoGives?: ReadonlyArray<{ ingredientId: string; ratio: number }>;
  /** A step that is done once for so much of it (for each nut) says for how much, in g. */
  steps: ReadonlyArray<PrepStep & { forEachG?: number }>;
  /** How much comes of how much, in a sentence's words. */
  yields: string;
}

/** What to use instead, and how much of it. */
export interface Replacement {
  withIngredientId: string;
  /** The same mass, or the mass that brings the same salt, sweetness, sourness, heat or savour. */
  keeps: 'mass' | 'salt' | 'sweetness' | 'sourness' | 'heat' | 'savour';
  /** For what is not solved from the contents: grams of the replacement for a gram of the original. */
  ratio?: number;
  text: string;
}

export interface Ingredient {
  id: string;
  name: string;
  nativeName?: string;
  /** For a thing of the cook's own: what it is like in everything that is not said of it. */
  likeId?: string;
  family: Family;
  kinds: FoodKind[];
  allergens: Allergen[];
  composition: Composition;
  /** g of salt in 100 g. */
  saltPct: number;
  /** Sweetness of 100 g in g of sucrose. */
  sweetnessPct: number;
  /** Acidity of 100 g in g of acetic acid. */
  acidPct: number;
  /** g of alcohol in 100 g. */
  ethanolPct: number;
  /** Free glutamate, inosinate and guanylate, g in 100 g. */
  glutamatePct: number;
  inosinatePct: number;
  guanylatePct: number;
  /** Heat of the ingredient itself in Scoville units. */
  heatShu: number;
  /** Colour that it gives to a bowl, how strongly for each per cent of it, and how far one per cent clouds it (0 to 1). */
  tint?: { hex: string; strength: number; clouds?: number };
  draws?: Drawing;
  perils: readonly Peril[];
  /** So warm in the middle it is served out of a pot, in °C, where that is not as warm as most things. */
  servedC?: number;
  /** It may be eaten as it is: in the pot it is warmed, and is never underdone. */
  asItIs?: true;
  /** Foam rises from it when it first boils. */
  foams?: true;
  /** In a broth it sinks, and catches at the bottom while that heats. */
  catches?: true;
  /** Share of its fat that runs into the broth, where that is not as of its family: under a skin, marbled, cut open. */
  fatRunsOut?: number;
  /** Cut open as it is, it leaves the broth cloudy. */
  leavesCloud?: true;
  /** Bulk density as it is measured into a spoon or a cup. */
  densityGPerMl: number;
  /** The same where the kitchens of a system of measures use another kind: the soft sugar of East Asia. */
  densityIn?: Partial<Record<Units, number>>;
  /** Measured by spoon and cup rather than by weight. */
  byVolume: boolean;
  /** Density as it settles in the pot, in g per ml; leaves are counted as they lie when they have gone limp. */
  settledDensityGPerMl: number;
  /**
   * Share of the raw mass that it gives to the broth as water while it cooks to its best time: after the change of mass
   * on boiling in public food tables, less where pieces are taken out sooner.
   */
  releasedShare: number;
  sold?: { unit: string; unitPlural: string; massG: number; countable: boolean; smallestPart: number };
  /** A piece by its length, for kitchens that measure in inches. */
  inInches?: { unit: string; unitPlural: string; massG: number; smallestPart: number };
  /** What is kept in the freezer goes in frozen. */
  kept: 'fridge' | 'room' | 'freezer';
  /** Where in a shop it is found, and the pack it is sold in, where its family does not say so. */
  section?: Section;
  pack?: Pack;
  /** Liquid that it takes up while it cooks, in ml for a g: noodles and rice. Kitchen estimates, good to a third. */
  drinksMlPerG?: number;
  /** What is bought for it where it is made in the kitchen: grams of that for a gram. */
  madeFrom?: { ingredientId: string; ratio: number };
  /** How it is made at home where the cook wants that. */
  homemade?: Homemade;
  /** Poured into a measuring jug; powders, pastes, fats and cut things are spooned or weighed. */
  poured?: true;
  /** What differs from the work of its family. */
  work?: Partial<PrepWork>;
  look?: Look;
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
    acidPct: 0,
    ethanolPct: 0,
    glutamatePct: 0,
    inosinatePct: 0,
    guanylatePct: 0,
    heatShu: 0,
    perils: [],
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

/**
 * Composition in % by mass, with the carbohydrate by difference, as food tables give it. Salt is part of the ash, alcohol
 * of the water.
 * @returns mass fractions that add up to one
 * @throws RangeError when the parts add up to more than a hundred
 */
export function byDifference(water: number, protein: number, fat: number, fibre: number, ash: number): Composition {
  const carbohydrate = 100 - water - protein - fat - fibre - ash;
  if (carbohydrate < -1e-9) throw new RangeError(`Parts add up to ${100 - carbohydrate} %`);
  return {
    water: water / 100,
    protein: protein / 100,
    fat: fat / 100,
    carbohydrate: Math.max(0, carbohydrate) / 100,
    fibre: fibre / 100,
    ash: ash / 100,
  };
}
