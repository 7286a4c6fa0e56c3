import type { Problem } from '@elixa/contract';
import type { Why } from '../failures';

const problem = (
  slug: string,
  status: number,
  title: string,
  detail: string,
  more: Partial<Problem> = {},
): Problem => ({
  type: `/problems/${slug}`,
  title,
  status,
  detail,
  ...more,
});

/** What a client is told of a failure: a problem document (RFC 9457). */
export function problemOf(why: Why): Problem {
  switch (why.kind) {
    case 'invalid':
      return problem(
        'invalid',
        422,
        'Some fields need another value',
        why.errors.map((one) => `${one.field}: ${one.message}`).join('; '),
        { errors: why.errors },
      );
    case 'notFound':
      return problem('not-found', 404, 'Not found', `There is no ${why.what}.`);
    case 'tookTooLong':
      return problem(
        'too-long',
        503,
        'This takes too long',
        'The plan was given up. Try again with fewer guests or dips.',
      );
    case 'staleVersion':
      return problem(
        'stale-version',
        409,
        'It was changed meanwhile',
        'Somebody else changed it. Nothing was overwritten; both are kept until one is chosen.',
        { current: why.current },
      );
    case 'taken':
      return problem(
        'taken',
        409,
        'This evening exists already',
        `An evening "${why.id}" with other contents is stored.`,
        { current: why.current },
      );
    case 'eventMismatch':
      return problem(
        'event-mismatch',
        409,
        'An event id was used twice',
        `Stored with other contents: ${why.ids.join(', ')}.`,
        {
          errors: why.ids.map((id) => ({
            field: 'events',
            message: `${id} is stored with other contents`,
            fix: 'Make a new id for each event.',
          })),
        },
      );
  }
}
