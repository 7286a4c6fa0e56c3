import { parentPort } from 'node:worker_threads';
import type { Evening } from '@elixa/contract';
import { EveningError, litAtOf, planEvening, potCard, practiceReadings, type PracticeQuestion } from '@elixa/core';

const WORK = { plan: planEvening, card: potCard, litAt: litAtOf, practice: practiceReadings };

type Asked =
  | { id: number; want: 'plan' | 'card' | 'litAt'; about: Evening }
  | { id: number; want: 'practice'; about: PracticeQuestion };

parentPort?.on('message', (asked: Asked) => {
  const { id } = asked;
  try {
    const done = asked.want === 'practice' ? WORK.practice(asked.about) : WORK[asked.want](asked.about);
    parentPort?.postMessage({ id, done });
  } catch (error) {
    parentPort?.postMessage(
      error instanceof EveningError
        ? { id, faults: error.errors }
        : { id, failure: (error as Error).stack ?? String(error) },
    );
  }
});
