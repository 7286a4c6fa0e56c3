/**
 * Long work that can be left between its steps: whoever runs it goes on when it likes, or never. What it says on the way
 * (progress, a first result) comes out of the steps; what it comes to is returned.
 */
export type Steps<T, Says = undefined> = Generator<Says | undefined, T, void>;

/**
 * The same without a pause.
 * @example atOnce(solvePrepInSteps(problem)) // as solvePrep(problem)
 */
export function atOnce<T>(steps: Steps<T, unknown>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}

/** Steps that say nothing of how far they are. */
export function* silently<T>(steps: Steps<T>): Steps<T, never> {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
    yield undefined;
  }
}

/** Looks made between two pauses: a few milliseconds. */
export const PAUSE_AFTER = 20;
