import { readFileSync } from 'node:fs';
import { planAnswer } from './planAnswer';

const STANDARD_INPUT = 0;

const { status, out, said } = planAnswer(process.argv.slice(2), (path) =>
  readFileSync(path === '-' ? STANDARD_INPUT : path, 'utf8'),
);
process.stdout.write(out);
process.stderr.write(said);
process.exitCode = status;
