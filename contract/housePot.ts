import { z } from 'zod';
import { eveningSchema, ownThingSchema, serviceSchema } from './evening';
import { fieldErrors, type FieldError } from './fieldErrors';
import { labelSchema } from './label';

/** Version of the shape in which a pot of the house is kept and shared. */
export const HOUSE_POT_VERSION = 1;

/** A pot that the house composed and keeps: everything of an evening that is the pot's, and nothing of its guests. */
export const housePotSchema = z.strictObject({
  schemaVersion: z.literal(HOUSE_POT_VERSION),
  id: z.string().regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,63}$/),
  name: labelSchema(60),
  /** When it was last kept; the later one holds, wherever it was kept. */
  changedAt: z.iso.datetime({ offset: true }),
  /** It was thrown away; that is kept so that an older one elsewhere does not bring it back. */
  gone: z.literal(true).optional(),
  style: eveningSchema.shape.style,
  service: serviceSchema,
  own: z.array(ownThingSchema).max(30).optional(),
  choices: eveningSchema.shape.choices,
  overrides: eveningSchema.shape.overrides,
});

export const housePotsSchema = z.strictObject({ pots: z.array(housePotSchema).max(300) });

export type HousePot = z.infer<typeof housePotSchema>;
export type HousePots = z.infer<typeof housePotsSchema>;

export type ReadHousePot = { pot: HousePot; faults: readonly [] } | { pot?: undefined; faults: readonly FieldError[] };

/**
 * Reads a pot of the house from a file or a store, strictly.
 * @returns the pot, or every fault with its field and a fix
 * @example readHousePot(JSON.parse(text)).pot?.name // 'Belfry pot'
 */
export function readHousePot(input: unknown): ReadHousePot {
  const version = (input as { schemaVersion?: unknown } | null)?.schemaVersion;
  if (typeof version === 'number' && version > HOUSE_POT_VERSION) {
    const message = `It was written by a newer program (version ${version})`;
    return { faults: [{ field: 'schemaVersion', message, fix: `Use version ${HOUSE_POT_VERSION}.` }] };
  }
  const parsed = housePotSchema.safeParse(input);
  return parsed.success ? { pot: parsed.data, faults: [] } : { faults: fieldErrors(parsed.error, housePotSchema) };
}
