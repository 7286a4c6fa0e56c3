import type { Evening } from '@elixa/contract';
import { fileNameOf, saveText } from '@/ui/saveText';

/** Hands the evening document to the browser as a file. */
export const saveAsFile = (evening: Evening) =>
  saveText(`${fileNameOf(evening.title)}.json`, 'application/json', JSON.stringify(evening, null, 2));
