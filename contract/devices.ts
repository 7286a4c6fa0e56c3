import { z } from 'zod';

/** One reading of a kitchen scale. */
export const scaleReadingSchema = z.object({
  /** Milliseconds since the epoch. */
  atMs: z.number(),
  /** Mass since the last tare, in g; negative when something was taken off. */
  massG: z.number(),
  /** Whether it has come to rest. */
  stable: z.boolean(),
});

/** What is poured onto the stand-in for a scale, in g; a real scale takes no such orders. */
export const pourSchema = z.object({ massG: z.number().min(-5000).max(5000) });

export type ScaleReading = z.infer<typeof scaleReadingSchema>;
