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

/** One reading of a probe thermometer, wherever it is stuck into. */
export const probeReadingSchema = z.object({ atMs: z.number(), tempC: z.number() });

/** What a hob says of itself: how far it is turned up, as a share of its full power. */
export const hobReportSchema = z.object({ atMs: z.number(), share: z.number().min(0).max(1) });

/** How far a hob is to be turned up. */
export const hobSetSchema = z.object({ share: z.number().min(0).max(1) });

/** What the stand-in for a probe is stuck into: the broth of an evening, or a thing in it. A real probe takes no such orders. */
export const probePlaceSchema = z.object({ eveningId: z.string().max(64), pieceId: z.string().max(120).optional() });

export const deviceIdSchema = z.enum(['scale', 'probe', 'hob']);

/** The devices that are there, and which of them are stand-ins. */
export const deviceListSchema = z.object({
  devices: z.array(z.object({ id: deviceIdSchema, isPractice: z.boolean() })),
});

export type ProbeReading = z.infer<typeof probeReadingSchema>;
export type HobReport = z.infer<typeof hobReportSchema>;
export type ProbePlace = z.infer<typeof probePlaceSchema>;
export type DeviceId = z.infer<typeof deviceIdSchema>;
export type DeviceList = z.infer<typeof deviceListSchema>;
export type ScaleReading = z.infer<typeof scaleReadingSchema>;
