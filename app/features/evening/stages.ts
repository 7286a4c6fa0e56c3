import type { PotPlan } from '@elixa/contract';
import type { LiveState } from '@elixa/core';
import { clock } from '@/ui/time';

export type StageId = 'who' | 'broth' | 'pot' | 'simmer' | 'stove' | 'after';

export interface Stage {
  id: StageId;
  label: string;
  /** What is left to do in it, in two or three words. */
  left: string;
  /** Something in it needs the cook. */
  open: boolean;
}

const count = (number: number, one: string, many: string) => `${number} ${number === 1 ? one : many}`;

/** The stages in the order of work, each with what is left in it. */
export function stagesOf(plan: PotPlan | undefined, live: LiveState): Stage[] {
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
    { id: 'broth', label: 'Broth', left: broth?.startBy ? `by ${clock(broth.startBy)}` : '', open: false },
    { id: 'pot', label: 'Pot', left: plan ? count(plan.build.rounds, 'round', 'rounds') : '', open: false },
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
