import { timeToLay } from './lay';
import { listOfMany } from './list';
import { timeToOpen } from './opening';
import { timeToPlan } from './plan';
import { timeToPrepare } from './prep';
import type { Row } from './row';
import { timeToSimmer } from './simmer';
import { timeToWatch } from './stove';
import { buildEmpty, scriptBytes } from './web';

const PARTS: Record<string, () => Row[] | Promise<Row[]>> = {
  plan: timeToPlan,
  simmer: timeToSimmer,
  stove: timeToWatch,
  lay: timeToLay,
  prepare: timeToPrepare,
  bytes: async () => {
    await buildEmpty();
    return scriptBytes();
  },
  open: async () => {
    await buildEmpty();
    return timeToOpen();
  },
  list: listOfMany,
};

/** Measures all parts, or those that are named: npm run bench -- plan list */
async function main() {
  const asked = process.argv.slice(2);
  const unknown = asked.filter((name) => !(name in PARTS));
  if (unknown.length > 0) {
    throw new Error(`There is no part "${unknown.join('", "')}". There are: ${Object.keys(PARTS).join(', ')}.`);
  }
  for (const name of asked.length > 0 ? asked : Object.keys(PARTS)) console.table(await PARTS[name]!());
}

main().catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
});
