import type { FieldError, Problem, StoredEvening } from '@elixa/contract';

/** An error that is told to the client as a problem document (RFC 9457). */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'ProblemError';
  }
}

const problem = (slug: string, status: number, title: string, detail: string, more: Partial<Problem> = {}) =>
  new ProblemError({ type: `/problems/${slug}`, title, status, detail, ...more });

export const invalid = (errors: FieldError[]) =>
  problem(
    'invalid',
    422,
    'Some fields need another value',
    errors.map((one) => `${one.field}: ${one.message}`).join('; '),
    {
      errors,
    },
  );

export const notFound = (what: string) => problem('not-found', 404, 'Not found', `There is no ${what}.`);

export const tookTooLong = () =>
  problem('too-long', 503, 'This takes too long', 'The plan was given up. Try again with fewer guests or dips.');

export const staleVersion = (current: StoredEvening) =>
  problem(
    'stale-version',
    409,
    'It was changed meanwhile',
    'Somebody else changed it. Nothing was overwritten; both are kept until one is chosen.',
    { current },
  );

export const taken = (id: string, current: StoredEvening) =>
  problem('taken', 409, 'This evening exists already', `An evening "${id}" with other contents is stored.`, {
    current,
  });

export const eventMismatch = (ids: string[]) =>
  problem('event-mismatch', 409, 'An event id was used twice', `Stored with other contents: ${ids.join(', ')}.`, {
    errors: ids.map((id) => ({
      field: 'events',
      message: `${id} is stored with other contents`,
      fix: 'Make a new id for each event.',
    })),
  });
