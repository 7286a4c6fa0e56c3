import { z } from 'zod';

const plain = <Is extends string>(is: Is) => z.object({ is: z.literal(is) });

/** Something that was seen, tasted or measured at a pot. It changes nothing of it, and tells how it stands. */
export const sightingSchema = z.discriminatedUnion('is', [
  plain('boils'),
  plain('foams'),
  /** The sign of what was waited for is there, or is not yet. */
  z.object({ is: z.literal('sign'), pieceId: z.string().max(120).optional() }),
  z.object({ is: z.literal('notYet'), pieceId: z.string().max(120).optional() }),
  z.object({ is: z.literal('tasted'), says: z.enum(['weak', 'right', 'strong', 'tooHot', 'tooMild']) }),
  /** How deep the liquid stands in the middle. */
  z.object({ is: z.literal('ruler'), depthMm: z.number().nonnegative() }),
  /** Of the liquid, or of the middle of a thing in it; `read` where a device told it and nobody typed it. */
  z.object({
    is: z.literal('probe'),
    tempC: z.number(),
    pieceId: z.string().max(120).optional(),
    read: z.literal(true).optional(),
  }),
  /** The lid was opened for the table, a picture was taken. */
  plain('shown'),
]);

export type Sighting = z.infer<typeof sightingSchema>;
