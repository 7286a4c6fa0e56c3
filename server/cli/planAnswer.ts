import { readEvening, type FieldError } from '@elixa/contract';
import { catalogueOf, EveningError, planEvening, programText } from '@elixa/core';

/** Exit code for a document or a call that cannot be used. */
const BAD_INPUT = 2;

/** What a call of the command line leaves: its exit code, and what goes to the standard output and the error output. */
export interface Answer {
  status: number;
  out: string;
  said: string;
}

/** Why a call cannot be answered, line by line. */
class Refused extends Error {
  constructor(readonly lines: readonly string[]) {
    super(lines.join('\n'));
  }
}

const asLines = (path: string, errors: readonly FieldError[]) =>
  errors.map((one) => `${path}: ${one.field}: ${one.message}. ${one.fix}`);

function documentAt(path: string, read: (path: string) => string): unknown {
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

function planned([path, how]: readonly string[], read: (path: string) => string): string {
  if (!path || (how !== undefined && how !== '--program')) {
    throw new Refused([
      'Usage: npm run -s plan -- EVENING.json [--program]  (- for standard input; --program: what is done at the pots, as text)',
    ]);
  }
  const { evening, faults } = readEvening(documentAt(path, read));
  if (!evening) throw new Refused(asLines(path, faults));
  try {
    const plan = planEvening(evening);
    return how ? programText(catalogueOf(evening), plan) : JSON.stringify(plan, null, 2);
  } catch (error) {
    if (error instanceof EveningError) throw new Refused(asLines(path, error.errors));
    throw error;
  }
}

/**
 * The plan of a document, as JSON or as the program of its pots.
 * @param args path of the document, and how it is printed
 * @param read gives the text at a path; it may throw as the file system does
 */
export function planAnswer(args: readonly string[], read: (path: string) => string): Answer {
  try {
    return { status: 0, out: `${planned(args, read)}\n`, said: '' };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return { status: BAD_INPUT, out: '', said: `${error.message}\n` };
  }
}
