import { readHousePot, type Evening, type FieldError, type HousePot } from '@elixa/contract';
import { checkEvening, withHousePot } from '@elixa/core';
import { jsonOf } from '@/ui/jsonOf';

/** Faults of the vessel and the guests of tonight are none of a pot that somebody gives away. */
const OF_TONIGHT = ['vessel', 'heatSource', 'diners', 'kitchen', 'service'];

/**
 * The pot that a file holds, or why it cannot be taken in: it is checked as a document, and against the catalogue.
 * @param evening any that can be planned; only its house is looked at
 */
export function readPotFile(text: string, evening: Evening): { pot?: HousePot; faults: readonly FieldError[] } {
  const read = jsonOf(text, 'Choose a pot that was saved as a file.');
  if ('faults' in read) return read;
  const { pot, faults } = readHousePot(read.document);
  if (!pot) return { faults };
  const unknown = checkEvening(withHousePot(evening, pot)).filter(
    ({ field }) =>
      !OF_TONIGHT.some((one) => field === one || field.startsWith(`${one}.`) || field.startsWith(`${one}[`)),
  );
  return unknown.length > 0 ? { faults: unknown } : { pot, faults: [] };
}
