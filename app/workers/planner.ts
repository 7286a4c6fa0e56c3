import type { Found, PlanningQuestion } from '@elixa/core';
import type { Answer, Asked } from './jobQueue';

/** What somebody who asks is told. */
export interface Listener {
  found(found: Found): void;
  done?(): void;
  failed(message: string): void;
}

let worker: Worker | undefined;
let count = 0;
const open = new Map<string, { no: number; listener: Listener }>();

const jobOf = (no: number) => [...open].find(([, job]) => job.no === no);

function heard({ data }: MessageEvent<Answer>): void {
  const [key, job] = jobOf(data.no) ?? [];
  // What an older question still found is of no use to anybody.
  if (!key || !job) return;
  if ('found' in data) {
    job.listener.found(data.found);
    return;
  }
  open.delete(key);
  if ('failed' in data) job.listener.failed(data.failed);
  else job.listener.done?.();
}

/** The worker could not be loaded, or broke down; the next question starts another. */
function brokeDown({ message }: ErrorEvent): void {
  const left = [...open.values()];
  open.clear();
  worker?.terminate();
  worker = undefined;
  for (const { listener } of left) listener.failed(message || 'The planner could not be started');
}

function say(asked: Asked): void {
  if (!worker) {
    if (asked.kind === 'stop') return;
    worker = new Worker(new URL('./planner.worker', window.location.href));
    worker.onmessage = heard;
    worker.onerror = brokeDown;
  }
  worker.postMessage(asked);
}

/**
 * Asks the one planner, off the page's own thread. A newer question of the same key takes the place of an older one.
 * @param canWait it is worked on when nothing else is asked
 */
export function askPlanner(key: string, question: PlanningQuestion, listener: Listener, canWait = false): void {
  count += 1;
  open.set(key, { no: count, listener });
  say({ kind: 'ask', key, no: count, question, canWait });
}

/** Leaves a question where it is; nothing more is heard of it. */
export function stopPlanner(key: string): void {
  if (open.delete(key)) say({ kind: 'stop', key });
}
