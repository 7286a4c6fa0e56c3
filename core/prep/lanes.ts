import type { Prep, PrepTask } from '@elixa/contract';

export interface Lane {
  id: string;
  name: string;
  tasks: PrepTask[];
}

const overlaps = (a: PrepTask, b: PrepTask) =>
  Date.parse(a.startsAt) < Date.parse(b.endsAt) && Date.parse(b.startsAt) < Date.parse(a.endsAt);

/** Puts tasks on as few lines as they need, each as high as it can stand. */
function onLines(tasks: readonly PrepTask[]): PrepTask[][] {
  const lines: PrepTask[][] = [];
  for (const task of tasks) {
    const free = lines.find((line) => line.every((other) => !overlaps(other, task)));
    if (free) free.push(task);
    else lines.push([task]);
  }
  return lines;
}

function named(tasks: readonly PrepTask[], id: string, name: string): Lane[] {
  const lines = onLines(tasks);
  return lines.map((line, index) => ({
    id: `${id}-${index}`,
    name: lines.length > 1 ? `${name} ${index + 1}` : name,
    tasks: line,
  }));
}

/**
 * A preparation as lanes against the clock: a lane for each pair of hands, each burner in use, and what waits elsewhere.
 * @returns lanes whose tasks never overlap
 */
export function lanesOf({ tasks }: Prep): Lane[] {
  const byHand = tasks.filter((task) => task.attended);
  const onBurner = tasks.filter((task) => task.resources.includes('burner'));
  const waiting = tasks.filter((task) => !task.attended && !task.resources.includes('burner') && task.kind !== 'pot');
  const pot = tasks.filter((task) => task.kind === 'pot');
  return [
    ...named(byHand, 'hands', 'Hands'),
    ...named(onBurner, 'burner', 'Burner'),
    ...named(waiting, 'waits', 'By itself'),
    ...named(pot, 'pot', 'The pot'),
  ];
}
