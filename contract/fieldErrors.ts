import { z } from 'zod';
import { nearestKey } from './nearestKey';

export const fieldErrorSchema = z.object({ field: z.string(), message: z.string(), fix: z.string() });
export type FieldError = z.infer<typeof fieldErrorSchema>;

type Issue = z.core.$ZodIssue;

/** Path as a cook or a programmer would write it: `diners[2].appetite`. */
export function fieldPath(path: readonly PropertyKey[]): string {
  if (path.length === 0) return '(document)';
  return path.reduce<string>((text, key) => {
    if (typeof key === 'number') return `${text}[${key}]`;
    return text === '' ? String(key) : `${text}.${String(key)}`;
  }, '');
}

/** Types as people say them, with their article. */
const TYPE_WORDS: Record<string, string> = {
  int: 'a whole number',
  number: 'a number',
  string: 'a text',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
};

function fixFor(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${issue.message.endsWith('undefined') ? 'Add this field:' : 'Give'} ${TYPE_WORDS[issue.expected] ?? issue.expected}.`;
    case 'invalid_value':
      return `Use one of: ${issue.values.map(String).join(', ')}.`;
    case 'too_small':
      return issue.origin === 'array'
        ? `Give at least ${issue.minimum}.`
        : issue.origin === 'string'
          ? `Write at least ${issue.minimum} ${Number(issue.minimum) === 1 ? 'character' : 'characters'}.`
          : `Use ${issue.minimum} or more.`;
    case 'too_big':
      return issue.origin === 'array'
        ? `Give at most ${issue.maximum}.`
        : issue.origin === 'string'
          ? `Write at most ${issue.maximum} characters.`
          : `Use ${issue.maximum} or less.`;
    case 'invalid_format':
      return issue.format === 'datetime'
        ? 'Write date, time and offset, for example 2026-11-24T19:30:00+00:00.'
        : issue.format === 'uuid'
          ? 'Use a UUID.'
          : 'Use letters and digits only, as in the examples.';
    case 'custom':
      return typeof issue.params?.fix === 'string' ? issue.params.fix : 'Correct this value.';
    case 'invalid_union':
      return 'Use one of the known words, or an id as in the examples.';
    case 'invalid_key':
      return 'Use an id as in the examples: letters and digits, a small letter first.';
    default:
      return 'Correct this value.';
  }
}

/** A fault in a cook's words where the validator's own are a machine's. */
function messageFor(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      if (issue.message.endsWith('undefined')) return 'It is missing';
      return `This is not ${TYPE_WORDS[issue.expected] ?? `a ${issue.expected}`}`;
    case 'invalid_value':
      return 'There is no such choice';
    case 'too_small':
    case 'too_big': {
      const [more, less] = issue.code === 'too_small' ? ['too few', 'too small'] : ['too many', 'too large'];
      if (issue.origin === 'array') return `There are ${more}`;
      if (issue.origin === 'string') return issue.code === 'too_small' ? 'It is too short' : 'It is too long';
      return `It is ${less}`;
    }
    case 'invalid_format':
      return issue.format === 'datetime'
        ? 'This is not a date and time with its offset'
        : 'This is not written as it should be';
    case 'invalid_union':
      return 'This is neither of what it can be';
    default:
      return issue.message;
  }
}

/**
 * Every fault of a document as field, message and fix, in the document's order.
 * @param schema that it was held to; with it, a field that does not exist is told with the nearest that does
 */
export function fieldErrors(error: z.core.$ZodError, schema?: z.core.$ZodType): FieldError[] {
  return error.issues.flatMap((issue) => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => {
        const meant = schema && nearestKey(schema, issue.path, key);
        return {
          field: fieldPath([...issue.path, key]),
          message: 'There is no such field',
          fix: meant ? `Did you mean "${meant}"? Correct its name, or remove it.` : 'Remove it, or correct its name.',
        };
      });
    }
    return [{ field: fieldPath(issue.path), message: messageFor(issue), fix: fixFor(issue) }];
  });
}
