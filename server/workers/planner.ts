import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Evening, FieldError, Plan } from '@elixa/contract';
import type { PotCard, PracticeQuestion, PracticeReading } from '@elixa/core';
import { Failure, invalid } from '../failures';

type Answer = { id: number } & (
  | { done: unknown; faults?: undefined; failure?: undefined }
  | { faults: FieldError[]; failure?: undefined }
  | { failure: string; faults?: undefined }
);

interface Waiting {
  resolve(done: unknown): void;
  reject(error: Error): void;
  timer: NodeJS.Timeout;
}

export interface Planner {
  /** @throws Failure with the fields at fault, or when it took too long */
  plan(evening: Evening): Promise<Plan>;
  /** The pot at a glance. @throws Failure as `plan` does */
  card(evening: Evening): Promise<PotCard>;
  /** When its burner is lit. @throws Failure as `plan` does */
  litAt(evening: Evening): Promise<string>;
  /** The pot of a practice stove as it goes on. */
  practice(question: PracticeQuestion): Promise<PracticeReading[]>;
  /** Starts the thread ahead of the first evening: it has to read all of the planner. */
  start(): void;
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
    const started = new Worker(path.join(import.meta.dirname, 'planThread.mjs'), { execArgv: [] });
    started.on('message', (answer: Answer) =>
      settle(answer.id, (one) => {
        if (answer.failure !== undefined) one.reject(new Error(answer.failure));
        else if (answer.faults !== undefined) one.reject(invalid(answer.faults));
        else one.resolve((answer as { done: unknown }).done);
      }),
    );
    started.on('error', endAll);
    // Only now: listening holds the process again.
    started.unref();
    worker = started;
    return started;
  };

  const ask = (want: 'plan' | 'card' | 'litAt' | 'practice', about: Evening | PracticeQuestion): Promise<unknown> =>
    new Promise((resolve, reject) => {
      lastId += 1;
      const id = lastId;
      const timer = setTimeout(() => endAll(new Failure({ kind: 'tookTooLong' })), longestMs);
      waiting.set(id, { resolve, reject, timer });
      thread().postMessage({ id, want, about });
    });

  return {
    plan: (evening) => ask('plan', evening) as Promise<Plan>,
    card: (evening) => ask('card', evening) as Promise<PotCard>,
    litAt: (evening) => ask('litAt', evening) as Promise<string>,
    practice: (question) => ask('practice', question) as Promise<PracticeReading[]>,
    start: () => void thread(),
    async close() {
      await worker?.terminate();
      worker = undefined;
    },
  };
}
