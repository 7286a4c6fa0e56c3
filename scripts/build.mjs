import { createHash } from 'node:crypto';
import { copyFileSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { generateSW } from 'workbox-build';
import { ROOT } from './lib.mjs';
import { firstScript, splitScript } from './splitScript.js';
import { exportForWeb, packFiles, shortened, shortenScripts } from './web.js';

const APP = path.join(ROOT, 'app');
const DIST = path.join(APP, 'dist');

const SCRIPTS = path.join(DIST, '_expo', 'static', 'js', 'web');

const FONTS = {
  'brygada-1918.woff2': '@fontsource-variable/brygada-1918/files/brygada-1918-latin-wght-normal.woff2',
  'atkinson-hyperlegible-next.woff2':
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
};

mkdirSync(path.join(APP, 'public', 'fonts'), { recursive: true });
for (const [name, from] of Object.entries(FONTS)) {
  copyFileSync(path.join(ROOT, 'node_modules', from), path.join(APP, 'public', 'fonts', name));
}

exportForWeb(APP);

// Nearly all that is in a script is run at once. A browser that understands this compiles it while it arrives, beside the
// page instead of in it.
const COMPILED_AHEAD = '//# allFunctionsCalledOnLoad\n';
/** A piece of this length, 100 to 200 kB when it is shortened, is run in a small part of a second on a slow phone. */
const LARGEST_PIECE = 330_000;

const addressOf = (name) => `/_expo/static/js/web/${name}`;
const HAS_RUN = (name) => `\n;(globalThis.kitchenPieces ??= []).push(${JSON.stringify(addressOf(name))});\n`;

/**
 * Writes a script in pieces, the last under its own name.
 * @param says whether each of them notes that it has been run
 * @returns their names
 */
async function inPieces(name, says) {
  const file = path.join(SCRIPTS, name);
  const pieces = await Promise.all(splitScript(readFileSync(file, 'utf8'), LARGEST_PIECE).map(shortened));
  const names = pieces.map((_, index) =>
    index === pieces.length - 1 ? name : name.replace('.js', `.${index + 1}.js`),
  );
  pieces.forEach((piece, index) =>
    writeFileSync(path.join(SCRIPTS, names[index]), COMPILED_AHEAD + piece + (says ? HAS_RUN(names[index]) : '')),
  );
  return names;
}

const kitchens = readdirSync(SCRIPTS).filter((name) => /^kitchen-.*\.js$/.test(name));
if (kitchens.length !== 1) throw new Error(`The export has ${kitchens.length} scripts for the kitchen instead of one`);
const page = path.join(DIST, 'index.html');
const html = readFileSync(page, 'utf8');
const { tag, name: begins } = firstScript(html);
// The names of the scripts follow from what is in them: with the page they tell one build from another.
const mark = createHash('sha256').update(html).update(kitchens[0]).digest('hex').slice(0, 12);
const [first, kitchen] = await Promise.all([inPieces(begins, false), inPieces(kitchens[0], true)]);
await shortenScripts(
  SCRIPTS,
  [...first, ...kitchen].map((written) => path.join(SCRIPTS, written)),
);
writeFileSync(
  page,
  html
    .replace(tag, () => first.map((piece) => `<script src="${addressOf(piece)}" defer></script>`).join(''))
    .replace(
      '</head>',
      `<meta name="kitchen" content="${kitchen.map(addressOf).join(' ')}" /><meta name="pages" content="${mark}" /></head>`,
    ),
);

// The pages stay there when the server is not: a reload in the middle of a pot must not lose the cook.
const { warnings } = await generateSW({
  globDirectory: DIST,
  globPatterns: ['index.html', '_expo/**/*.{js,css}', 'fonts/*', 'icon.svg', 'manifest.webmanifest'],
  swDest: path.join(DIST, 'sw.js'),
  navigateFallback: '/index.html',
  navigateFallbackDenylist: [/^\/api\//],
  skipWaiting: true,
  clientsClaim: true,
  inlineWorkboxRuntime: true,
  sourcemap: false,
  maximumFileSizeToCacheInBytes: 6_000_000,
});
for (const warning of warnings) process.stderr.write(`${warning}\n`);
await packFiles(DIST);
process.stdout.write('The web application is in app/dist\n');
