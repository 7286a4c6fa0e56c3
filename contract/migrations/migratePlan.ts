import { isRaw } from './evening1to2';
import { plan2to3 } from './plan2to3';
import { plan3to4 } from './plan3to4';

/**
 * The plan that a pot was cooked by, of any version, as one of today's. What is of no version that is known stays as it is,
 * for the schema to refuse.
 */
export function migratePlan(input: unknown): unknown {
  if (!isRaw(input)) return input;
  const third = input.schemaVersion === 2 ? plan2to3(input) : input;
  return third.schemaVersion === 3 || third.schemaVersion === 4 ? plan3to4(third) : third;
}
