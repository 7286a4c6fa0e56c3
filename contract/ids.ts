import { z } from 'zod';

/** Lower-case identifiers of catalogue entries: `chickenThigh`, `clearChicken`. */
export const catalogueIdSchema = z.string().regex(/^[a-z][A-Za-z0-9]{1,47}$/);
