import { YEARS } from './years';
import { z } from 'zod';
import { catalogueIdSchema } from './ids';
import { labelSchema } from './label';
import { pantryItemSchema } from './pantry';
import { vesselSchema } from './vessel';

/** Version of the evening document's shape. Raised when a stored document would have to be rewritten. */
export const EVENING_SCHEMA_VERSION = 2;

const label = labelSchema;

/** A date and time with its offset from Greenwich. */
export const momentSchema = z.iso.datetime({ offset: true }).refine(
  (text) => {
    const year = Number(text.slice(0, 4));
    return year >= YEARS.first && year <= YEARS.last;
  },
  { error: 'The year is out of reach', params: { fix: `Use a year from ${YEARS.first} to ${YEARS.last}.` } },
);

/** A table by catalogue ids, of no more rows than a catalogue page. */
const byId = <Value extends z.ZodType>(value: Value, most: number) =>
  z.record(catalogueIdSchema, value).refine((rows) => Object.keys(rows).length <= most, {
    error: `There are more than ${most} rows`,
    params: { fix: `Keep ${most} at most.` },
  });

export const appetiteSchema = z.enum(['small', 'regular', 'large']);

/** Ways of eating that exclude whole kinds of food. */
export const dietSchema = z.enum(['vegan', 'vegetarian', 'pescatarian', 'noPork', 'noBeef', 'noAlcohol', 'mild']);

/**
 * Allergens that a guest may have to avoid: the fourteen that food law in many places names, and buckwheat. A guest may
 * also avoid single ingredients by their id.
 */
export const allergenSchema = z.enum([
  'soy',
  'wheat',
  'sesame',
  'peanut',
  'egg',
  'fish',
  'crustaceans',
  'molluscs',
  'milk',
  'mustard',
  'buckwheat',
  'celery',
  'nuts',
  'lupin',
  'sulphites',
]);

/** What a guest should not have for who the guest is, unless those who answer for it were asked and want it so. */
export const careSchema = z.enum(['alcohol']);

const namesOfFood = z.array(z.union([allergenSchema, catalogueIdSchema])).max(40);

export const dinerSchema = z.strictObject({
  name: label(40),
  appetite: appetiteSchema,
  diets: z.array(dietSchema).max(7),
  /** What harms the guest: an allergy, or what a body does not bear. */
  avoids: namesOfFood,
  /** What the guest would rather not eat; it may be in the same pot. */
  dislikes: namesOfFood.optional(),
  child: z.boolean(),
  /** Of a child, in full years; one whose age is not told is taken for a small one where that is safer. */
  years: z.int().min(0).max(17).optional(),
  /** Expecting a child, or old or ill: what may hurt them is said more gravely. */
  expecting: z.boolean().optional(),
  frail: z.boolean().optional(),
  /** What was asked about, and is to be served all the same. */
  agreed: z.array(careSchema).max(1).optional(),
});

export const heatSourceSchema = z.strictObject({
  id: label(40),
  name: label(60),
  /** `ownElement` is built into a pan that heats itself. */
  kind: z.enum(['portableGas', 'gasHob', 'induction', 'electricPlate', 'ownElement']),
  powerW: z.number().min(300).max(8000),
  /** What of its power went into a pot when the cook timed water to the boil, and by how much that may be wrong. */
  measured: z
    .strictObject({ inPotW: z.number().min(50).max(8000), doubtPct: z.number().min(1).max(60), on: momentSchema })
    .optional(),
});

export const unitsSchema = z.enum(['metric', 'us', 'eastAsian']);
export const serviceSchema = z.enum(['allAtOnce', 'rounds', 'swish', 'searThenSimmer']);

/** What a guest cannot eat is replaced for everyone, or in a small pan kept aside for the named guests. */
export const swapSchema = z.strictObject({
  ingredientId: catalogueIdSchema,
  withIngredientId: catalogueIdSchema,
  scope: z.enum(['everyone', 'aside']),
});

const tasteStep = z.int().min(-3).max(3).optional();

/** How fast the hands are. */
export const paceSchema = z.enum(['unhurried', 'steady', 'quick']);

/** What there is to prepare with, where it differs from two burners and steady hands. */
export const kitchenSchema = z.strictObject({
  burners: z.int().min(1).max(4).optional(),
  pace: paceSchema.optional(),
  /** The earliest that somebody can start. */
  startAt: momentSchema.optional(),
});

export const tasteSchema = z.strictObject({
  salt: tasteStep,
  sweet: tasteStep,
  sour: tasteStep,
  heat: tasteStep,
  savour: tasteStep,
});

/** Something that the catalogue does not hold, named by the cook: it is like something that it does hold. */
export const ownThingSchema = z.strictObject({
  /** Follows from the rest, so that the same thing is the same in every evening. */
  id: catalogueIdSchema,
  name: label(60),
  likeId: catalogueIdSchema,
  /** Of one piece, where it is thicker or thinner than what it is like. */
  thicknessMm: z.number().min(1).max(80).optional(),
  /** Salt from the label, g in 100 g. */
  saltPct: z.number().min(0).max(60).optional(),
  /** From the label, besides what it is like. */
  allergens: z.array(allergenSchema).max(15).optional(),
  /** How many times as long as what it is like it takes, as the cook found out at the table. */
  timesLonger: z.number().min(0.3).max(4).optional(),
});

export const sideSchema = z.enum(['first', 'second']);

/** The two sides of a pot with two broths: the first broth's, and the other half's. */
export const sidesSchema = z.strictObject({
  /** The side that nothing of an animal comes into. */
  meatFree: z.enum(['first', 'second', 'none']).optional(),
  /** Where a thing is cooked, by ingredient; in both where nothing is said. */
  of: byId(z.enum(['first', 'second', 'both']), 60).optional(),
});

/** Liquids that the cook chose in place of the style's own. */
export const liquidsChosenSchema = z.strictObject({
  broth: catalogueIdSchema.optional(),
  /** For the other half of a divided pot. */
  otherHalf: catalogueIdSchema.optional(),
  /** What lets a poured sauce down. */
  letDown: catalogueIdSchema.optional(),
  sauces: z.array(catalogueIdSchema).max(6).optional(),
  ahead: z.array(catalogueIdSchema).max(6).optional(),
});

/** Where the cook has put a bunch in the pot: the direction of its middle, clockwise from the back. */
export const laidSchema = z.strictObject({
  /** The ingredient, and in a pot with two broths its side. */
  id: z.string().min(1).max(80),
  place: z.enum(['bed', 'ring', 'heart', 'top']),
  atDeg: z.number().min(0).max(360),
  /** The cook put it there; what says nothing of that only stays where it lay then. */
  byHand: z.boolean().optional(),
  /** It stays there whatever else is arranged anew. */
  locked: z.boolean().optional(),
});

export const eveningSchema = z.strictObject({
  schemaVersion: z.literal(EVENING_SCHEMA_VERSION),
  id: z.string().regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,63}$/),
  title: label(80),
  sitDownAt: momentSchema,
  place: z.strictObject({
    altitudeM: z.number().min(-430).max(5500),
    roomTempC: z.number().min(-10).max(45),
  }),
  diners: z.array(dinerSchema).min(1).max(24),
  cooks: z.int().min(1).max(4),
  kitchen: kitchenSchema.optional(),
  /** What the house has; it is taken off the shopping, and a sauce or base in its jar need not be made. */
  pantry: z.array(pantryItemSchema).max(500).optional(),
  /** Things of the cook's own, which everything below may name like those of the catalogue. */
  own: z.array(ownThingSchema).max(30).optional(),
  units: unitsSchema,
  vessel: vesselSchema,
  heatSource: heatSourceSchema,
  /** The pot of the house that it began as. */
  housePot: z.strictObject({ id: z.string().max(64), name: label(60) }).optional(),
  /** What was noted when it was cooked before, where it is cooked again. */
  lastTime: z.strictObject({ on: momentSchema, notes: z.array(label(2000)).max(20) }).optional(),
  style: z.strictObject({
    id: catalogueIdSchema,
    schools: byId(catalogueIdSchema, 40),
  }),
  service: serviceSchema,
  choices: z.strictObject({
    swaps: z.array(swapSchema).max(20),
    leaveOut: z.array(catalogueIdSchema).max(40),
    /** What the cook put into the pot besides; how much of it stands with the other amounts. */
    added: z.array(catalogueIdSchema).max(30).optional(),
    /** How a thing is cut where that is not the style's way, by ingredient. */
    cuts: byId(catalogueIdSchema, 60).optional(),
    /** What goes into the pot frozen. */
    frozen: z.array(catalogueIdSchema).max(40).optional(),
    /** The broth is brought to the boil on the stove before it is poured. */
    brothHot: z.boolean().optional(),
    /** Broth, sauces, and what is made ahead (marinades and bases); the style's own where nothing is said. */
    liquids: liquidsChosenSchema.optional(),
    /** Where things lie in the pot, where that is not left to the solver. */
    laid: z.array(laidSchema).max(60).optional(),
    /** Which side of a divided pot is for what. */
    sides: sidesSchema.optional(),
    /** What ends the evening in the broth, or `none`; the style's usual one where nothing is said. */
    finish: catalogueIdSchema.optional(),
    /** So many pots alike simmer at once, from one stock, each with its part of everything. */
    pots: z.int().min(2).max(4).optional(),
    /** Plain rice in a bowl beside the pot; as the style has it where nothing is said. */
    riceBeside: z.boolean().optional(),
    /** What is made at home that would be bought otherwise: tofu from beans, dumplings. */
    homemade: z.array(catalogueIdSchema).max(20).optional(),
    /** What is bought ready cut or cooked, and needs no preparation. */
    bought: z.array(catalogueIdSchema).max(40).optional(),
    /** What shops sell sliced, and is cut in this kitchen all the same. */
    cutAtHome: z.array(catalogueIdSchema).max(40).optional(),
    /** Sauces and bases that are made although a jar of them is in the house, by formula. */
    fresh: z.array(catalogueIdSchema).max(12).optional(),
    /** How many times over a sauce or base is made, by formula; what is not for tonight is kept. */
    batches: byId(z.int().min(1).max(4), 40).optional(),
    /** What the table likes, by formula, in steps: 1 is a little more, -1 a little less. */
    taste: byId(tasteSchema, 40).optional(),
    /** Sauces that are mixed by a ratio of the cook's own, by formula: parts by volume of each thing, and of what lets it down. */
    ratios: byId(byId(z.number().min(0).max(100), 20), 20).optional(),
  }),
  overrides: z.strictObject({
    gramsPerHead: byId(z.number().min(0).max(1000), 60).optional(),
    brothMlPerHead: z.number().min(100).max(800).optional(),
    salinityPct: z.number().min(0).max(2).optional(),
    /** How thick a thing is cut where that is not as its cut has it, by ingredient and cut. */
    thicknessMm: byId(byId(z.number().min(1).max(80), 8), 60).optional(),
    /** How long before its round is ready a thing goes in where the cook says so, by ingredient and cut. */
    minutesInPot: byId(byId(z.number().min(0.1).max(240), 8), 60).optional(),
  }),
});

export type Appetite = z.infer<typeof appetiteSchema>;
export type Diet = z.infer<typeof dietSchema>;
export type Care = z.infer<typeof careSchema>;
export type Allergen = z.infer<typeof allergenSchema>;
export type Diner = z.infer<typeof dinerSchema>;
export type HeatSource = z.infer<typeof heatSourceSchema>;
export type Units = z.infer<typeof unitsSchema>;
export type Service = z.infer<typeof serviceSchema>;
export type Pace = z.infer<typeof paceSchema>;
export type Kitchen = z.infer<typeof kitchenSchema>;
export type Taste = z.infer<typeof tasteSchema>;
export type OwnThing = z.infer<typeof ownThingSchema>;
export type Laid = z.infer<typeof laidSchema>;
export type Swap = z.infer<typeof swapSchema>;
export type Evening = z.infer<typeof eveningSchema>;
