import type { Liquid, Prep } from '@elixa/contract';

/**
 * When a liquid's turn comes in the preparation: one clock for every page. What is done, or done at the table, has none.
 * Several steps of a go may stand under one time, that of the piece of work that they belong to.
 */
export function turnOf(liquid: Liquid, prep: Prep | undefined) {
  const tasks = prep?.tasks.filter((task) => task.subjectId === liquid.id) ?? [];
  const startOf = (stepId: string) =>
    tasks.find((task) => task.id.endsWith(`.${stepId}-start`) || task.id.endsWith(`.${stepId}`))?.startsAt;
  return { startsAt: tasks.find((task) => task.attended)?.startsAt ?? tasks[0]?.startsAt, stepAt: startOf };
}
