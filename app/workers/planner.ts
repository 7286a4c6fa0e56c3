import type {
  Found,
  PlanningQuestion,
  RehearsalQuestion,
  Rehearsed,
  StoveQuestion,
  TruthQuestion,
  Watched,
} from '@elixa/core';
import type { Answer, Asked, Finds as AnyFinds, Question } from './jobQueue';

/** What somebody who asks is told. */
export interface Listener<Finds = Found> {
  found(found: Finds): void;
  done?(): void;
  failed(message: string): void;
}

interface Open<Finds> {
  no: number;
  listener: Listener<Finds>;
}

/** A worker that is started when it is first asked; each one has a thread of its own, all run the same bundle. */
class OneWorker<Asks extends Question, Finds extends AnyFinds> {
  private worker: Worker | undefined;
  private count = 0;
  private readonly open = new Map<string, Open<Finds>>();

  private heard({ data }: MessageEvent<Answer>): void {
    const [key, job] = [...this.open].find(([, { no }]) => no === data.no) ?? [];
    // What an older question still found is of no use to anybody.
    if (!key || !job) return;
    if ('found' in data) {
      job.listener.found(data.found as Finds);
      return;
    }
    this.open.delete(key);
    if ('failed' in data) job.listener.failed(data.failed);
    else job.listener.done?.();
  }

  /** The worker could not be loaded, or broke down; the next question starts another. */
  private brokeDown({ message }: ErrorEvent): void {
    const left = [...this.open.values()];
    this.open.clear();
    this.worker?.terminate();
    this.worker = undefined;
    for (const { listener } of left) listener.failed(message || 'The planner could not be started');
  }

  private say(asked: Asked): void {
    if (!this.worker) {
      if (asked.kind === 'stop') return;
      this.worker = new Worker(new URL('./planner.worker', window.location.href));
      this.worker.onmessage = (event: MessageEvent<Answer>) => this.heard(event);
      this.worker.onerror = (event) => this.brokeDown(event);
    }
    this.worker.postMessage(asked);
  }

  ask(key: string, question: Asks, listener: Listener<Finds>, canWait = false): void {
    this.count += 1;
    this.open.set(key, { no: this.count, listener });
    this.say({ kind: 'ask', key, no: this.count, question, canWait });
  }

  stop(key: string): void {
    if (this.open.delete(key)) this.say({ kind: 'stop', key });
  }
}

const planner = new OneWorker<PlanningQuestion, Found>();
/** Whoever stands at the stove waits for nobody who plans. */
const watcher = new OneWorker<StoveQuestion, Watched>();
const rehearser = new OneWorker<RehearsalQuestion | TruthQuestion, Rehearsed>();

/**
 * Asks the one planner, off the page's own thread. A newer question of the same key takes the place of an older one.
 * @param canWait it is worked on when nothing else is asked
 */
export const askPlanner = (key: string, question: PlanningQuestion, listener: Listener, canWait = false): void =>
  planner.ask(key, question, listener, canWait);

/** Leaves a question where it is; nothing more is heard of it. */
export const stopPlanner = (key: string): void => planner.stop(key);

/** Asks how the pots of an evening stand that is cooked. A newer question of the same key takes the place of an older one. */
export const askStove = (key: string, question: StoveQuestion, listener: Listener<Watched>): void =>
  watcher.ask(key, question, listener);

export const stopStove = (key: string): void => watcher.stop(key);

/** Asks for a rehearsal of an evening, or for what is true at its stove. */
export const askRehearsal = (
  key: string,
  question: RehearsalQuestion | TruthQuestion,
  listener: Listener<Rehearsed>,
): void => rehearser.ask(key, question, listener);

export const stopRehearsal = (key: string): void => rehearser.stop(key);
