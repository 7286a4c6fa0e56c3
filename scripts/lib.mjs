import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

// Node's own modules only: this runs before anything is installed.
export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const CACHE = path.join(ROOT, '.cache');
const LEAVE_OUT = new Set(['node_modules', 'dist', '.expo', '.data', 'fonts']);

/** A command in the project's folder. @returns its exit code */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.error) throw result.error;
  return result.status ?? 1;
}

const underWay = new Set();
// Nothing goes on when this is over, whatever ended it.
process.on('exit', () => {
  for (const child of underWay) child.kill();
});

/** A child beside others. @returns what it becomes: its exit code */
function ended(child) {
  underWay.add(child);
  return new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) => {
      underWay.delete(child);
      resolve(code ?? 1);
    });
  });
}

/** The same, while others go on. */
export const runBeside = (command, args, options = {}) =>
  ended(spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options }));

/** The same in silence. @returns its exit code, and all that it said */
export async function runQuietly(command, args) {
  const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
  return { status: await ended(child), said };
}

export function fail(message) {
  process.stderr.write(`\n${message}\n`);
  process.exit(1);
}

function addFiles(hash, place) {
  if (statSync(place).isDirectory()) {
    for (const name of readdirSync(place).sort()) {
      if (!LEAVE_OUT.has(name)) addFiles(hash, path.join(place, name));
    }
    return;
  }
  hash.update(path.relative(ROOT, place)).update(readFileSync(place));
}

/** A fingerprint of files and folders, to know whether a step has to be done again. */
function fingerprint(places) {
  const hash = createHash('sha256');
  for (const place of places) addFiles(hash, path.join(ROOT, place));
  return hash.digest('hex');
}

const stampFile = (name) => path.join(CACHE, `${name}.stamp`);

const isFresh = (name, print) => existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === print;

function setFresh(name, print) {
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(stampFile(name), print);
}

/** Installs the packages of the lock file, unless they are there. */
export function ensureInstalled() {
  const print = fingerprint(['package-lock.json']);
  if (existsSync(path.join(ROOT, 'node_modules', '.bin', 'tsc')) && isFresh('install', print)) return;
  process.stdout.write('Installing packages (about two minutes the first time)\n');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0) {
    fail('The packages could not be installed. Is the npm registry reachable? Then run this again.');
  }
  setFresh('install', print);
}

/** Builds a part, unless it is there and nothing that goes into it has changed. */
function ensurePart(name, { of, script, leaves, says }) {
  const print = fingerprint([...of, 'core', 'contract', 'package-lock.json', script]);
  if (existsSync(path.join(ROOT, leaves)) && isFresh(name, print)) return;
  process.stdout.write(`${says}\n`);
  if (run(process.execPath, [script]) !== 0) fail(`${script} failed; the reason stands above.`);
  setFresh(name, print);
}

/** Builds the web application and the server, each unless nothing that goes into it has changed. */
export function ensureBuilt() {
  ensurePart('build', {
    of: ['app'],
    script: 'scripts/build.mjs',
    leaves: 'app/dist/sw.js',
    says: 'Building the web application (about a minute)',
  });
  ensurePart('server', {
    of: ['server'],
    script: 'scripts/buildServer.mjs',
    leaves: 'server/dist/main.cjs',
    says: 'Building the server',
  });
}

/** Debian's packages of Chromium, the one without windows first, and where they put it. */
const CHROMIUM = [
  { at: '/usr/bin/chromium-headless-shell', packages: ['chromium-headless-shell'] },
  { at: '/usr/bin/chromium', packages: ['chromium', 'chromium-l10n'] },
];

/** Installs Debian's Chromium when there is none and this user may. */
export function ensureChromium() {
  const own = process.env.ELIXA_CHROMIUM;
  const places = own ? [own] : CHROMIUM.map(({ at }) => at);
  if (places.some((at) => existsSync(at))) return;
  const how = "Install Debian's package (apt-get install chromium), or set ELIXA_CHROMIUM to a Chromium that is there.";
  if (own || process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    fail(`The journeys need Chromium, and there is none at ${places.join(' or ')}. ${how}`);
  }
  process.stdout.write("Installing Chromium from Debian's packages\n");
  const quiet = { stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
  const apt = (...args) => run('apt-get', args, quiet) === 0;
  apt('update', '-qq');
  const installed = CHROMIUM.some(
    ({ at, packages }) => apt('install', '-y', '-qq', '--no-install-recommends', ...packages) && existsSync(at),
  );
  if (!installed) fail(`Chromium could not be installed. ${how}`);
}

/** A child that takes over the terminal; signals reach it, and its exit code is ours. */
export function become(command, args, env) {
  const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
}
