import type { LiveEvent, Plans } from '@elixa/contract';
import type { Look } from '../live/lookAgain';
import type { Mishap } from './mishaps';

export interface RehearsalScore {
  /** What was called ready, or let be served, though it was not cooked through: ids of pieces. */
  unsafeCalledReady: string[];
  /** What was out of its window when it was lifted out; and of how many. */
  outOfWindow: string[];
  lifted: number;
  /** By how much later than planned people sat down to eat, in s. */
  lateS: number;
  /** Changes that were told within a minute of another. */
  hurried: number;
}

/** What was believed of the pot at a moment, and what was true. */
export interface Estimated {
  atS: number;
  tempC: number;
  sd: number;
  truthC: number;
  boilsAtS?: number;
  trueBoilsAtS?: number;
}

export interface EveningRehearsed {
  seed: number;
  mishaps: Mishap[];
  course: Array<{ atS: number; tempC: number }>;
  estimates: Estimated[];
  said: Array<{ atS: number; text: string }>;
  score: RehearsalScore;
}

/** The same with all that the phone was told and showed, to be gone through again. Seconds from lighting the burner. */
export interface EveningToldAgain extends EveningRehearsed {
  log: { plans: Plans; events: LiveEvent[] };
  /** The pots as the phone saw them, each from then on. */
  looks: Array<Omit<Look, 'again' | 'sooner'>>;
  /** When the burner was lit, by the wall clock in ms, and how long it all took, in s. */
  startsMs: number;
  endsAtS: number;
}
