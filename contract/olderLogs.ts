import { z } from 'zod';
import { momentSchema } from './evening';
import { catalogueIdSchema } from './ids';
import { anyPlanSchema, eventBase, plainEvents, type LiveEvent } from './live';
import { anyEveningSchema } from './readEvening';
import { stageWordSchema } from './stages';

const place = {
  actionId: z.string().min(1).max(120),
  planId: z.uuid().optional(),
  round: z.int().positive(),
  pan: z.enum(['main', 'aside']),
};

/** Facts as version 2 wrote them: each answered a line of a plan, in words of its own. */
export const fact2Schema = z.discriminatedUnion('is', [
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

const base2 = { v: z.literal(2), ...eventBase };

/** Events as version 2 wrote them: each plan inside the event that adopted it, and a sign that was not there an event. */
export const liveEvent2Schema = z.discriminatedUnion('type', [
  z.strictObject({
    ...base2,
    type: z.literal('planAdopted'),
    evening: anyEveningSchema,
    plan: anyPlanSchema,
    over: z.uuid().optional(),
  }),
  z.strictObject({
    ...base2,
    type: z.literal('happened'),
    facts: z.array(fact2Schema).min(1).max(60),
    checkedThrough: z.boolean().optional(),
  }),
  z.strictObject({ ...base2, type: z.literal('notYet'), actionId: z.string().min(1).max(120) }),
  ...plainEvents(base2),
]);

const base1 = { id: z.uuid(), at: momentSchema };

/** Events as version 1 wrote them: steps by their number in a plan that was computed anew at each reading. */
export const liveEvent1Schema = z.discriminatedUnion('type', [
  z.strictObject({ ...base1, type: z.literal('started'), evening: anyEveningSchema }),
  z.strictObject({
    ...base1,
    type: z.literal('stepDone'),
    step: z.int().nonnegative(),
    checkedThrough: z.boolean().optional(),
  }),
  ...plainEvents(base1),
]);

export type Fact2 = z.infer<typeof fact2Schema>;
export type LiveEvent2 = z.infer<typeof liveEvent2Schema>;
export type LiveEvent1 = z.infer<typeof liveEvent1Schema>;

/** An event of any version, as it may be stored or sent. */
export type AnyLiveEvent = LiveEvent | LiveEvent2 | LiveEvent1;

/** The version that an event was written by. */
export const versionOf = (event: AnyLiveEvent): 1 | 2 | 3 => ('v' in event ? event.v : 1);
