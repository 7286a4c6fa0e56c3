import { readEvening } from '@elixa/contract';
import { checkEvening } from '@elixa/core';

/** What a file holds, or why it cannot be opened. */
export function readEveningFile(text: string) {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return {
      errors: [{ field: '(file)', message: 'This is not JSON', fix: 'Choose an evening that was saved as a file.' }],
    };
  }
  const { evening, faults } = readEvening(document);
  if (!evening) return { errors: [...faults] };
  const errors = checkEvening(evening);
  return errors.length > 0 ? { errors } : { evening };
}
