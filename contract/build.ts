import { z } from 'zod';
import { adviceSchema } from './edits';
import { catalogueIdSchema } from './ids';

const massG = z.number().nonnegative();
const sideSchema = z.enum(['first', 'second']);

/**
 * A stretch of the pot seen from above: from one share of the way between its middle and its rim to another, and from one
 * direction on, clockwise from the back. Directions are measured by area: a quarter of a turn is a quarter of the mouth.
 */
export const regionSchema = z.object({
  fromShare: z.number().min(0).max(1),
  toShare: z.number().min(0).max(1),
  startDeg: z.number(),
  sweepDeg: z.number(),
});

/** Where a thing lies: under everything, round the wall, in the middle, laid on top, in a stack, on a stick, on a plate. */
export const placeSchema = z.enum(['bed', 'ring', 'heart', 'top', 'stack', 'skewer', 'beside']);

/** One cut of one thing where it lies when a round is built, before any liquid. */
export const placementSchema = z.object({
  /** Of the bunch that it is of: the ingredient, and its side in a pot with two broths. */
  id: z.string(),
  ingredientId: catalogueIdSchema,
  cut: z.string(),
  pieces: z.int().nonnegative(),
  massG,
  place: placeSchema,
  layer: z.int(),
  /** Why it lies there, in a sentence. */
  because: z.string(),
  /** In a pot with two broths: on this side of the wall. */
  side: sideSchema.optional(),
  /** None for what waits on a plate. */
  region: regionSchema.optional(),
  /** Lowest and highest point over the bottom of the pot, in mm. */
  fromMm: z.number(),
  toMm: z.number(),
  /** The cook put it there; what is locked stays whatever else is arranged anew. */
  held: z.enum(['laid', 'locked']).optional(),
});

/** Piles of leaves and slices that are cut to the depth of the pot and stand on end, in one round. */
export const stacksSchema = z.object({
  stacks: z.int().positive(),
  repeats: z.int().positive(),
  inEach: z.array(z.object({ ingredientId: catalogueIdSchema, pieces: z.number() })),
  topId: catalogueIdSchema,
  thicknessMm: z.number(),
  cutWidthMm: z.number(),
  blocksEach: z.int().positive(),
  blocks: z.int().positive(),
  rows: z.array(
    z.object({
      blocks: z.int().positive(),
      widthMm: z.number(),
      thicknessMm: z.number(),
      fromShare: z.number(),
      toShare: z.number(),
    }),
  ),
  offcutsG: massG,
  holeMm: z.number(),
  /** How much closer the blocks are pressed than they stand by themselves; 1 is not at all. */
  pressed: z.number(),
});

export const skewersSchema = z.object({
  count: z.int().positive(),
  gramsEach: massG,
  order: z.array(catalogueIdSchema),
});

/** What is put on the plate of one round. */
export const plateSchema = z.array(
  z.object({
    ingredientId: catalogueIdSchema,
    cut: z.string(),
    pieces: z.int().nonnegative(),
    massG,
    /** In a pot with two broths: for this side of the wall. */
    side: sideSchema.optional(),
  }),
);

/** Something about the building of the pot that the cook has to know. */
export const buildWarningSchema = z.object({
  id: z.string(),
  text: z.string(),
  because: z.string(),
  advice: z.array(adviceSchema),
});

export const buildSchema = z.object({
  rimVolumeMl: z.number(),
  /** To the mark, which leaves the headroom below the rim. */
  usableVolumeMl: z.number(),
  headroomMm: z.number(),
  /** All of the food as it settles in the liquid, over all rounds. */
  solidsMl: z.number(),
  /** Everything goes in at once. */
  fits: z.boolean(),
  /** What stands in the pot at its fullest, of what it takes to its mark, in %. */
  fullnessPct: z.number(),
  /** Liquid in the pot at the start of the first round, and how deep a ruler shows it where it is poured alone. */
  pourMl: z.number(),
  pourDepthMm: z.number(),
  /** How high it stands between the food: at its top where that is covered, below it where it is not. */
  liquidStandsMm: z.number(),
  /** Height of liquid and food together at their fullest, from the bottom in the middle. */
  fillHeightMm: z.number(),
  /** How the level changes from the pour on, with what the food gives and drinks and what boils away. */
  levelAfterMin: z.array(z.object({ min: z.number(), levelMl: z.number(), depthMm: z.number() })),
  /** Kept hot beside the pot for topping up. */
  reserveMl: z.number(),
  /** What is poured, and whether food lies in the pot before it. */
  liquid: z.enum(['broth', 'sauce']).optional(),
  laidFirst: z.boolean().optional(),
  /** The first round as it is built. */
  placements: z.array(placementSchema),
  /** What is in each round, and how many pieces of it wait on its plate. */
  rounds: z.array(z.array(catalogueIdSchema)).min(1),
  plates: z.array(plateSchema),
  stacks: stacksSchema.optional(),
  skewers: skewersSchema.optional(),
  warnings: z.array(buildWarningSchema),
  /** The same for what finishes the broth. */
  finishPlacements: z.array(placementSchema),
  /** The pan of those who eat apart, filled in the same rounds. */
  aside: z
    .object({
      name: z.string(),
      usableVolumeMl: z.number(),
      solidsMl: z.number(),
      pourMl: z.number(),
      reserveMl: z.number(),
    })
    .optional(),
});

export type Region = z.infer<typeof regionSchema>;
export type Place = z.infer<typeof placeSchema>;
export type Placement = z.infer<typeof placementSchema>;
export type Stacks = z.infer<typeof stacksSchema>;
export type Skewers = z.infer<typeof skewersSchema>;
export type Plate = z.infer<typeof plateSchema>;
export type BuildWarning = z.infer<typeof buildWarningSchema>;
export type Build = z.infer<typeof buildSchema>;
