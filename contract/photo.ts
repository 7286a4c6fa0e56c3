import { z } from 'zod';

/** How a picture is kept: sized down on the device that took it, so that a list of evenings stays light. */
export const PHOTO = {
  /** Its longer side, and that of the small one beside it, in pixels. */
  longestPx: 1280,
  smallPx: 192,
  mostBytes: 1_000_000,
  mostSmallBytes: 60_000,
} as const;

/** A JPEG of at most so many bytes, in base64. */
const jpegSchema = (bytes: number) =>
  z
    .base64('This is not base64')
    .min(4)
    .max(Math.ceil(bytes / 3) * 4, `The picture is larger than ${Math.round(bytes / 1000)} kB`);

const changedAt = z.iso.datetime({ offset: true });

/** The picture of an evening's pot, or that it was taken away; of two the later one holds, wherever it was put. */
export const photoSchema = z.union([
  z.strictObject({ changedAt, gone: z.literal(true) }),
  z.strictObject({ changedAt, jpeg: jpegSchema(PHOTO.mostBytes), small: jpegSchema(PHOTO.mostSmallBytes) }),
]);

/** When the picture that is kept of an evening was put there; nothing where there is none. */
export const photoMarkSchema = z.object({ photoAt: z.string().optional() });

/** Which picture is asked for: the small one for a list, and the one put there at a time, which never changes. */
export const photoQuerySchema = z.strictObject({
  size: z.enum(['small', 'full']).optional(),
  at: z.string().optional(),
});

export type Photo = z.infer<typeof photoSchema>;
export type PhotoMark = z.infer<typeof photoMarkSchema>;
