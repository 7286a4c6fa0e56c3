import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { exportForWeb, packFiles, shortenScripts } from '../scripts/web';
import { kb, row, type Row } from './row';

const ROOT = path.join(import.meta.dirname, '..');
const EMPTY = path.join(import.meta.dirname, 'empty');
export const EMPTY_DIST = path.join(EMPTY, 'dist');
const DIST = path.join(ROOT, 'app', 'dist');

/** Exports the empty application, the reference of what follows, with the packages that are installed now. */
export async function buildEmpty(): Promise<void> {
  exportForWeb(EMPTY);
  await shortenScripts(EMPTY_DIST);
  await packFiles(EMPTY_DIST);
}

function filesBelow(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const file = path.join(folder, name);
    return statSync(file).isDirectory() ? filesBelow(file) : [file];
  });
}

const scriptsOf = (dist: string) => filesBelow(path.join(dist, '_expo')).filter((file) => file.endsWith('.js'));
const packedKb = (files: readonly string[]) => files.reduce((sum, file) => sum + statSync(`${file}.gz`).size, 0) / 1000;

/** Scripts that the first page names. */
function firstOf(dist: string): string[] {
  const page = readFileSync(path.join(dist, 'index.html'), 'utf8');
  const named = [...page.matchAll(/src="(\/_expo\/[^"]+\.js)"/g)].map((match) => path.join(dist, match[1] as string));
  if (named.length === 0) throw new Error(`${dist}/index.html names no script. Run: npm run build`);
  return named;
}

/** Bytes of JavaScript, packed with gzip. */
export function scriptBytes(): Row[] {
  if (!existsSync(path.join(DIST, 'sw.js'))) throw new Error('The application is not built. Run: npm run build');
  const emptyKb = packedKb(firstOf(EMPTY_DIST));
  const first = packedKb(firstOf(DIST));
  const all = scriptsOf(DIST);
  const kbOf = (part: string) => packedKb(all.filter((file) => path.basename(file).startsWith(`${part}-`)));
  const empty = 'empty application';
  return [
    row('JavaScript of the list of evenings', first, empty, emptyKb, kb),
    row('JavaScript of an evening, its worker apart', first + kbOf('kitchen'), empty, emptyKb, kb),
    row('JavaScript of the worker that plans', kbOf('planner'), empty, emptyKb, kb),
    row('all JavaScript with the worker', packedKb(all), empty, emptyKb, kb),
  ];
}
