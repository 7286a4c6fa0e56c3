import type { Liquid, PotPlan, Prep } from '@elixa/contract';
import type { LiveState } from '@elixa/core';
import { clock, lasting } from '@/ui/time';

export type StageId = 'who' | 'broth' | 'prep' | 'pot' | 'simmer' | 'stove' | 'after';

export interface Stage {
  id: StageId;
  label: string;
  /** What is left to do in it, in two or three words. */
  left: string;
  /** Something in it needs the cook. */
  open: boolean;
}

const count = (number: number, one: string, many: string) => `${number} ${number === 1 ? one : many}`;

/** When to start, or by how much it is late. */
function prepLeft(prep: Prep): string {
  if (prep.late > 0) return `+${lasting(prep.late)}`;
  const next = prep.tasks.find((task) => task.attended && task.kind !== 'pot');
  return next ? `at ${clock(next.startsAt)}` : 'all done';
}

/** When the broth's turn comes: one time, that of the preparation, and none before it is planned. */
function brothLeft(broth: Liquid | undefined, prep: Prep | undefined): string {
  if (!broth?.latestStartAt) return '';
  if (!prep) return 'planning';
  const next = prep.tasks.find((task) => task.subjectId === broth.id);
  return next ? `at ${clock(next.startsAt)}` : 'made';
}

/** The stages in the order of work, each with what is left in it. */
export function stagesOf(plan: PotPlan | undefined, live: LiveState, prep?: Prep): Stage[] {
  const conflicts = plan?.conflicts.filter((one) => !one.resolvedBy).length ?? 0;
  const broth = plan?.liquids.find((one) => one.kind === 'broth');
  const finished = live.status === 'finished';
  const cooking = live.status === 'running' || live.status === 'paused';
  const stages: Stage[] = [
    {
      id: 'who',
      label: 'Who',
      left: conflicts > 0 ? count(conflicts, 'to settle', 'to settle') : 'settled',
      open: conflicts > 0,
    },
    { id: 'broth', label: 'Broth', left: cooking || finished ? 'made' : brothLeft(broth, prep), open: false },
    {
      id: 'prep',
      label: 'Prep',
      left: cooking || finished ? 'done' : prep ? prepLeft(prep) : 'planning',
      open: !cooking && !finished && (prep?.late ?? 0) > 0,
    },
    { id: 'pot', label: 'Pot', left: plan ? count(plan.build.rounds.length, 'round', 'rounds') : '', open: false },
    {
      id: 'simmer',
      label: 'Simmer',
      left: plan ? `at ${clock(plan.simmer.litAt)}` : '',
      open: (plan?.simmer.unsatisfied.length ?? 0) > 0,
    },
    finished
      ? { id: 'after', label: 'After', left: count(live.notes.length, 'note', 'notes'), open: false }
      : { id: 'stove', label: 'Stove', left: cooking ? 'cooking' : 'not lit', open: cooking },
  ];
  return stages;
}
