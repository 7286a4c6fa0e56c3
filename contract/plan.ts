import { z } from 'zod';
import { buildSchema, placeSchema } from './build';
import { adviceSchema } from './edits';
import { careSchema, serviceSchema, swapSchema } from './evening';
import { catalogueIdSchema } from './ids';
import { liquidSchema } from './liquid';
import { prepSchema } from './prep';
import { potProgramSchema } from './program';
import { endingSchema, simmerSchema } from './simmer';
import { stageSchema } from './stages';

/** Version of the plan's shape. */
export const PLAN_SCHEMA_VERSION = 4;

const massG = z.number().nonnegative();

export const shownMeasureSchema = z.object({ text: z.string(), errorPct: z.number() });

export const amountPurposeSchema = z.enum(['pot', 'aside', 'broth', 'dip', 'marinade', 'base', 'finish', 'beside']);

export const amountSchema = z.object({
  ingredientId: catalogueIdSchema,
  purpose: amountPurposeSchema,
  cut: z.string().optional(),
  massG,
  shown: shownMeasureSchema,
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
  /** What harms the guest, what the guest should be asked about, a way of eating, or what is only disliked. */
  weight: z.enum(['harm', 'care', 'diet', 'taste']).optional(),
  /** What the guest can be asked about; with it the alcohol that is left of it in the guest's helping, in g. */
  care: careSchema.optional(),
  alcoholG: z.number().nonnegative().optional(),
  resolvedBy: z.string().optional(),
  /** What settles it is cooked or mixed apart. */
  apart: z.boolean().optional(),
  /** The guest eats from this side of a divided pot only. */
  side: z.enum(['first', 'second']).optional(),
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
  cuts: z.array(z.string()),
  massG,
  place: placeSchema,
  layer: z.int(),
  pan: z.enum(['main', 'aside']),
  /** In a pot with two broths: in which of them. */
  where: z.enum(['first', 'second', 'both']).optional(),
  marinadeId: catalogueIdSchema.optional(),
});

const namedMassSchema = z.object({ ingredientId: catalogueIdSchema, cut: z.string(), massG });

/** What ends the evening; dry things by their dry weight, with what they drink of the broth. */
export const finishPlanSchema = z.object({
  id: z.string(),
  name: z.string(),
  ingredients: z.array(namedMassSchema.extend({ drinksMl: massG })),
});

/** The two sides of a divided pot: what simmers in each, what is cooked there, and who eats from one of them only. */
export const sidesPlanSchema = z.object({
  meatFree: z.enum(['first', 'second']).optional(),
  first: z.object({ broth: z.string(), ingredientIds: z.array(catalogueIdSchema) }),
  second: z.object({ broth: z.string(), ingredientIds: z.array(catalogueIdSchema) }),
  only: z.array(z.object({ diner: z.string(), side: z.enum(['first', 'second']) })),
});

/** Grams of the pot's food for a regular head, by what it is to the pot. */
export const perHeadSchema = z.object({ role: z.string(), massG });

/** What the food itself brings to the broth: from marinades, and from kimchi, sausages, cakes. In grams. */
export const fromFoodSchema = z.object({ saltG: massG, sugarG: massG });

/** Something of the cook's own that is in the pot or in a liquid. */
export const ownIngredientSchema = z.object({
  ingredientId: catalogueIdSchema,
  name: z.string(),
  likeId: catalogueIdSchema,
});

export const planSchema = z.object({
  schemaVersion: z.literal(PLAN_SCHEMA_VERSION),
  eveningId: z.string(),
  style: z.object({ id: z.string(), name: z.string(), stages: z.array(stageSchema) }),
  menu: z.object({ slots: z.array(menuSlotSchema), finishId: z.string() }),
  service: serviceSchema,
  /** Pots alike that simmer at once, where there are several: building and simmering are told of one of them. */
  pots: z.int().optional(),
  portions: z.number(),
  amounts: z.array(amountSchema),
  conflicts: z.array(conflictSchema),
  asks: z.array(askSchema),
  liquids: z.array(liquidSchema),
  build: buildSchema,
  simmer: simmerSchema,
  /** All that is done at the pots, in the acts that the rehearsal went through. */
  program: potProgramSchema,
  /** How the pot stands when the finish begins. */
  ending: endingSchema.optional(),
  /** What follows stands in every plan that is made now; those that were cooked by before may lack it. */
  finish: finishPlanSchema.optional(),
  sides: sidesPlanSchema.optional(),
  perHead: z.array(perHeadSchema).optional(),
  seasoningFromFood: fromFoodSchema.optional(),
  ownIngredients: z.array(ownIngredientSchema).optional(),
  prep: prepSchema,
  shopping: z.array(shoppingItemSchema),
  cautions: z.array(cautionSchema),
});

export type ShownMeasure = z.infer<typeof shownMeasureSchema>;
export type AmountPurpose = z.infer<typeof amountPurposeSchema>;
export type Amount = z.infer<typeof amountSchema>;
export type MenuSlotShown = z.infer<typeof menuSlotSchema>;
export type ShoppingItem = z.infer<typeof shoppingItemSchema>;
export type Caution = z.infer<typeof cautionSchema>;
export type Offer = z.infer<typeof offerSchema>;
export type Conflict = z.infer<typeof conflictSchema>;
export type Ask = z.infer<typeof askSchema>;
export type Plan = z.infer<typeof planSchema>;
/** A plan without its preparation, which takes longer to work out. */
export type PotPlan = Omit<Plan, 'prep'>;
