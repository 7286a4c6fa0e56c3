import type { FieldError } from '@elixa/contract';

/**
 * What a file says as JSON, or that it says nothing.
 * @param fix what to choose instead
 */
export function jsonOf(text: string, fix: string): { document: unknown } | { faults: readonly FieldError[] } {
  try {
    return { document: JSON.parse(text) as unknown };
  } catch {
    return { faults: [{ field: '(file)', message: 'This is not JSON', fix }] };
  }
}
