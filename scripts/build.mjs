import { spawnSync } from 'node:child_process';
import { copyFileSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { generateSW } from 'workbox-build';
import { ROOT } from './lib.mjs';

const APP = path.join(ROOT, 'app');
const DIST = path.join(APP, 'dist');

const FONTS = {
  'brygada-1918.woff2': '@fontsource-variable/brygada-1918/files/brygada-1918-latin-wght-normal.woff2',
  'atkinson-hyperlegible-next.woff2':
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
};

mkdirSync(path.join(APP, 'public', 'fonts'), { recursive: true });
for (const [name, from] of Object.entries(FONTS)) {
  copyFileSync(path.join(ROOT, 'node_modules', from), path.join(APP, 'public', 'fonts', name));
}

const exported = spawnSync(
  path.join(ROOT, 'node_modules', '.bin', 'expo'),
  ['export', '-p', 'web', '--output-dir', 'dist'],
  {
    cwd: APP,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
  },
);
if (exported.status !== 0) process.exit(exported.status ?? 1);

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
process.stdout.write('The web application is in app/dist\n');
