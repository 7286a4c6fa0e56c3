import { z } from 'zod';
import { momentSchema } from './evening';
import { labelSchema } from './label';
import { migratePlan } from './migrations/migratePlan';
import { planSchema } from './plan';
import { actSchema } from './program';
import { anyEveningSchema } from './readEvening';
import { sightingSchema } from './sighting';

/** Version of the log's events. */
export const LIVE_EVENT_VERSION = 3;

/** The plan of a pot of any version, read as today's. */
export const anyPlanSchema = z.preprocess(migratePlan, planSchema.omit({ prep: true }));

/**
 * What has happened at a pot: an act that was done or something that was seen, each to be read without any plan. Where it
 * answers an act of a plan, of two phones that answer the first counts; one that answers none counts by its event.
 */
export const factSchema = z
  .strictObject({
    potId: z.string().min(1).max(40),
    round: z.int().positive().optional(),
    act: actSchema.optional(),
    saw: sightingSchema.optional(),
    /** By the event with which the plan was adopted. */
    answers: z.strictObject({ planId: z.uuid(), actId: z.string().min(1).max(160) }).optional(),
  })
  .refine(({ act, saw }) => (act === undefined) !== (saw === undefined), {
    error: 'A fact is either something that was done (`act`) or something that was seen (`saw`).',
  });

/** What names a plan in a log: it follows from all that the plan says. */
export const planHashSchema = z.string().regex(/^[0-9a-f]{64}$/);

export const eventBase = {
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

const base = { v: z.literal(LIVE_EVENT_VERSION), ...eventBase };

const tickShape = {
  type: z.literal('ticked'),
  /**
   * Something is ticked, or not any more: a task of the preparation that was begun or is done, what stands on the
   * counter, what was bought, what was taken out of the pantry.
   */
  list: z.enum(['begun', 'prep', 'counter', 'bought', 'used']),
  itemId: z.string().min(1).max(120),
  on: z.boolean(),
};

const FOUND = z.number().positive().max(20);

/** The kitchen as one evening found it, at one of its pots: shares of what is usual, and the covariance of their logarithms. */
export const kitchenFoundSchema = z.strictObject({
  potId: z.string().min(1).max(40),
  figures: z.strictObject({ useful: FOUND, loss: FOUND, steam: FOUND, poured: FOUND }),
  /** In the order of the figures. */
  covariance: z.array(z.array(z.number()).length(4)).length(4),
});

/** What has been said alike in logs of every version. */
export const plainEvents = <Base extends z.ZodRawShape>(base: Base) =>
  [
    z.strictObject({ ...base, type: z.literal('paused') }),
    z.strictObject({ ...base, type: z.literal('resumed') }),
    z.strictObject({ ...base, type: z.literal('undone'), target: z.uuid() }),
    z.strictObject({ ...base, type: z.literal('noted'), text: labelSchema(2000) }),
    z.strictObject({ ...base, ...tickShape }),
    /** The pot came off before it was eaten: the evening is planned again, for later or another day. */
    z.strictObject({ ...base, type: z.literal('stopped') }),
    z.strictObject({ ...base, type: z.literal('finished'), kitchens: z.array(kitchenFoundSchema).max(4).optional() }),
  ] as const;

/** The live evening, one event at a time. */
export const liveEventSchema = z.discriminatedUnion('type', [
  /**
   * The evening as it was, and the plan that it is cooked by, so that the log can be read alone, whatever is changed in the
   * document or in the planner later. The plan lies beside the events, once.
   */
  z.strictObject({
    ...base,
    type: z.literal('planAdopted'),
    evening: anyEveningSchema,
    planHash: planHashSchema,
    /** While a pot cooks: the plan that it takes the place of. Of two that would, the first counts. */
    over: z.uuid().optional(),
    /** The events whose facts that plan was made from. */
    knows: z.array(z.uuid()).max(2000).optional(),
  }),
  /** What one tap said. */
  z.strictObject({
    ...base,
    type: z.literal('happened'),
    facts: z.array(factSchema).min(1).max(240),
    checkedThrough: z.boolean().optional(),
  }),
  ...plainEvents(base),
]);

/** The plans that a log names, by hash. */
export const plansSchema = z.record(planHashSchema, anyPlanSchema);

/** A log as it is sent: plans come with the events that name them. */
export const liveLogSchema = z.object({ plans: plansSchema, events: z.array(liveEventSchema) });

export type Fact = z.infer<typeof factSchema>;
export type KitchenFound = z.infer<typeof kitchenFoundSchema>;
export type LiveEvent = z.infer<typeof liveEventSchema>;
export type LiveEventOf<Type extends LiveEvent['type']> = Extract<LiveEvent, { type: Type }>;
export type Plans = z.infer<typeof plansSchema>;
export type LiveLog = z.infer<typeof liveLogSchema>;

/** What a device says; what makes it an event is added as it is recorded. */
export type LiveNews = LiveEvent extends infer Event
  ? Event extends LiveEvent
    ? Omit<Event, 'v' | 'id' | 'at' | 'device' | 'clock' | 'after'>
    : never
  : never;
export type TickList = LiveEventOf<'ticked'>['list'];
