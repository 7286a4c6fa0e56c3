import type {
  Found,
  PlanningQuestion,
  RehearsalQuestion,
  Rehearsed,
  Steps,
  StoveQuestion,
  TruthQuestion,
  Watched,
} from '@elixa/core';

/** What is asked of an evening that is planned, of the pots of one that is cooked, or of one that is rehearsed. */
export type Question = PlanningQuestion | StoveQuestion | RehearsalQuestion | TruthQuestion;
export type Finds = Found | Watched | Rehearsed;

/** What the page asks of a worker. */
export type Asked =
  { kind: 'ask'; key: string; no: number; question: Question; canWait?: boolean } | { kind: 'stop'; key: string };

/** What a worker says: finds one by one, then that it is done. */
export type Answer = { no: number } & ({ found: Finds } | { done: true } | { failed: string });

interface Job {
  no: number;
  steps: Steps<void, Finds>;
  canWait: boolean;
}

/** Between two looks at what has come in meanwhile. */
const SLICE_MS = 12;

interface Surroundings {
  plan(question: Question): Steps<void, Finds>;
  tell(answer: Answer): void;
  /** Calls back in a later turn, after what has come in. */
  later(go: () => void): void;
  nowMs(): number;
}

/**
 * Jobs done in slices. Of one key only the newest counts: an older one is left where it is, waiting or under way. What can
 * wait is only worked on when nothing else is there.
 */
export function makeJobQueue({ plan, tell, later, nowMs }: Surroundings): (asked: Asked) => void {
  const jobs = new Map<string, Job>();
  let isAwake = false;

  const next = () => [...jobs].find(([, job]) => !job.canWait) ?? [...jobs][0];

  function slice(key: string, job: Job): void {
    const untilMs = nowMs() + SLICE_MS;
    try {
      do {
        const { done, value } = job.steps.next();
        if (value) tell({ no: job.no, found: value });
        if (done) {
          jobs.delete(key);
          tell({ no: job.no, done: true });
          return;
        }
      } while (nowMs() < untilMs);
    } catch (error) {
      jobs.delete(key);
      tell({ no: job.no, failed: error instanceof Error ? error.message : String(error) });
    }
  }

  function work(): void {
    const found = next();
    if (found) slice(...found);
    isAwake = jobs.size > 0;
    if (isAwake) later(work);
  }

  return (asked) => {
    jobs.delete(asked.key);
    if (asked.kind === 'stop') return;
    const { key, no, question, canWait = false } = asked;
    jobs.set(key, { no, steps: plan(question), canWait });
    if (isAwake) return;
    isAwake = true;
    later(work);
  };
}
