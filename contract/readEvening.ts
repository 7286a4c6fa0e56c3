import { z } from 'zod';
import type { FieldError } from './fieldErrors';
import { EVENING_SCHEMA_VERSION, eveningSchema, type Evening } from './evening';
import { fieldErrors } from './fieldErrors';
import { isRaw } from './migrations/evening1to2';
import { migrateEvening } from './migrations/migrateEvening';

/** An evening of any version, read as today's: for every message and stored value that holds one. */
export const anyEveningSchema = z.preprocess(migrateEvening, eveningSchema);

export type ReadEvening =
  { evening: Evening; faults: readonly [] } | { evening?: undefined; faults: readonly FieldError[] };

const versionFault = (version: unknown): FieldError[] => [
  {
    field: 'schemaVersion',
    message:
      version === undefined
        ? 'It is missing'
        : typeof version === 'number' && version > EVENING_SCHEMA_VERSION
          ? `It was written by a newer program (version ${version})`
          : 'There is no such version',
    fix: `Use a whole number from 1 to ${EVENING_SCHEMA_VERSION}.`,
  },
];

/**
 * Reads an evening document of any version, one step at a time, and checks it strictly. The one door for stored rows, the
 * device's store, opened files, the start of a log and the command line.
 * @returns the evening as today's document, or every fault with its field and a fix; the input is not changed
 * @example readEvening(JSON.parse(text)).evening?.schemaVersion // 2
 */
export function readEvening(input: unknown): ReadEvening {
  if (!isRaw(input)) {
    return {
      faults: [{ field: '(document)', message: 'This is not an object', fix: 'Give an evening as it is exported.' }],
    };
  }
  const { schemaVersion } = input;
  const isKnown =
    typeof schemaVersion === 'number' &&
    Number.isInteger(schemaVersion) &&
    schemaVersion >= 1 &&
    schemaVersion <= EVENING_SCHEMA_VERSION;
  if (!isKnown) return { faults: versionFault(schemaVersion) };
  const parsed = eveningSchema.safeParse(migrateEvening(input));
  return parsed.success ? { evening: parsed.data, faults: [] } : { faults: fieldErrors(parsed.error, eveningSchema) };
}

/**
 * The same where the document must be one.
 * @throws TypeError with every fault
 */
export function mustReadEvening(input: unknown): Evening {
  const { evening, faults } = readEvening(input);
  if (!evening) throw new TypeError(faults.map((one) => `${one.field}: ${one.message}. ${one.fix}`).join('\n'));
  return evening;
}
