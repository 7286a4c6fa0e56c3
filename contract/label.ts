import { z } from 'zod';

/** Half of a character that never got its other half, or something that no screen can show. */
const UNSHOWABLE = /\p{Cs}|(?![\n\r\t])\p{Cc}/u;

/** A text that people read: shown in one line, without what cannot be shown. */
export const labelSchema = (max: number) =>
  z
    .string()
    .trim()
    .min(1)
    .max(max)
    .refine((text) => !UNSHOWABLE.test(text), {
      error: 'It holds characters that cannot be shown',
      params: { fix: 'Type it again, without what was pasted.' },
    });
