import { z } from 'zod';
import { dinerSchema, eveningSchema } from './evening';
import { fieldErrorSchema } from './fieldErrors';
import { liveEventSchema, liveLogSchema, plansSchema } from './live';
import { liveEvent1Schema, liveEvent2Schema, type AnyLiveEvent } from './olderLogs';
import { anyEveningSchema } from './readEvening';

export const eveningStatusSchema = z.enum(['planned', 'live', 'finished']);

/** One row of the list of evenings. */
export const eveningSummarySchema = z.object({
  id: z.string(),
  title: z.string(),
  sitDownAt: z.string(),
  status: eveningStatusSchema,
  version: z.int().positive(),
  diners: z.array(dinerSchema),
  styleId: z.string(),
  finishedAt: z.string().optional(),
  lastNote: z.string().optional(),
  /** When its picture was put there; none where it has none. */
  photoAt: z.string().optional(),
});

/** A stored evening. `version` goes up with every change and must be sent back with the next one. */
export const storedEveningSchema = z.object({
  version: z.int().positive(),
  status: eveningStatusSchema,
  updatedAt: z.string(),
  evening: eveningSchema,
});

/** A page of the list; `next` is the place where the page after it begins. */
export const eveningListSchema = z.object({ evenings: z.array(eveningSummarySchema), next: z.string().optional() });
export const listQuerySchema = z.strictObject({
  part: z.enum(['ahead', 'past']).optional(),
  after: z.string().max(120).optional(),
  limit: z.coerce.number().int().min(1).max(100).optional(),
});
/** What was thrown away, the last first, with the day from which it is gone for good. */
export const binSchema = z.object({
  evenings: z.array(
    z.object({ id: z.string(), title: z.string(), sitDownAt: z.string(), deletedAt: z.string(), goneAt: z.string() }),
  ),
});
export const peopleSchema = z.object({ people: z.array(dinerSchema) });
export const createEveningSchema = z.strictObject({ evening: anyEveningSchema });
export const changeEveningSchema = z.strictObject({ version: z.int().positive(), evening: anyEveningSchema });
/** By the version that an event says it is of; the first said nothing. */
function schemaOf(event: unknown) {
  if (typeof event !== 'object' || event === null) return liveEventSchema;
  if (!('v' in event)) return liveEvent1Schema;
  return event.v === 2 ? liveEvent2Schema : liveEventSchema;
}

/** An event of today, or of a version before: each is held to its own shape, so that faults name their field. */
const sentEventSchema = z.unknown().transform((event, { issues }): AnyLiveEvent => {
  const read = schemaOf(event).safeParse(event);
  if (read.success) return read.data;
  for (const issue of read.error.issues) issues.push({ ...issue, input: event } as (typeof issues)[number]);
  return z.NEVER;
});

/** A page of the version before is heard, too: its events are brought to today's as they are read. */
export const appendEventsSchema = z.strictObject({
  plans: plansSchema.optional(),
  events: z.array(sentEventSchema).min(1).max(200),
});
export const eventsAnswerSchema = liveLogSchema;
export const appendedAnswerSchema = z.object({ accepted: z.array(z.string()), alreadyHad: z.array(z.string()) });

/** An error as RFC 9457 describes it, with the fields at fault. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string(),
  instance: z.string().optional(),
  errors: z.array(fieldErrorSchema).optional(),
  /** With a conflict: what is stored now, so that nothing is lost. */
  current: storedEveningSchema.optional(),
});

export const PROBLEM_MEDIA_TYPE = 'application/problem+json';

export type EveningStatus = z.infer<typeof eveningStatusSchema>;
export type EveningSummary = z.infer<typeof eveningSummarySchema>;
export type StoredEvening = z.infer<typeof storedEveningSchema>;
export type EveningList = z.infer<typeof eveningListSchema>;
export type People = z.infer<typeof peopleSchema>;
export type Bin = z.infer<typeof binSchema>;
export type CreateEvening = z.infer<typeof createEveningSchema>;
export type ChangeEvening = z.infer<typeof changeEveningSchema>;
export type AppendEvents = z.infer<typeof appendEventsSchema>;
export type AppendedAnswer = z.infer<typeof appendedAnswerSchema>;
export type Problem = z.infer<typeof problemSchema>;
