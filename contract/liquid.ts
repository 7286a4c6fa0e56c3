import { z } from 'zod';
import { allergenSchema, swapSchema } from './evening';
import { catalogueIdSchema } from './ids';

const massG = z.number().nonnegative();

export const liquidStepSchema = z.object({
  id: z.string(),
  says: z.string(),
  /** Seconds from the first step of this liquid. */
  atS: z.number(),
  durationS: z.number().nonnegative(),
  attended: z.boolean(),
  tempC: z.number().optional(),
  lookFor: z.string().optional(),
  /** Done at the table, when people have sat down. */
  whenServed: z.boolean().optional(),
  /** Done at the board. */
  knife: z.boolean().optional(),
  /** Added for what stands in for something, within the time of the others. */
  within: z.boolean().optional(),
  /** What goes in, or is cut, at this step. */
  uses: z.array(catalogueIdSchema),
});

/** Where the water of a liquid comes from and goes to; the two sides balance exactly. All in grams. */
export const waterLedgerSchema = z.object({
  startG: z.number(),
  seasoningsG: z.number(),
  releasedG: z.number(),
  evaporatedG: z.number(),
  absorbedG: z.number(),
  finishedG: z.number(),
});

/** Where the salt of a liquid comes from and goes to; the two sides balance exactly. All in grams. */
export const saltLedgerSchema = z.object({
  addedG: z.number(),
  extractedG: z.number(),
  /** What salty food gives to it: kimchi, fish cake, sausages. */
  fromPiecesG: z.number(),
  inPiecesG: z.number(),
  inLiquidG: z.number(),
});

/** What is brought into a liquid, what is lost from it, and what is left; in grams. */
export const ledgerSchema = z.object({ addedG: z.number(), lostG: z.number(), leftG: z.number() });

/** What a steeping thing gave, and how near it came to spoiling the liquid (1 can be tasted). */
export const drawnSchema = z.object({
  ingredientId: catalogueIdSchema,
  drawnShare: z.number(),
  spoiledShare: z.number(),
  /** Seconds from the first step of the liquid at which it goes in and is lifted out. */
  inAtS: z.number(),
  outAtS: z.number(),
  /** When it has to be out at the latest, if the liquid then stood at the boil. */
  latestOutAtS: z.number().optional(),
  /** What it gives and spoils over time, and what it would if it stayed in at the boil. */
  course: z.array(z.object({ atS: z.number(), drawn: z.number(), spoiled: z.number() })),
});

export const keepsSchema = z.object({ fridgeDays: z.number(), freezerMonths: z.number(), how: z.string() });

export const liquidIngredientSchema = z.object({
  ingredientId: catalogueIdSchema,
  massG,
  shownText: z.string(),
  roundingErrorPct: z.number(),
  carriesSalt: z.boolean(),
  cut: z.string().optional(),
  role: z.enum(['infusion', 'salting', 'sweetening', 'souring', 'body', 'solid', 'aroma']),
  note: z.string().optional(),
});

export const liquidSchema = z.object({
  id: z.string(),
  /** The formula that it follows; two liquids of one plan can follow the same. */
  formulaId: catalogueIdSchema,
  /**
   * Eaten from the pot, from the other half of a divided one, or beside it by those it is made for; or at hand to let down
   * what is in the pot.
   */
  place: z.enum(['pot', 'otherHalf', 'aside', 'letDown']),
  forGuests: z.array(z.string()).optional(),
  name: z.string(),
  kind: z.enum(['broth', 'sauce', 'marinade', 'base']),
  startWaterMl: z.number().nonnegative(),
  startWaterText: z.string(),
  /** What there is before anything goes into the pot. */
  madeMl: z.number().nonnegative(),
  finishedMl: z.number().nonnegative(),
  /** Before anything goes into it, and at the table, after what the food has given and taken. */
  salinityAsMadePct: z.number(),
  salinityPct: z.number(),
  /** The moment at which its salt is judged by its target: as made or poured, or at the table. */
  judged: z.enum(['asMade', 'atTheTable']),
  /** Salinity when the shown, rounded measures are used instead of the exact ones. */
  measuredSalinityPct: z.number(),
  strength: z.string(),
  targetSalinityPct: z.tuple([z.number(), z.number()]),
  /** What was aimed at within them. */
  aimSalinityPct: z.number().optional(),
  /** g of sucrose, and of acetic acid, in 100 g. */
  sweetnessPct: z.number(),
  targetSweetnessPct: z.tuple([z.number(), z.number()]).optional(),
  acidityPct: z.number(),
  targetAcidityPct: z.tuple([z.number(), z.number()]).optional(),
  /** g of glutamate, as its sodium salt, that would taste as strong, in 100 g. */
  umamiGPer100g: z.number(),
  targetUmamiGPer100g: z.tuple([z.number(), z.number()]).optional(),
  /** Plain scale of 0 to 5. */
  heat: z.number(),
  targetHeat: z.tuple([z.number(), z.number()]).optional(),
  /** Alcohol that is left in all of it. */
  ethanolG: z.number(),
  /** How a bowl of it looks, as `#rrggbb`. */
  colour: z.string(),
  purpose: z.string(),
  allergens: z.array(allergenSchema),
  /** Where it does not come to taste as it should, after what was left out or asked for, in words. */
  misses: z.array(z.string()),
  /** What a label has to name: allergens, kinds of meat, alcohol; of its own parts and of what it is let down with. */
  contains: z.array(z.string()),
  /** What it is let down with at the table, where it is. */
  thinnedWith: z.enum(['potBroth', 'asideBroth', 'water']).optional(),
  keeps: keepsSchema,
  /** Made more than once over: so many times, so much kept, until that day (`2026-12-08`). */
  batch: z.object({ times: z.int(), keptMl: z.number(), keepUntil: z.string() }).optional(),
  /** Nothing is made: so many g are taken of what is in the house, good until that day. */
  jar: z
    .object({ needG: z.number().nonnegative(), haveG: z.number().nonnegative(), bestBefore: z.string().optional() })
    .optional(),
  swaps: z.array(swapSchema),
  drawn: z.array(drawnSchema),
  /** The latest that it could be begun if nothing else were to be done; the preparation says when it is its turn. */
  latestStartAt: z.string().optional(),
  ingredients: z.array(liquidIngredientSchema),
  steps: z.array(liquidStepSchema),
  water: waterLedgerSchema,
  salt: saltLedgerSchema,
  sweetness: ledgerSchema,
  ethanol: ledgerSchema,
});

export type LiquidStep = z.infer<typeof liquidStepSchema>;
export type LiquidIngredient = z.infer<typeof liquidIngredientSchema>;
export type Drawn = z.infer<typeof drawnSchema>;
export type WaterLedger = z.infer<typeof waterLedgerSchema>;
export type SaltLedger = z.infer<typeof saltLedgerSchema>;
export type Ledger = z.infer<typeof ledgerSchema>;
export type Liquid = z.infer<typeof liquidSchema>;
