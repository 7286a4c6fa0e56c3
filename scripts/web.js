const { spawnSync } = require('node:child_process');
const { readdirSync, readFileSync, writeFileSync } = require('node:fs');
const path = require('node:path');
const { brotliCompressSync, constants, gzipSync } = require('node:zlib');

/**
 * Packs what a server hands out as text, once and as small as it goes, instead of at every request.
 * @param {string} folder whose files get a .br and a .gz beside them
 */
function packFiles(folder) {
  for (const entry of readdirSync(folder, { recursive: true, withFileTypes: true })) {
    if (!entry.isFile() || !/\.(js|css|svg|webmanifest)$/.test(entry.name)) continue;
    const file = path.join(entry.parentPath, entry.name);
    const bytes = readFileSync(file);
    const params = { [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length };
    writeFileSync(`${file}.br`, brotliCompressSync(bytes, { params }));
    writeFileSync(`${file}.gz`, gzipSync(bytes, { level: 9 }));
  }
}

/**
 * Exports an application of Expo for the browser.
 * @param {string} app its folder
 * @returns {string} the folder with what a server hands out
 * @throws {Error} when the export failed; its words are on the standard error output
 */
function exportForWeb(app) {
  const exported = spawnSync(
    path.join(__dirname, '..', 'node_modules', '.bin', 'expo'),
    ['export', '-p', 'web', '--output-dir', 'dist'],
    {
      cwd: app,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
    },
  );
  if (exported.status !== 0) throw new Error(`The export of ${app} failed`);
  return path.join(app, 'dist');
}

module.exports = { exportForWeb, packFiles };
