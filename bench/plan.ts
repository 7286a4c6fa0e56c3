import { mustReadEvening } from '@elixa/contract';
import { checkEvening, planPot, styleChosen, STYLES, VESSELS } from '@elixa/core';
import { Bench } from 'tinybench';
import { practice, PRACTICE } from './household';
import { ms, row, type Row } from './row';

const READ = 'read and check the document';

/** How long each pot takes to plan for the household, against the document read and checked, which every request does. */
export async function timeToPlan(): Promise<Row[]> {
  const bench = new Bench({ time: 1500, warmupTime: 300 });
  bench.add(READ, () => void mustReadEvening(JSON.parse(PRACTICE)));
  for (const style of STYLES) {
    const chosen = styleChosen(practice(), style.id);
    // Where the household's pot does not carry it, the first that does.
    const vessel = [chosen.vessel, ...VESSELS].find((one) => checkEvening({ ...chosen, vessel: one }).length === 0)!;
    const evening = { ...chosen, vessel };
    bench.add(style.name, () => void planPot(evening));
  }
  await bench.run();
  const medianMs = (name: string) => {
    const result = bench.getTask(name)?.result;
    if (!result || !('latency' in result)) throw new Error(`No result for ${name}`);
    return result.latency.p50;
  };
  return STYLES.map(({ name }) => row(`time to plan, ${name}`, medianMs(name), READ, medianMs(READ), ms));
}
