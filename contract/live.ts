import { z } from 'zod';
import { labelSchema, momentSchema } from './evening';
import { anyEveningSchema } from './readEvening';

const base = {
  /** Made by the client, so that sending twice stores once. */
  id: z.uuid(),
  at: momentSchema,
};

/**
 * The live evening, one event at a time. `started` carries the evening as it was when the burner was lit, so that the
 * log can be read again alone, whatever is changed in the document later.
 */
export const liveEventSchema = z.discriminatedUnion('type', [
  z.strictObject({ ...base, type: z.literal('started'), evening: anyEveningSchema }),
  z.strictObject({
    ...base,
    type: z.literal('stepDone'),
    step: z.int().nonnegative(),
    checkedThrough: z.boolean().optional(),
  }),
  z.strictObject({ ...base, type: z.literal('paused') }),
  z.strictObject({ ...base, type: z.literal('resumed') }),
  z.strictObject({ ...base, type: z.literal('undone'), target: z.uuid() }),
  z.strictObject({ ...base, type: z.literal('noted'), text: labelSchema(2000) }),
  /**
   * Something is ticked, or not any more: a task of the preparation that was begun or is done, what stands on the counter,
   * what was bought, what was taken out of the pantry.
   */
  z.strictObject({
    ...base,
    type: z.literal('ticked'),
    list: z.enum(['begun', 'prep', 'counter', 'bought', 'used']),
    itemId: z.string().min(1).max(120),
    on: z.boolean(),
  }),
  /** The pot came off before it was eaten: the evening is planned again, for later or another day. */
  z.strictObject({ ...base, type: z.literal('stopped') }),
  z.strictObject({ ...base, type: z.literal('finished') }),
]);

export type LiveEvent = z.infer<typeof liveEventSchema>;
export type TickList = Extract<LiveEvent, { type: 'ticked' }>['list'];
export type LiveEventType = LiveEvent['type'];
