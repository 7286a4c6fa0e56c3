import { EVENING_SCHEMA_VERSION } from '../evening';
import { evening1to2, isRaw, type Raw } from './evening1to2';

/** One pure step from each version to the next, by the version that it starts from. */
const STEPS: Readonly<Record<number, (document: Raw) => Raw>> = { 1: evening1to2 };

/**
 * A document of an older version as one of today's, step by step. What has no version that is known stays as it is, for the
 * schema to refuse.
 */
export function migrateEvening(input: unknown): unknown {
  if (!isRaw(input)) return input;
  let document = input;
  for (;;) {
    const version = document.schemaVersion;
    const step = typeof version === 'number' && version < EVENING_SCHEMA_VERSION ? STEPS[version] : undefined;
    if (!step) return document;
    document = step(document);
  }
}
