const { readFileSync } = require('node:fs');
const path = require('node:path');

const { packages } = JSON.parse(readFileSync(path.join(__dirname, '..', 'package-lock.json'), 'utf8'));

/** Whether a package finds another, beside itself or further out, as Node looks for it. */
function finds(from, name) {
  for (let at = from; ; at = at.slice(0, at.lastIndexOf('/node_modules/'))) {
    if (packages[`${at}/node_modules/${name}`]) return true;
    if (!at.includes('/node_modules/')) return packages[`node_modules/${name}`] !== undefined;
  }
}

test('can be installed on every machine: no package for another system is left out of the lock file', () => {
  const missing = Object.entries(packages).flatMap(([from, { optionalDependencies = {} }]) =>
    Object.keys(optionalDependencies)
      .filter((name) => !finds(from, name))
      .map((name) => `${name} of ${from}`),
  );
  expect(missing).toEqual([]);
});
