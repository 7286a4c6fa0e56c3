import type { Prep, PrepTask } from '@elixa/contract';
import { clock, lasting } from '@/ui/time';

const MINUTE_MS = 60_000;
/** A minute more or less is the clock's own. */
const WORTH_TELLING_S = 90;
const SAME_TAP_MS = 500;
/** Further ahead than this, the day says more than the hours. */
const LONG_S = 20 * 3600;

/** What wants a hand, from first to last; the first round belongs to the stove. */
export const handTasks = (prep: Prep) => prep.tasks.filter((task) => task.attended && task.kind !== 'pot');

/** What is to be done now, one for each pair of hands: what has begun, or the next thing alone. */
export function nowTasks(prep: Prep, nowMs: number, begun: Readonly<Record<string, number>> = {}): PrepTask[] {
  const hands = handTasks(prep);
  // What is in somebody's hands stays there, whatever the plan would now begin with.
  const inHand = hands.filter((task) => begun[task.id] !== undefined);
  const due = hands.filter((task) => !inHand.includes(task) && Date.parse(task.startsAt) <= nowMs + MINUTE_MS / 2);
  const most = prep.capacities.hands ?? 1;
  const atHand = [...inHand, ...due];
  return (atHand.length > 0 ? atHand : hands.slice(0, 1)).slice(0, Math.max(most, inHand.length));
}

/** How the parts of one go are done, each a sentence of its own. */
export const howsOf = (tasks: readonly PrepTask[]) => tasks.map(({ how }) => how.replace(/\.$/, '')).join('. ');

/** How the preparation stands against the clock, in a sentence; how late it is stands with what helps. */
export function standing(prep: Prep, sitDownAt: string, nowMs: number): string {
  const [next] = handTasks(prep);
  if (prep.late > 0) return '';
  if (!next) return 'Everything is ready.';
  const inHandS = (Date.parse(next.startsAt) - nowMs) / 1000;
  if (nowMs > Date.parse(sitDownAt)) return 'That evening is past.';
  if (inHandS < 90) return `On time for ${clock(sitDownAt)}.`;
  return inHandS > LONG_S ? '' : `${lasting(inHandS)} in hand before the next thing.`;
}

/** What a tick or a late start changed, in a sentence; undefined when nothing worth telling did. */
export function changed(before: Prep | undefined, after: Prep): string | undefined {
  if (!before || Math.abs(after.late - before.late) < WORTH_TELLING_S) return undefined;
  const minutes = lasting(Math.abs(after.late - before.late));
  if (after.late > before.late) return `That cost ${minutes}.`;
  return after.late === 0 ? `${minutes} made good: on time again.` : `${minutes} made good.`;
}

/** What was ticked last, with all that went with the same tap. */
export function lastTicked(ticks: Readonly<Record<string, number>>): string[] {
  const last = Math.max(...Object.values(ticks));
  return Object.keys(ticks).filter((id) => last - ticks[id]! < SAME_TAP_MS);
}

/** Minutes of one piece of work. */
export const lengthS = (task: Pick<PrepTask, 'startsAt' | 'endsAt'>) =>
  (Date.parse(task.endsAt) - Date.parse(task.startsAt)) / 1000;

export interface PrepGroup {
  blockId: string;
  tasks: PrepTask[];
}

/** Pieces of work that follow one another without anything between them, shown as one row. */
export function inGoes(tasks: readonly PrepTask[]): PrepGroup[] {
  const groups: PrepGroup[] = [];
  for (const task of tasks) {
    const last = groups.at(-1);
    const follows = last?.blockId === task.blockId && last.tasks.at(-1)?.endsAt === task.startsAt;
    if (last && follows) last.tasks.push(task);
    else groups.push({ blockId: task.blockId, tasks: [task] });
  }
  return groups;
}
