import { readFileSync } from 'node:fs';
import { readEvening, type FieldError } from '@elixa/contract';
import { EveningError, planEvening, programText } from '@elixa/core';

/** Exit code for a document or a call that cannot be used. */
const BAD_INPUT = 2;

function refuse(lines: string[]): never {
  for (const line of lines) process.stderr.write(`${line}\n`);
  process.exit(BAD_INPUT);
}

const asLines = (path: string, errors: readonly FieldError[]) =>
  errors.map((one) => `${path}: ${one.field}: ${one.message}. ${one.fix}`);

function readDocument(path: string): unknown {
  let text: string;
  try {
    text = readFileSync(path === '-' ? 0 : path, 'utf8');
  } catch (error) {
    refuse([
      `${path}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown'}). Give the path of an evening document.`,
    ]);
  }
  try {
    // Some editors begin a file with a mark of its byte order.
    return JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    refuse([`${path}: (document): not JSON: ${(error as Error).message}. Correct the JSON.`]);
  }
}

const [path, how] = process.argv.slice(2);
if (!path || (how !== undefined && how !== '--program')) {
  refuse([
    'Usage: npm run -s plan -- EVENING.json [--program]  (- for standard input; --program: what is done at the pots, as text)',
  ]);
}

const { evening, faults } = readEvening(readDocument(path));
if (!evening) refuse(asLines(path, faults));
try {
  const plan = planEvening(evening);
  process.stdout.write(`${how ? programText(plan) : JSON.stringify(plan, null, 2)}\n`);
} catch (error) {
  if (error instanceof EveningError) refuse(asLines(path, error.errors));
  throw error;
}
