import { readFileSync } from 'node:fs';
import path from 'node:path';
import { mustReadEvening, type Evening } from '@elixa/contract';

export const PRACTICE = readFileSync(path.join(import.meta.dirname, '..', 'examples', 'practice-night.json'), 'utf8');

/** The household's six at table, with a clear chicken pot. */
export const practice = (): Evening => mustReadEvening(JSON.parse(PRACTICE));
