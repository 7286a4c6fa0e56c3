import { parentPort } from 'node:worker_threads';
import type { Evening } from '@elixa/contract';
import { EveningError, litAtOf, planEvening, potCard } from '@elixa/core';

const WORK = { plan: planEvening, card: potCard, litAt: litAtOf };

parentPort?.on('message', ({ id, want, evening }: { id: number; want: keyof typeof WORK; evening: Evening }) => {
  try {
    parentPort?.postMessage({ id, done: WORK[want](evening) });
  } catch (error) {
    parentPort?.postMessage(
      error instanceof EveningError
        ? { id, faults: error.errors }
        : { id, failure: (error as Error).stack ?? String(error) },
    );
  }
});
