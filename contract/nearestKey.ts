import { closest, distance } from 'fastest-levenshtein';
import type { z } from 'zod';

interface Definition {
  type: string;
  shape?: Record<string, z.core.$ZodType>;
  element?: z.core.$ZodType;
  innerType?: z.core.$ZodType;
  valueType?: z.core.$ZodType;
  options?: z.core.$ZodType[];
}

const definitionOf = (schema: z.core.$ZodType): Definition => schema._zod.def as unknown as Definition;

/** The objects that a schema can be at a path, through lists, tables, options and what may be missing. */
function shapesAt(schema: z.core.$ZodType, path: readonly PropertyKey[]): Array<Record<string, z.core.$ZodType>> {
  const { shape, element, innerType, valueType, options } = definitionOf(schema);
  if (innerType) return shapesAt(innerType, path);
  if (options) return options.flatMap((option) => shapesAt(option, path));
  const [key, ...rest] = path;
  if (key === undefined) return shape ? [shape] : [];
  const next = shape?.[String(key)] ?? element ?? valueType;
  return next ? shapesAt(next, rest) : [];
}

/** Further away than so many letters, for a word as long, nobody meant it. */
const MEANT = 0.5;

/**
 * The field that was probably meant by one that does not exist.
 * @returns undefined where none is near
 */
export function nearestKey(schema: z.core.$ZodType, path: readonly PropertyKey[], key: string): string | undefined {
  const known = shapesAt(schema, path).flatMap((shape) => Object.keys(shape));
  if (known.length === 0) return undefined;
  const found = closest(
    key.toLowerCase(),
    known.map((one) => one.toLowerCase()),
  );
  const name = known.find((one) => one.toLowerCase() === found)!;
  return distance(key.toLowerCase(), found) <= Math.max(1, Math.floor(key.length * MEANT)) ? name : undefined;
}
