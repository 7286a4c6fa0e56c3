import { readEvening, type Evening, type FieldError } from '@elixa/contract';
import { EveningError } from '@elixa/core';

/** Exit code for a document or a call that cannot be used. */
const BAD_INPUT = 2;

/** What a call of the command line leaves: its exit code, and what goes to the standard output and the error output. */
export interface Answer {
  status: number;
  out: string;
  said: string;
}

/** Gives the text at a path; it may throw as the file system does. */
export type Reads = (path: string) => string;

/** Why a call cannot be answered, line by line. */
export class Refused extends Error {
  constructor(readonly lines: readonly string[]) {
    super(lines.join('\n'));
  }
}

const asLines = (path: string, errors: readonly FieldError[]) =>
  errors.map((one) => `${path}: ${one.field}: ${one.message}. ${one.fix}`);

function documentAt(path: string, read: Reads): unknown {
  let text: string;
  try {
    text = read(path);
  } catch (error) {
    const code = (error as NodeJS.ErrnoException).code ?? 'unknown';
    throw new Refused([`${path}: cannot be read (${code}). Give the path of an evening document.`]);
  }
  try {
    // Some editors begin a file with a mark of its byte order.
    return JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    throw new Refused([`${path}: (document): not JSON: ${(error as Error).message}. Correct the JSON.`]);
  }
}

/**
 * What is made of the evening at a path.
 * @throws Refused where it cannot be read, or cannot be planned
 */
export function ofEvening<Made>(path: string, read: Reads, make: (evening: Evening) => Made): Made {
  const { evening, faults } = readEvening(documentAt(path, read));
  if (!evening) throw new Refused(asLines(path, faults));
  try {
    return make(evening);
  } catch (error) {
    if (error instanceof EveningError) throw new Refused(asLines(path, error.errors));
    throw error;
  }
}

/** What is printed, or why nothing is. */
export function answered(print: () => string): Answer {
  try {
    return { status: 0, out: `${print()}\n`, said: '' };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return { status: BAD_INPUT, out: '', said: `${error.message}\n` };
  }
}
