const { minify } = require('@swc/core');
const { spawnSync } = require('node:child_process');
const { readdirSync } = require('node:fs');
const { readFile, writeFile } = require('node:fs/promises');
const path = require('node:path');
const { promisify } = require('node:util');
const zlib = require('node:zlib');

const brotli = promisify(zlib.brotliCompress);
const gzip = promisify(zlib.gzip);

const EXPO = path.join(__dirname, '..', 'node_modules', 'expo', 'bin', 'cli');

/** The files below a folder whose names match. */
const filesBelow = (folder, names) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && names.test(entry.name))
    .map((entry) => path.join(entry.parentPath, entry.name));

/**
 * A script that does the same in fewer letters.
 * @param {string} code of a script that stands by itself, and of which others see what it names at its top
 * @returns {Promise<string>}
 */
async function shortened(code) {
  const { code: short } = await minify(code, {
    module: false,
    compress: true,
    mangle: true,
    format: { comments: false },
  });
  return short;
}

/**
 * Shortens the scripts below a folder, each as a whole.
 * @param {string} folder
 * @param {string[]} but files that are as they should be
 */
async function shortenScripts(folder, but = []) {
  const files = filesBelow(folder, /\.js$/).filter((file) => !but.includes(file));
  await Promise.all(files.map(async (file) => writeFile(file, await shortened(await readFile(file, 'utf8')))));
}

/** A tenth of the time of the smallest, which is a twelfth smaller. */
const PACKED_WELL = 9;

/**
 * Packs what a server hands out as text, once and well, instead of at every request.
 * @param {string} folder whose files get a .br and a .gz beside them
 */
async function packFiles(folder) {
  const pack = async (file) => {
    const bytes = await readFile(file);
    const params = {
      [zlib.constants.BROTLI_PARAM_QUALITY]: PACKED_WELL,
      [zlib.constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
    };
    await writeFile(`${file}.br`, await brotli(bytes, { params }));
    await writeFile(`${file}.gz`, await gzip(bytes, { level: 9 }));
  };
  await Promise.all(filesBelow(folder, /\.(js|css|svg|webmanifest)$/).map(pack));
}

/**
 * Exports an application of Expo for the browser. Its scripts are left long: the bundler would shorten every module by
 * itself, which takes far longer and leaves more.
 * @param {string} app its folder
 * @returns {string} the folder with what a server hands out
 * @throws {Error} when the export failed; its words are on the standard error output
 */
function exportForWeb(app) {
  const exported = spawnSync(
    process.execPath,
    // Many small trees live for the time of one file: they are not to be carried through a short-lived heap again and again.
    ['--max-semi-space-size=64', EXPO, 'export', '-p', 'web', '--no-minify', '--output-dir', 'dist'],
    {
      cwd: app,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
    },
  );
  if (exported.status !== 0) throw new Error(`The export of ${app} failed`);
  return path.join(app, 'dist');
}

module.exports = { exportForWeb, packFiles, shortened, shortenScripts };
