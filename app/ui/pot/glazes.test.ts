import { readFileSync } from 'node:fs';
import path from 'node:path';
import { GLAZES } from '@elixa/core';

const css = readFileSync(path.join(__dirname, '..', '..', 'global.css'), 'utf8');
const [day, night] = css.split('.theme-dark');

describe('the glazes of the drawings', () => {
  it('are by day what colours are compared by, and every one has its tone by night or stays as it is', () => {
    const inDay = Object.fromEntries(
      [...day!.matchAll(/--glaze-([\w-]+): (#[0-9a-f]{6});/g)].map((one) => [one[1], one[2]]),
    );
    expect(inDay).toEqual({ ...GLAZES, line: inDay.line });
    for (const [, name] of night!.matchAll(/--glaze-([\w-]+): /g)) expect(Object.keys(inDay)).toContain(name);
  });
});
