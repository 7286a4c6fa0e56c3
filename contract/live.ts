import { z } from 'zod';
import { momentSchema } from './evening';
import { catalogueIdSchema } from './ids';
import { labelSchema } from './label';
import { planSchema } from './plan';
import { migratePlan } from './migrations/migratePlan';
import { anyEveningSchema } from './readEvening';
import { stageWordSchema } from './stages';

/** Version of the log's events. */
export const LIVE_EVENT_VERSION = 2;

const panSchema = z.enum(['main', 'aside']);
const place = {
  actionId: z.string().min(1).max(120),
  /** The plan whose action it answers, by the event with which that was adopted. */
  planId: z.uuid().optional(),
  round: z.int().positive(),
  pan: panSchema,
};

/** The plan of a pot of any version, read as today's. */
const anyPlanSchema = z.preprocess(migratePlan, planSchema.omit({ prep: true }));

/** What has happened at the pot, each a fact of its own that can be read without any plan. */
export const factSchema = z.discriminatedUnion('is', [
  /** By the plan that was adopted with this event. */
  z.strictObject({ ...place, is: z.literal('lit'), planId: z.uuid() }),
  z.strictObject({ ...place, is: z.literal('boilReached') }),
  z.strictObject({
    ...place,
    is: z.literal('added'),
    pieceId: z.string().min(1).max(120),
    ingredientId: catalogueIdSchema,
    cut: z.string().max(48).optional(),
    massG: z.number().nonnegative(),
  }),
  z.strictObject({ ...place, is: z.literal('poured'), ml: z.number() }),
  z.strictObject({ ...place, is: z.literal('ladledOut'), ml: z.number() }),
  /** Melted, fried, skimmed, covered, rested, turned up or down. */
  z.strictObject({
    ...place,
    is: z.literal('tended'),
    doing: z.enum([...stageWordSchema.options, 'heatUp', 'heatDown']),
    stageId: z.string().max(60).optional(),
  }),
  z.strictObject({ ...place, is: z.literal('served') }),
  z.strictObject({ ...place, is: z.literal('swished') }),
  z.strictObject({ ...place, is: z.literal('burnerOff') }),
]);

const base = {
  v: z.literal(LIVE_EVENT_VERSION),
  /** Made by the client, so that sending twice stores once. */
  id: z.uuid(),
  /** By the clock of the device, set right by the server's where it has met it. */
  at: momentSchema,
  device: z.string().regex(/^[A-Za-z0-9-]{4,64}$/),
  /** Goes up with every event that the device has made or seen: the order of the log, whatever the wall clocks say. */
  clock: z.int().positive(),
  /** The last event of another device that this one had seen. */
  after: z.uuid().optional(),
};

const tickSchema = {
  type: z.literal('ticked'),
  /**
   * Something is ticked, or not any more: a task of the preparation that was begun or is done, what stands on the
   * counter, what was bought, what was taken out of the pantry.
   */
  list: z.enum(['begun', 'prep', 'counter', 'bought', 'used']),
  itemId: z.string().min(1).max(120),
  on: z.boolean(),
};

/** The live evening, one event at a time. */
export const liveEventSchema = z.discriminatedUnion('type', [
  /**
   * The evening as it was, and the plan that it is cooked by, so that the log can be read alone, whatever is changed in the
   * document or in the planner later.
   */
  z.strictObject({
    ...base,
    type: z.literal('planAdopted'),
    evening: anyEveningSchema,
    plan: anyPlanSchema,
    /** While a pot cooks: the plan that it takes the place of. Of two that would, the first counts. */
    over: z.uuid().optional(),
  }),
  /** What one tap said. */
  z.strictObject({
    ...base,
    type: z.literal('happened'),
    facts: z.array(factSchema).min(1).max(60),
    checkedThrough: z.boolean().optional(),
  }),
  /** The sign is not there yet. */
  z.strictObject({ ...base, type: z.literal('notYet'), actionId: z.string().min(1).max(120) }),
  z.strictObject({ ...base, type: z.literal('paused') }),
  z.strictObject({ ...base, type: z.literal('resumed') }),
  z.strictObject({ ...base, type: z.literal('undone'), target: z.uuid() }),
  z.strictObject({ ...base, type: z.literal('noted'), text: labelSchema(2000) }),
  z.strictObject({ ...base, ...tickSchema }),
  /** The pot came off before it was eaten: the evening is planned again, for later or another day. */
  z.strictObject({ ...base, type: z.literal('stopped') }),
  z.strictObject({ ...base, type: z.literal('finished') }),
]);

const oldBase = { id: z.uuid(), at: momentSchema };

/** Events as version 1 wrote them: steps by their number in a plan that was computed anew at each reading. */
export const liveEvent1Schema = z.discriminatedUnion('type', [
  z.strictObject({ ...oldBase, type: z.literal('started'), evening: anyEveningSchema }),
  z.strictObject({
    ...oldBase,
    type: z.literal('stepDone'),
    step: z.int().nonnegative(),
    checkedThrough: z.boolean().optional(),
  }),
  z.strictObject({ ...oldBase, type: z.literal('paused') }),
  z.strictObject({ ...oldBase, type: z.literal('resumed') }),
  z.strictObject({ ...oldBase, type: z.literal('undone'), target: z.uuid() }),
  z.strictObject({ ...oldBase, type: z.literal('noted'), text: labelSchema(2000) }),
  z.strictObject({ ...oldBase, ...tickSchema }),
  z.strictObject({ ...oldBase, type: z.literal('stopped') }),
  z.strictObject({ ...oldBase, type: z.literal('finished') }),
]);

export type Fact = z.infer<typeof factSchema>;
export type LiveEvent = z.infer<typeof liveEventSchema>;
export type LiveEvent1 = z.infer<typeof liveEvent1Schema>;
/** An event of any version, as it may be stored or sent. */
export type AnyLiveEvent = LiveEvent | LiveEvent1;
export type LiveEventOf<Type extends LiveEvent['type']> = Extract<LiveEvent, { type: Type }>;

/** What a device says; what makes it an event is added as it is recorded. */
export type LiveNews = LiveEvent extends infer Event
  ? Event extends LiveEvent
    ? Omit<Event, 'v' | 'id' | 'at' | 'device' | 'clock' | 'after'>
    : never
  : never;
export type TickList = LiveEventOf<'ticked'>['list'];
