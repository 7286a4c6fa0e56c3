import { readEvening } from '@elixa/contract';
import { checkEvening } from '@elixa/core';
import { jsonOf } from '@/ui/jsonOf';

/** What a file holds, or why it cannot be opened. */
export function readEveningFile(text: string) {
  const read = jsonOf(text, 'Choose an evening that was saved as a file.');
  if ('faults' in read) return { errors: [...read.faults] };
  const { evening, faults } = readEvening(read.document);
  if (!evening) return { errors: [...faults] };
  const errors = checkEvening(evening);
  return errors.length > 0 ? { errors } : { evening };
}
