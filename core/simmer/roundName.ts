import type { PotPlan } from '@elixa/contract';

export interface RoundName {
  /** For a tab. */
  short: string;
  name: string;
  /** Fillings that there are, where it is one of several. */
  of?: number;
}

/** How many rounds come before the first filling of the pot: slices that are seared and eaten first. */
export const slicesFirst = ({ simmer, build }: Pick<PotPlan, 'simmer' | 'build'>): number =>
  simmer.readyAtS.length - build.rounds.length;

/**
 * What a round of a plan is called: the slices that are eaten first, a filling of the pot, or the finish.
 * @example roundName(plan, 2).name // 'Round 1' where slices came before it
 */
export function roundName(plan: Pick<PotPlan, 'simmer' | 'build'>, round: number): RoundName {
  const rounds = plan.build.rounds.length;
  const filling = round - slicesFirst(plan);
  if (filling < 1) return { short: 'Slices', name: 'The first slices' };
  if (filling > rounds) {
    const goes = Math.max(...plan.simmer.actions.map((action) => action.round)) - plan.simmer.readyAtS.length;
    return { short: goes > 1 ? `Finish ${filling - rounds}` : 'Finish', name: 'The finish' };
  }
  return rounds > 1
    ? { short: String(filling), name: `Round ${filling}`, of: rounds }
    : { short: 'Pot', name: 'The pot' };
}
