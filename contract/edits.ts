import { z } from 'zod';
import {
  careSchema,
  dinerSchema,
  heatSourceSchema,
  kitchenSchema,
  laidSchema,
  liquidsChosenSchema,
  momentSchema,
  ownThingSchema,
  serviceSchema,
  swapSchema,
  tasteSchema,
  unitsSchema,
} from './evening';
import { housePotSchema } from './housePot';
import { catalogueIdSchema } from './ids';
import { labelSchema } from './label';
import { vesselSchema } from './vessel';

const seat = z.int().nonnegative();

/** One named change of an evening: what a cook does to it, or what its plan suggests and one tap makes. */
export const editSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('styleChosen'), styleId: catalogueIdSchema }),
  z.strictObject({ kind: z.literal('housePotChosen'), pot: housePotSchema }),
  /** It is kept as a pot of the house from now on. */
  z.strictObject({ kind: z.literal('potKept'), id: z.string().max(64), name: labelSchema(60) }),
  z.strictObject({ kind: z.literal('titled'), title: labelSchema(80) }),
  /** When somebody is home moves with the day. */
  z.strictObject({ kind: z.literal('sitDownMoved'), sitDownAt: momentSchema, startAt: momentSchema.optional() }),
  z.strictObject({ kind: z.literal('guestJoined'), diner: dinerSchema }),
  z.strictObject({ kind: z.literal('guestChanged'), seat, diner: dinerSchema }),
  z.strictObject({ kind: z.literal('guestLeft'), seat }),
  /** The guest, or whoever answers for a child, was asked: it is served all the same, or it is not. */
  z.strictObject({ kind: z.literal('guestAsked'), seat, about: careSchema, agrees: z.boolean() }),
  /** Another pot, or several of it at once. */
  z.strictObject({
    kind: z.literal('vesselChosen'),
    vessel: vesselSchema,
    pots: z.int().min(1).max(4).optional(),
  }),
  z.strictObject({ kind: z.literal('heatSourceChosen'), heatSource: heatSourceSchema }),
  z.strictObject({ kind: z.literal('heightSet'), altitudeM: z.number() }),
  z.strictObject({ kind: z.literal('unitsChosen'), units: unitsSchema }),
  z.strictObject({ kind: z.literal('handsSet'), cooks: z.int().min(1).max(4) }),
  z.strictObject({ kind: z.literal('kitchenSet'), kitchen: kitchenSchema.partial() }),
  z.strictObject({ kind: z.literal('swapTaken'), swap: swapSchema }),
  /** With `keepSum` the others of its kind make up for it: more shimeji where the shiitake go. */
  z.strictObject({ kind: z.literal('leftOut'), ingredientId: catalogueIdSchema, keepSum: z.boolean().optional() }),
  z.strictObject({
    kind: z.literal('putIn'),
    ingredientId: catalogueIdSchema,
    grams: z.number().nonnegative().optional(),
    keepSum: z.boolean().optional(),
  }),
  /** A thing of the cook's own: into the pot, or instead of something that is in it or in a liquid. */
  z.strictObject({
    kind: z.literal('ownMade'),
    thing: ownThingSchema.omit({ id: true }),
    instead: catalogueIdSchema.optional(),
    /** The liquid that it is for, where that is not tonight's yet. */
    liquids: liquidsChosenSchema.optional(),
  }),
  /** How long a thing of the cook's own takes, in times of what it is like; one is as long. */
  z.strictObject({
    kind: z.literal('ownTimed'),
    ingredientId: catalogueIdSchema,
    timesLonger: z.number().min(0.3).max(4),
  }),
  /** How a thing is cut; as the style has it where no cut is said. */
  z.strictObject({ kind: z.literal('cutChosen'), ingredientId: catalogueIdSchema, cut: catalogueIdSchema.optional() }),
  /** How thick it is cut; as its cut has it where no thickness is said. */
  z.strictObject({
    kind: z.literal('thicknessSet'),
    ingredientId: catalogueIdSchema,
    cut: catalogueIdSchema,
    thicknessMm: z.number().min(1).max(80).optional(),
  }),
  /** The broth is brought to the boil before it is poured; as the style has it where it is not. */
  z.strictObject({ kind: z.literal('brothHotSet'), hot: z.boolean() }),
  z.strictObject({ kind: z.literal('frozenSet'), ingredientId: catalogueIdSchema, frozen: z.boolean() }),
  /** How long before its round is ready it goes in; when the plan has it where no time is said. */
  z.strictObject({
    kind: z.literal('timeInPotSet'),
    ingredientId: catalogueIdSchema,
    cut: catalogueIdSchema,
    minutes: z.number().min(0.1).max(240).optional(),
  }),
  z.strictObject({ kind: z.literal('lidSet'), lid: z.boolean() }),
  /** Neither exchanged nor left out any more. */
  z.strictObject({ kind: z.literal('putBack'), ingredientIds: z.array(catalogueIdSchema).min(1) }),
  /** What was swapped for some is swapped for everyone. */
  z.strictObject({ kind: z.literal('swapForEveryone'), ingredientIds: z.array(catalogueIdSchema).min(1) }),
  z.strictObject({ kind: z.literal('liquidsChosen'), liquids: liquidsChosenSchema }),
  z.strictObject({ kind: z.literal('schoolFollowed'), question: catalogueIdSchema, option: catalogueIdSchema }),
  z.strictObject({ kind: z.literal('meatFreeSideChosen'), side: z.enum(['first', 'second', 'none']) }),
  z.strictObject({
    kind: z.literal('sideChosen'),
    ingredientId: catalogueIdSchema,
    where: z.enum(['first', 'second', 'both']),
  }),
  /** So many pots alike at once. */
  z.strictObject({ kind: z.literal('potsSet'), pots: z.int().min(1).max(4) }),
  z.strictObject({ kind: z.literal('serviceChosen'), service: serviceSchema }),
  /** Where things lie in the pot; all of it is left to the solver again where nothing is said. */
  z.strictObject({ kind: z.literal('bunchesLaid'), laid: z.array(laidSchema).max(60) }),
  z.strictObject({ kind: z.literal('finishChosen'), finishId: catalogueIdSchema }),
  z.strictObject({ kind: z.literal('riceBesideSet'), on: z.boolean() }),
  z.strictObject({ kind: z.literal('tasteTurned'), formulaId: catalogueIdSchema, taste: tasteSchema }),
  /** Mixed by these parts by volume; as it is written where none are given. */
  z.strictObject({
    kind: z.literal('ratioSet'),
    formulaId: catalogueIdSchema,
    ratio: z.record(catalogueIdSchema, z.number().min(0).max(100)).optional(),
  }),
  z.strictObject({ kind: z.literal('batchSet'), formulaId: catalogueIdSchema, times: z.int().min(1).max(4) }),
  z.strictObject({ kind: z.literal('madeFresh'), formulaId: catalogueIdSchema, fresh: z.boolean() }),
  z.strictObject({ kind: z.literal('madeAtHome'), ingredientId: catalogueIdSchema, made: z.boolean() }),
  z.strictObject({ kind: z.literal('boughtReady'), ingredientId: catalogueIdSchema, bought: z.boolean() }),
  z.strictObject({
    kind: z.literal('amountSet'),
    ingredientId: catalogueIdSchema,
    /** The usual amount again where none is said. */
    grams: z.number().nonnegative().optional(),
    keepSum: z.boolean().optional(),
  }),
  /** Everything that goes into the pot, by this share of what it was. */
  z.strictObject({ kind: z.literal('foodCutDown'), share: z.number().positive() }),
  z.strictObject({ kind: z.literal('brothSet'), ml: z.number().positive() }),
]);

/** What mends something: in words, and as a change where one can be made here. */
export const adviceSchema = z.object({ text: z.string(), edit: editSchema.optional() });

export type Edit = z.infer<typeof editSchema>;
export type EditKind = Edit['kind'];
export type EditOf<Kind extends EditKind> = Extract<Edit, { kind: Kind }>;
export type Advice = z.infer<typeof adviceSchema>;
