import { fieldErrors } from '@elixa/contract';
import type { z } from 'zod';
import { invalid } from '../failures';

/**
 * A request body as its schema understands it.
 * @throws Failure that names every field at fault
 */
export function validBody<Schema extends z.ZodType>(schema: Schema, body: unknown): z.output<Schema> {
  const parsed = schema.safeParse(body ?? {});
  if (!parsed.success) throw invalid(fieldErrors(parsed.error, schema));
  return parsed.data;
}
