import { parseArgs } from 'node:util';
import { MISHAPS, rehearsedOf, rehearseEvening, type EveningRehearsed, type Mishap } from '@elixa/core';
import { answered, ofEvening, Refused, type Answer, type Reads } from './answer';

const USAGE = `Usage: npm run -s rehearse -- EVENING.json [--seed n] [--mishap ${MISHAPS.join('|')}]...  (- for standard input)`;

interface Asked {
  path: string;
  seed: number;
  mishaps: Mishap[];
}

function read(args: readonly string[]): ReturnType<typeof parsed> {
  try {
    return parsed(args);
  } catch (error) {
    throw new Refused([`${(error as Error).message}.`, USAGE]);
  }
}

const parsed = (args: readonly string[]) =>
  parseArgs({
    args: [...args],
    allowPositionals: true,
    options: { seed: { type: 'string', default: '1' }, mishap: { type: 'string', multiple: true, default: [] } },
  });

function asked(args: readonly string[]): Asked {
  const { positionals, values } = read(args);
  const [path] = positionals;
  if (!path || positionals.length > 1) throw new Refused([USAGE]);
  const seed = Number(values.seed);
  if (!Number.isInteger(seed) || seed < 0) {
    throw new Refused([`--seed: "${values.seed}" is no whole number. Use 0 or more.`]);
  }
  const unknown = values.mishap.filter((one) => !MISHAPS.some((known) => known === one));
  if (unknown.length > 0) {
    throw new Refused([`--mishap: there is no "${unknown[0]}". Use one of: ${MISHAPS.join(', ')}.`]);
  }
  return { path, seed, mishaps: values.mishap as Mishap[] };
}

/**
 * An evening gone through on a simulated stove, as JSON: how warm the pot was, what was believed of it, what was told, and
 * how it came out.
 * @param args path of the document, seed of the kitchen and the cook, and what goes wrong
 */
export function rehearseAnswer(args: readonly string[], reads: Reads): Answer {
  return answered(() => {
    const { path, seed, mishaps } = asked(args);
    return ofEvening(path, reads, (evening) => {
      const { course, estimates, said, score } = rehearseEvening(rehearsedOf(evening), seed, mishaps);
      const { unsafeCalledReady, outOfWindow, lifted, lateS } = score;
      const printed: Omit<EveningRehearsed, 'score'> & { score: object } = {
        seed,
        mishaps,
        course,
        estimates,
        said,
        score: { unsafeCalledReady, outOfWindow, lifted, lateS },
      };
      return JSON.stringify(printed, null, 2);
    });
  });
}
