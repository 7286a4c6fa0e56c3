import { mustReadEvening, type Evening } from '@elixa/contract';
import practiceNight from '../../examples/practice-night.json';

/** Practice night, with what a test wants different. */
export const practice = (more: Partial<Evening> = {}): Evening => ({ ...mustReadEvening(practiceNight), ...more });
