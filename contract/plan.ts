import { z } from 'zod';
import { adviceSchema } from './edits';
import { allergenSchema, serviceSchema, swapSchema } from './evening';
import { catalogueIdSchema } from './ids';
import { prepSchema } from './prep';
import { actionKindSchema, stageSchema } from './stages';

/** Version of the plan's shape. */
export const PLAN_SCHEMA_VERSION = 2;

const massG = z.number().nonnegative();

export const shownMeasureSchema = z.object({ text: z.string(), errorPct: z.number() });

export const amountPurposeSchema = z.enum(['pot', 'aside', 'broth', 'dip', 'marinade', 'base', 'finish']);

export const amountSchema = z.object({
  ingredientId: catalogueIdSchema,
  purpose: amountPurposeSchema,
  cut: z.string().optional(),
  massG,
  shown: shownMeasureSchema,
});

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

export const sectorSchema = z.object({
  ingredientId: catalogueIdSchema,
  /** Around the wall, in the middle, standing in stacks, under everything, or laid on top. */
  zone: z.enum(['ring', 'heart', 'stack', 'bed', 'top']),
  startDeg: z.number(),
  sweepDeg: z.number(),
  areaMm2: z.number(),
  heightMm: z.number(),
});

export const buildSchema = z.object({
  rimMl: z.number(),
  usableMl: z.number(),
  headroomMm: z.number(),
  solidsMl: z.number(),
  /** Rounds that the food is cooked in. */
  rounds: z.int().positive(),
  /** Broth in the pot at the start of the first round, and kept hot beside it. */
  potBrothMl: z.number(),
  reserveMl: z.number(),
  /** Height of liquid and food together in the pot at its fullest, from the bottom at the middle. */
  fillHeightMm: z.number(),
  liquidHeightMm: z.number(),
  /** Height of the liquid between the food: at its top where it is covered, below that where it is not. */
  liquidStandsMm: z.number(),
  /** What is poured, and whether food lies in the pot before it. */
  liquid: z.enum(['broth', 'sauce']).optional(),
  laidFirst: z.boolean().optional(),
  fits: z.boolean(),
  sectors: z.array(sectorSchema),
  /** The same for what finishes the broth. */
  finishSectors: z.array(sectorSchema),
  /** The pan of those who eat apart, filled in the same rounds. */
  aside: z
    .object({
      name: z.string(),
      usableMl: z.number(),
      solidsMl: z.number(),
      potBrothMl: z.number(),
      reserveMl: z.number(),
    })
    .optional(),
});

export const actionSchema = z.object({
  id: z.string(),
  /** Actions with the same step are done together, with one tap. */
  step: z.int().nonnegative(),
  /** Seconds from lighting the burner. */
  atS: z.number(),
  kind: actionKindSchema,
  round: z.int().positive(),
  pan: z.enum(['main', 'aside']),
  ingredientId: catalogueIdSchema.optional(),
  cut: z.string().optional(),
  /** The stage of the style that it belongs to; none for what belongs to fire and table. */
  stageId: z.string().optional(),
  /** The piece of `pieces` that goes in with this action. */
  pieceId: z.string().optional(),
  massG: massG.optional(),
  /** Seconds that the pot does not boil after what goes in with this step. */
  recoveryS: z.number().nonnegative().optional(),
  /** Broth that is poured in with this action, in ml; negative where it is ladled out. */
  volumeMl: z.number().optional(),
  shownText: z.string().optional(),
  says: z.string(),
  lookFor: z.string().optional(),
});

export const simmerPieceSchema = z.object({
  id: z.string(),
  ingredientId: catalogueIdSchema,
  cut: z.string(),
  round: z.int().positive(),
  pan: z.enum(['main', 'aside']),
  massG,
  /** In the simmering pot, in a stack in it, held in it by its guest, or on the hot pan before any liquid. */
  way: z.enum(['simmered', 'stacked', 'swished', 'seared', 'fried']),
  inAtS: z.number(),
  /** From when its cooking counts: when it goes in, or when the pot boils that it lay in cold. */
  countsFromS: z.number(),
  outAtS: z.number(),
  /** Time at the boil, cold spells discounted, that it gets and that it wants at this altitude. */
  cookS: z.number(),
  leastS: z.number(),
  bestS: z.number(),
  mostS: z.number(),
  /** Below this it is not safe to eat; zero where time alone makes nothing unsafe. */
  safeS: z.number(),
  inWindow: z.boolean(),
  safe: z.boolean(),
  sign: z.string(),
});

export const unsatisfiedSchema = z.object({
  id: z.string(),
  text: z.string(),
  because: z.string(),
  remedies: z.array(adviceSchema),
});

export const simmerSchema = z.object({
  boilingPointC: z.number(),
  /** When the burner is lit so that the first round is ready as people sit down. */
  litAt: z.iso.datetime({ offset: true }),
  boilAtS: z.number(),
  readyAtS: z.array(z.number()),
  /** Rounds that are eaten from the first filling of the pot: two where some slices are seared and eaten first. */
  platedRounds: z.int().positive(),
  endsAtS: z.number(),
  timing: z.string(),
  actions: z.array(actionSchema),
  pieces: z.array(simmerPieceSchema),
  unsatisfied: z.array(unsatisfiedSchema),
});

export const cautionSchema = z.object({
  id: z.string(),
  severity: z.enum(['danger', 'warning', 'note']),
  text: z.string(),
  because: z.array(z.string()),
});

export const offerSchema = swapSchema.extend({ text: z.string() });

export const conflictSchema = z.object({
  diner: z.string(),
  ingredientId: catalogueIdSchema,
  why: z.string(),
  /** Left for what it does to the guest (an allergen, a thing named), and not for a diet. */
  avoided: z.boolean().optional(),
  resolvedBy: z.string().optional(),
  /** What settles it is cooked or mixed apart. */
  apart: z.boolean().optional(),
  /** What was exchanged for it; taking that back is what mends it. */
  standsInFor: catalogueIdSchema.optional(),
  offers: z.array(offerSchema),
});

/** Something that a guest gets only because of where the guest sits, and that the cook should ask about. */
export const askSchema = z.object({ diner: z.string(), text: z.string(), advice: z.array(adviceSchema) });

export const shoppingItemSchema = z.object({
  ingredientId: catalogueIdSchema,
  needG: massG,
  needText: z.string(),
  /** What of it is in the house. */
  haveG: massG,
  /** How many of what is sold; none where the house has enough. */
  buy: z.object({ count: z.number(), unit: z.string(), text: z.string() }),
  leftG: massG,
  section: z.string(),
  purposes: z.array(amountPurposeSchema),
  /** Where tonight could take what is left over. */
  use: adviceSchema.optional(),
});

/** One thing of tonight's pot, after swaps and what was left out. */
export const menuSlotSchema = z.object({
  role: z.string(),
  ingredientId: catalogueIdSchema,
  /** Its cuts, the larger share first. */
  cut: z.string(),
  massG,
  place: z.enum(['bed', 'ring', 'heart', 'top', 'stack', 'skewer', 'beside']),
  layer: z.int(),
  pan: z.enum(['main', 'aside']),
  marinadeId: catalogueIdSchema.optional(),
});

export const planSchema = z.object({
  schemaVersion: z.literal(PLAN_SCHEMA_VERSION),
  eveningId: z.string(),
  style: z.object({ id: z.string(), name: z.string(), stages: z.array(stageSchema) }),
  menu: z.object({ slots: z.array(menuSlotSchema), finishId: z.string() }),
  service: serviceSchema,
  portions: z.number(),
  amounts: z.array(amountSchema),
  conflicts: z.array(conflictSchema),
  asks: z.array(askSchema),
  liquids: z.array(liquidSchema),
  build: buildSchema,
  simmer: simmerSchema,
  prep: prepSchema,
  shopping: z.array(shoppingItemSchema),
  cautions: z.array(cautionSchema),
});

export type ShownMeasure = z.infer<typeof shownMeasureSchema>;
export type AmountPurpose = z.infer<typeof amountPurposeSchema>;
export type Amount = z.infer<typeof amountSchema>;
export type LiquidStep = z.infer<typeof liquidStepSchema>;
export type LiquidIngredient = z.infer<typeof liquidIngredientSchema>;
export type Drawn = z.infer<typeof drawnSchema>;
export type WaterLedger = z.infer<typeof waterLedgerSchema>;
export type SaltLedger = z.infer<typeof saltLedgerSchema>;
export type Ledger = z.infer<typeof ledgerSchema>;
export type Liquid = z.infer<typeof liquidSchema>;
export type Sector = z.infer<typeof sectorSchema>;
export type Build = z.infer<typeof buildSchema>;
export type MenuSlotShown = z.infer<typeof menuSlotSchema>;
export type Action = z.infer<typeof actionSchema>;
export type SimmerPiece = z.infer<typeof simmerPieceSchema>;
export type Unsatisfied = z.infer<typeof unsatisfiedSchema>;
export type Simmer = z.infer<typeof simmerSchema>;
export type ShoppingItem = z.infer<typeof shoppingItemSchema>;
export type Caution = z.infer<typeof cautionSchema>;
export type Offer = z.infer<typeof offerSchema>;
export type Conflict = z.infer<typeof conflictSchema>;
export type Ask = z.infer<typeof askSchema>;
export type Plan = z.infer<typeof planSchema>;
/** A plan without its preparation, which takes longer to work out. */
export type PotPlan = Omit<Plan, 'prep'>;
