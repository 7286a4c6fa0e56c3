import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import path from 'node:path';
import { ensureChromium, ensureInstalled, fail, ROOT, runBeside, runQuietly } from './lib.mjs';

const RESULTS = path.join(ROOT, '.cache', 'results');
const bin = (name) => path.join(ROOT, 'node_modules', '.bin', name);
/** Half of the cores for each of two lanes of tests. */
const WORKERS = Math.max(1, Math.floor(availableParallelism() / 2));
const jest = (projects, output, flags = []) => [
  process.execPath,
  [
    ...flags,
    'node_modules/jest/bin/jest.js',
    '--ci',
    `--maxWorkers=${WORKERS}`,
    '--selectProjects',
    ...projects,
    '--json',
    `--outputFile=${path.join(RESULTS, output)}`,
  ],
];
/** Compiled TypeScript, four times as fast; lint and Expo need the one that is written in itself, and both say `tsc`. */
const TSC = 'node_modules/typescript-native/bin/tsc';
const E2E = path.join(RESULTS, 'e2e.json');

/** What the journeys are run on; nothing before them waits for it. */
const BUILDING = ['building', process.execPath, ['scripts/built.mjs']];

/** What reads the code and runs none of it: one core each, the longest first. */
const READINGS = [
  ['lint', bin('eslint'), ['.', '--max-warnings', '0']],
  ['format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
  [
    'boundaries',
    bin('depcruise'),
    ['--config', '.dependency-cruiser.cjs', 'contract', 'core', 'server', 'app', 'e2e', 'bench'],
  ],
  ['types of the application', process.execPath, [TSC, '-p', 'app/tsconfig.json']],
  ['types', process.execPath, [TSC, '-p', 'tsconfig.json']],
];

/**
 * Tests in two lanes side by side, each with workers of its own that keep warm what they have compiled: two workers of one
 * lane would compile the same modules at the same time, each for itself.
 */
const LANES = [
  [['unit', ...jest(['contract', 'core', 'scripts'], 'unit.json')]],
  [
    ['components', ...jest(['app'], 'components.json')],
    // PostgreSQL is compiled in each worker, and lives too short to make up for compiling it well.
    ['API', ...jest(['server'], 'api.json', ['--liftoff-only'])],
  ],
];

async function check(name, command, args, env = {}) {
  process.stdout.write(`\n── ${name}\n`);
  // Jest prints its JSON on stdout unless it goes to a file; its report for people goes to stderr.
  if ((await runBeside(command, args, { env: { ...process.env, ...env } })) !== 0) fail(`${name}: failed`);
}

const took = [];
let since = Date.now();

/** Notes how long the part took that ends here: all of them belong under ten minutes. */
function ends(part) {
  const seconds = Math.round((Date.now() - since) / 1000);
  took.push(`${part} ${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`);
  since = Date.now();
}

/** A check beside others: it says what it has to say when it is over. @returns whether it passed */
async function checkQuietly([name, command, args]) {
  const { status, said } = await runQuietly(command, args);
  process.stdout.write(`\n── ${name}\n${said}${status === 0 ? '' : `\n${name}: failed\n`}`);
  return status === 0;
}

/** Checks that take one core each, so many at a time. */
async function checkTogether(checks, atATime) {
  const left = [...checks];
  const passed = [];
  const worker = async () => {
    for (let next = left.shift(); next; next = left.shift()) passed.push(await checkQuietly(next));
  };
  await Promise.all(Array.from({ length: atATime }, worker));
  if (passed.includes(false)) fail('Some checks failed; they are named above.');
}

/** Tests passed and failed, read from what the runners wrote. */
function counted() {
  const read = (name) => JSON.parse(readFileSync(path.join(RESULTS, name), 'utf8'));
  const runs = ['unit.json', 'components.json', 'api.json']
    .map(read)
    .map((one) => [one.numPassedTests, one.numFailedTests]);
  const { expected, unexpected } = read('e2e.json').stats;
  return [...runs, [expected, unexpected]].reduce(([p, f], [passed, failed]) => [p + passed, f + failed], [0, 0]);
}

ensureInstalled();
ends('installing');
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });
const building = checkQuietly(BUILDING);
// It leaves one core to them, and half of its own.
await checkTogether(READINGS, Math.max(1, availableParallelism() - 1));
ends('readings');
const lanes = await Promise.all(
  LANES.map(async (lane) => {
    for (const one of lane) if (!(await checkQuietly(one))) return false;
    return true;
  }),
);
if (lanes.includes(false)) fail('Some tests failed; they are named above.');
ends('unit, components, API');
if (!(await building)) fail('building: failed');
ends('what was left of building');
ensureChromium();
await check('journeys in headless Chromium', bin('playwright'), ['test', '-c', 'e2e/playwright.config.ts'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: E2E,
});
ends('journeys');
if (!existsSync(E2E)) fail('The journeys left no result.');
const [passed, failed] = counted();
process.stdout.write(`\n${took.join(', ')}\n${passed} passed, ${failed} failed\n`);
