import type { Prep, PrepTask } from '@elixa/contract';
import { shiftIso } from '../time/shiftIso';
import { Budget, PLAN_STEPS } from './budget';
import { backwards, isAttended, type Ends, type PrepProblem } from './problem';
import type { Steps } from '../steps/steps';
import { solvePrepInSteps, USUAL_EFFORT, type Effort, type PrepSolution } from './solve';
import { workOf, type EveningWork, type PrepQuestion } from './tasks';
import type { Work } from './tasks/work';
import { progressOf, taskId, whatIsLeft, type Ticks } from './underWay';

export interface PrepClock {
  /** ISO date and time. */
  now: string;
  ticks: Ticks;
  /** What was begun and is not done. */
  begun?: Ticks;
  /** The plan so far, which is kept where it is still good. */
  soFar?: Pick<Prep, 'tasks' | 'late'>;
}

/** A span within this of its bound needs no explaining. */
const NEAR = 1.05;

/** Where nothing keeps its freshness, what should not wait is left to wait rather than to have no plan. */
function lenient(problem: EveningWork): EveningWork {
  const kept = problem.blocks.map((block) =>
    block.endsWithinMin === block.endsBeforeMin ? block : { ...block, endsWithinMin: undefined },
  );
  return { ...problem, blocks: kept, lags: problem.lags.map((lag) => ({ ...lag, mostMin: undefined })) };
}

function* solved(problem: EveningWork, effort: Effort, soFar?: Ends): Steps<PrepSolution> {
  const solution =
    (yield* solvePrepInSteps(problem, effort, soFar)) ?? (yield* solvePrepInSteps(lenient(problem), effort, soFar));
  if (!solution) throw new Error('The preparation contradicts itself');
  return solution;
}

function tasksOf(problem: EveningWork, { ends }: PrepSolution, sitDownAt: string): PrepTask[] {
  const byId = new Map(problem.blocks.map((block) => [block.id, block]));
  const lastTask = (work: Work) => taskId(work, work.segments[work.segments.length - 1]!);
  const at = (minutes: number) => shiftIso(sitDownAt, -minutes * 60);
  return problem.blocks
    .flatMap((work) =>
      work.segments.map((part, index): PrepTask & { to: number } => {
        const { from, to } = backwards(work, part, ends.get(work.id)!);
        // What it waits for only from so many minutes after its start, it waits for at the part that begins then.
        const before = problem.lags.flatMap(({ before: id, after, leastMin }) => {
          const fromMin = Math.max(0, -leastMin);
          const waits = work.segments.findIndex((one) => one.fromMin >= fromMin) === index;
          return after === work.id && waits ? (byId.get(id) ?? []) : [];
        });
        return {
          id: taskId({ id: work.runsFor ?? work.id }, part),
          blockId: work.runsFor ?? work.id,
          running: work.runsFor === undefined ? undefined : true,
          label: work.name,
          startsAt: at(to),
          endsAt: at(from),
          attended: isAttended(part),
          resources: [...part.needs],
          after: [...(index > 0 ? [taskId(work, work.segments[index - 1]!)] : []), ...before.map(lastTask)],
          dayBefore: work.dayBefore,
          kind: work.kind,
          subjectId: work.subjectId,
          amountText: work.amountText,
          how: part.says,
          why: work.why,
          to,
        };
      }),
    )
    .sort((a, b) => b.to - a.to || a.id.localeCompare(b.id))
    .map(({ to: _to, ...task }) => task);
}

/** The shortest stand when nothing minds waiting: how much of a span is for freshness. */
const HURRIED_EFFORT = { lists: 200, nodes: 200 };

/** Why a span is longer than its bound, in a sentence. */
function* gapWords(problem: EveningWork, { judged, least }: PrepSolution, budget: Budget): Steps<string | undefined> {
  if (judged.spanMin <= least.spanMin * NEAR) return undefined;
  const hardy = { ...problem, blocks: problem.blocks.map((block) => ({ ...block, staleness: 0 })) };
  const hurriedMin = Math.min(judged.spanMin, (yield* solved(hardy, { ...HURRIED_EFFORT, budget })).judged.spanMin);
  const forFreshness = judged.spanMin - hurriedMin;
  const idle = hurriedMin - least.spanMin;
  const reasons = [
    ...(forFreshness > 0 ? [`${minutesOf(forFreshness)} so that nothing loses its freshness`] : []),
    ...(idle > 0 ? [`${minutesOf(idle)} in which the hands wait for the broth, the rice or the pot`] : []),
  ];
  return `${minutesOf(judged.spanMin - least.spanMin)} more than hands alone would need: ${reasons.join(', ')}.`;
}

const minutesOf = (minutes: number) => `${Math.round(minutes)} ${Math.round(minutes) === 1 ? 'minute' : 'minutes'}`;

/**
 * The preparation as the plan lists it: planned backwards from sitting down, or, with a clock, what is left of it from
 * now on.
 * @param clock now, and what has been ticked off; without one there is time enough
 * @returns tasks from first to last; `late` is in seconds, and then all times belong to the later sitting down
 */
export function* planPrep(
  question: PrepQuestion,
  clock?: PrepClock,
  effort: Effort = USUAL_EFFORT,
): Steps<Omit<Prep, 'remedies'>> {
  const budget = effort.budget ?? new Budget(PLAN_STEPS);
  const all = workOf(question);
  const nowMs = clock ? Date.parse(clock.now) : 0;
  const at = (lateMin: number) => {
    const sitDownMs = Date.parse(question.menu.evening.sitDownAt) + lateMin * 60_000;
    return clock ? whatIsLeft(all, clock.ticks, nowMs, sitDownMs, clock.begun) : all;
  };
  const hurried = { lists: Math.ceil(effort.lists / 3), nodes: Math.ceil(effort.nodes / 8), budget };
  const full = { ...effort, budget };
  const soFar = clock?.soFar && endsOf(clock.soFar, question.menu.evening.sitDownAt);
  let lateMin = 0;
  let problem = at(0);
  let solution: PrepSolution | undefined;
  // What runs by itself stands still on the clock while sitting down moves, so a late plan is made again for the later
  // hour; a short search finds the hour, and the plan for it is then worked out in full.
  for (let pass = 0; pass < 6 && !solution; pass += 1) {
    const tried = yield* solved(problem, clock ? hurried : full, soFar);
    if (tried.judged.lateMin > 0 && pass < 5) {
      lateMin += Math.ceil(tried.judged.lateMin);
      problem = at(lateMin);
    } else {
      solution = clock ? yield* solved(problem, full, soFar) : tried;
    }
  }
  if (!solution) throw new Error('No hour was found for sitting down');
  const sitDownAt = shiftIso(question.menu.evening.sitDownAt, lateMin * 60);
  return {
    tasks: tasksOf(problem, solution, sitDownAt),
    capacities: problem.capacities,
    feasible: lateMin === 0,
    spanS: solution.judged.spanMin * 60,
    attendedS: attendedMin(problem) * 60,
    lowerBoundS: solution.least.spanMin * 60,
    proven: solution.proven,
    gap: yield* gapWords(problem, solution, budget),
    cutShort: budget.isSpent ? true : undefined,
    late: lateMin * 60,
    prepared: clock && preparedIn(all, clock),
  };
}

/** Things and liquids all of whose work is done: ticked, and every wait in it over. */
function preparedIn({ blocks }: EveningWork, { now, ticks, begun }: PrepClock): string[] {
  const isDone = (work: Work) => {
    const { next, running } = progressOf(work, ticks, Date.parse(now), begun);
    return next >= work.segments.length && !running;
  };
  const subjects = new Set(blocks.flatMap((work) => work.subjectId ?? []));
  return [...subjects].filter((id) => blocks.every((work) => work.subjectId !== id || isDone(work)));
}

/** Minutes before its own sitting down at which an earlier plan had each block end. */
function endsOf({ tasks, late }: NonNullable<PrepClock['soFar']>, sitDownAt: string): Ends {
  const sitDownMs = Date.parse(sitDownAt) + late * 1000;
  const ends = new Map<string, number>();
  for (const { blockId, endsAt } of tasks) {
    const minutes = Math.round((sitDownMs - Date.parse(endsAt)) / 60_000);
    ends.set(blockId, Math.min(minutes, ends.get(blockId) ?? Infinity));
  }
  return ends;
}

function attendedMin({ blocks }: PrepProblem): number {
  return blocks
    .flatMap((block) => block.segments.filter(isAttended))
    .reduce((total, segment) => total + segment.lastsMin, 0);
}
