import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Evening, FieldError, Plan } from '@elixa/contract';
import { invalid, tookTooLong } from '../http/problems';

type Answer = { id: number } & (
  | { plan: Plan; faults?: undefined; failure?: undefined }
  | { faults: FieldError[]; failure?: undefined }
  | { failure: string; faults?: undefined }
);

interface Waiting {
  resolve(plan: Plan): void;
  reject(error: Error): void;
  timer: NodeJS.Timeout;
}

export interface Planner {
  /** @throws ProblemError with the fields at fault, or when it took too long */
  plan(evening: Evening): Promise<Plan>;
  close(): Promise<void>;
}

/** A plan is bounded to about a second of searching; one that is not there after so long never comes. */
const LONGEST_MS = 30_000;

/**
 * Plans evenings in a thread of their own, so that nobody else waits for one. The thread starts with the first evening; one
 * that is stuck is ended, and the next evening gets a new one.
 */
export function threadPlanner(longestMs = LONGEST_MS): Planner {
  const waiting = new Map<number, Waiting>();
  let worker: Worker | undefined;
  let lastId = 0;

  const settle = (id: number, how: (one: Waiting) => void) => {
    const one = waiting.get(id);
    if (!one) return;
    clearTimeout(one.timer);
    waiting.delete(id);
    how(one);
  };
  const endAll = (error: Error) => {
    for (const id of [...waiting.keys()]) settle(id, (one) => one.reject(error));
    void worker?.terminate();
    worker = undefined;
  };
  const thread = (): Worker => {
    if (worker) return worker;
    const started = new Worker(path.join(__dirname, 'planThread.mjs'), { execArgv: [] });
    started.on('message', (answer: Answer) =>
      settle(answer.id, (one) => {
        if (answer.failure !== undefined) one.reject(new Error(answer.failure));
        else if (answer.faults !== undefined) one.reject(invalid(answer.faults));
        else one.resolve((answer as { plan: Plan }).plan);
      }),
    );
    started.on('error', endAll);
    // Only now: listening holds the process again.
    started.unref();
    worker = started;
    return started;
  };

  return {
    plan: (evening) =>
      new Promise((resolve, reject) => {
        lastId += 1;
        const id = lastId;
        const timer = setTimeout(() => endAll(tookTooLong()), longestMs);
        waiting.set(id, { resolve, reject, timer });
        thread().postMessage({ id, evening });
      }),
    async close() {
      await worker?.terminate();
      worker = undefined;
    },
  };
}
