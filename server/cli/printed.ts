import { readFileSync } from 'node:fs';
import type { Answer, Reads } from './answer';

const STANDARD_INPUT = 0;

const reads: Reads = (path) => readFileSync(path === '-' ? STANDARD_INPUT : path, 'utf8');

/** Answers this call of the command line. */
export function printed(answer: (args: readonly string[], read: Reads) => Answer): void {
  const { status, out, said } = answer(process.argv.slice(2), reads);
  process.stdout.write(out);
  process.stderr.write(said);
  process.exitCode = status;
}
