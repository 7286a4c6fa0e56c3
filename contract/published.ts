import { z } from 'zod';
import { eveningSchema } from './evening';
import { housePotSchema } from './housePot';
import { liveLogSchema } from './live';
import { pantrySchema } from './pantry';
import { planSchema } from './plan';

const PUBLISHED = {
  evening: eveningSchema,
  plan: planSchema,
  'live-log': liveLogSchema,
  pantry: pantrySchema,
  'house-pot': housePotSchema,
} as const;

export type PublishedSchemaName = keyof typeof PUBLISHED;
export const PUBLISHED_SCHEMA_NAMES = Object.keys(PUBLISHED) as PublishedSchemaName[];

/**
 * The JSON Schema (draft 2020-12) of one of the open formats, derived from the Zod schema that the program itself uses.
 * @example publishedSchema('evening').properties.diners.minItems // 1
 */
export function publishedSchema(name: PublishedSchemaName) {
  return { title: `Elixa ${name}`, ...z.toJSONSchema(PUBLISHED[name], { io: 'input' }) };
}
