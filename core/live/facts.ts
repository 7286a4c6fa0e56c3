import type { Action, Fact, PotPlan } from '@elixa/contract';

/** Lines of a plan that are told and tapped at once. */
interface Told {
  actions: readonly Action[];
}

/** What a line of a plan says when it was done: its acts, and that the pot boils where it waited for that. */
function factsOfLine({ id, kind, pan, round }: Action, { program }: Pick<PotPlan, 'program'>, planId: string): Fact[] {
  const acts = program.acts.filter((one) => one.actionId === id);
  const [first] = acts;
  const boils: Fact[] =
    kind === 'boil' && first ? [{ potId: pan, round, saw: { is: 'boils' }, answers: { planId, actId: first.id } }] : [];
  return [
    ...boils,
    ...acts.map(({ id: actId, potId, round, act }): Fact => ({ potId, round, act, answers: { planId, actId } })),
  ];
}

/**
 * What a tap on a step says: its acts, each of which answers its plan.
 * @param planId of the event with which the plan was adopted
 */
export const factsOf = (step: Told, plan: Pick<PotPlan, 'program'>, planId: string): Fact[] =>
  step.actions.flatMap((line) => factsOfLine(line, plan, planId));

/** That the sign of a step is not there yet. */
export const notYetOf = (step: Told, plan: Pick<PotPlan, 'program'>, planId: string): Fact[] =>
  factsOf(step, plan, planId)
    .slice(0, 1)
    .map(({ potId, round, answers }) => ({ potId, round, saw: { is: 'notYet' }, answers }));
