import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { mustReadEvening } from '@elixa/contract';
import { planPot } from '@elixa/core';
import { Bench } from 'tinybench';
import { timeToPrepare } from './prep';

const ROOT = path.join(__dirname, '..');
const EXAMPLES = ['practice-night', 'first-frost', 'muffled-peal'] as const;

/** An empty router application with styles, svg, gestures and animation: the floor of the first load, in gzipped kB. */
const EMPTY_APP_KB = 515;

const read = (name: string) => readFileSync(path.join(ROOT, 'examples', `${name}.json`), 'utf8');

/** Reference: the document read and checked, which every request has to do anyway. */
async function timeToPlan() {
  const bench = new Bench({ time: 1500, warmupTime: 300 });
  for (const name of EXAMPLES) {
    const text = read(name);
    const evening = mustReadEvening(JSON.parse(text));
    bench.add(`read ${name}`, () => void mustReadEvening(JSON.parse(text)));
    bench.add(`plan ${name}`, () => void planPot(evening));
  }
  await bench.run();
  const medianMs = (name: string) => {
    const result = bench.getTask(name)?.result;
    if (!result || !('latency' in result)) throw new Error(`No result for ${name}`);
    return result.latency.p50;
  };
  return EXAMPLES.map((name) => {
    const [planMs, readMs] = [medianMs(`plan ${name}`), medianMs(`read ${name}`)];
    return {
      measure: `time to plan, ${name}`,
      value: `${planMs.toFixed(3)} ms`,
      reference: `read and check the document: ${readMs.toFixed(3)} ms`,
      ratio: (planMs / readMs).toFixed(2),
    };
  });
}

function filesBelow(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const file = path.join(folder, name);
    return statSync(file).isDirectory() ? filesBelow(file) : [file];
  });
}

const gzippedKb = (files: readonly string[]) =>
  files.reduce((sum, file) => sum + gzipSync(readFileSync(file), { level: 9 }).length, 0) / 1000;

/** Scripts that the first page names, and the parts of its own route; other routes and the worker come later. */
function firstLoad() {
  const dist = path.join(ROOT, 'app', 'dist');
  if (!existsSync(path.join(dist, 'sw.js'))) throw new Error('The application is not built. Run: npm run build');
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const named = [...page.matchAll(/src="(\/_expo\/[^"]+\.js)"/g)].map((match) => path.join(dist, match[1] as string));
  if (named.length === 0) throw new Error('app/dist/index.html names no script. Run: npm run build');
  const scripts = filesBelow(path.join(dist, '_expo')).filter((file) => file.endsWith('.js'));
  const ofFirstRoute = scripts.filter((file) => /^(_layout|index)-/.test(path.basename(file)));
  const firstKb = gzippedKb([...named, ...ofFirstRoute]);
  const allKb = gzippedKb(scripts);
  return [
    {
      measure: 'JavaScript of the first load, gzipped',
      value: `${firstKb.toFixed(0)} kB`,
      reference: `empty application: ${EMPTY_APP_KB} kB`,
      ratio: (firstKb / EMPTY_APP_KB).toFixed(2),
    },
    {
      measure: 'all JavaScript with every route and worker, gzipped',
      value: `${allKb.toFixed(0)} kB`,
      reference: `first load: ${firstKb.toFixed(0)} kB`,
      ratio: (allKb / firstKb).toFixed(2),
    },
  ];
}

async function main() {
  console.table([...(await timeToPlan()), ...(await timeToPrepare()), ...firstLoad()]);
}

main().catch((error: Error) => {
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
});
