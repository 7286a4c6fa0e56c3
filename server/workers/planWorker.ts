import { parentPort } from 'node:worker_threads';
import type { Evening } from '@elixa/contract';
import { EveningError, planEvening } from '@elixa/core';

parentPort?.on('message', ({ id, evening }: { id: number; evening: Evening }) => {
  try {
    parentPort?.postMessage({ id, plan: planEvening(evening) });
  } catch (error) {
    parentPort?.postMessage(
      error instanceof EveningError
        ? { id, faults: error.errors }
        : { id, failure: (error as Error).stack ?? String(error) },
    );
  }
});
