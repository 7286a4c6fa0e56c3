import { z } from 'zod';
import { editSchema } from './edits';

/** One piece of preparation: nothing comes between its start and its end. */
export const prepTaskSchema = z.object({
  id: z.string(),
  /** Tasks of one block follow one another without a pause. */
  blockId: z.string(),
  label: z.string(),
  startsAt: z.iso.datetime({ offset: true }),
  endsAt: z.iso.datetime({ offset: true }),
  /** With somebody's hands, or by itself. */
  attended: z.boolean(),
  resources: z.array(z.string()),
  after: z.array(z.string()),
  /** It keeps so long that it can be done the day before. */
  dayBefore: z.boolean(),
  /** What it is about, how much of it, how it is done, and why it is done then. */
  kind: z.enum(['liquid', 'food', 'table', 'pot']),
  subjectId: z.string().optional(),
  /** It was begun by a tick, and works by itself. */
  running: z.boolean().optional(),
  amountText: z.string().optional(),
  how: z.string(),
  why: z.string(),
});

export const remedySchema = z.object({
  id: z.string(),
  /** The changes that are made, by id; none where people only sit down later, by so many seconds. */
  changeIds: z.array(z.string()),
  laterS: z.number().optional(),
  /** What is changed, all of it together. */
  changes: z.array(z.string()).min(1),
  /** The same as changes made by hand, one on top of the other. */
  edits: z.array(editSchema),
  /** Seconds late with it, and how many that gains. */
  lateS: z.number(),
  gainsS: z.number(),
});

/** Preparation, planned backwards from sitting down. */
export const prepSchema = z.object({
  tasks: z.array(prepTaskSchema),
  /** How many of each there are. */
  capacities: z.record(z.string(), z.int()),
  /** Ready as people sit down. */
  feasible: z.boolean(),
  /** Seconds from the first work with one's hands to sitting down, and of work with one's hands. */
  spanS: z.number(),
  attendedS: z.number(),
  /** The shortest span that any plan could have. */
  lowerBoundS: z.number(),
  /** Nothing better exists on time, freshness and span; otherwise why the span is over its bound. */
  proven: z.boolean(),
  gap: z.string().optional(),
  /** The search was cut short: a better plan, or another way to mend a late one, may have been missed. */
  cutShort: z.boolean().optional(),
  /** Seconds by which people sit down later. */
  late: z.number(),
  remedies: z.array(remedySchema),
  /** Things and liquids all of whose work is ticked. */
  prepared: z.array(z.string()).optional(),
});

export type PrepTask = z.infer<typeof prepTaskSchema>;
export type Remedy = z.infer<typeof remedySchema>;
export type Prep = z.infer<typeof prepSchema>;
