import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ingredientById } from '../catalogue/ingredients';
import { predictedMinutes } from './predictedMinutes';

const page = readFileSync(path.join(import.meta.dirname, '..', '..', 'docs', 'cooking-times.md'), 'utf8');

/** The rows of the page's table: what it is, both figures as they stand there, the usual range, and whether it is an outlier. */
const rows = page
  .split('\n')
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .filter((cells) => /^`\w+` `\w+`$/.test(cells[3] ?? ''))
  .map(([, name, cut, ids, ready, past, usual, outlier]) => {
    const [ingredientId, cutId] = ids!.replaceAll('`', '').split(' ') as [string, string];
    const [least, most] = usual!.split('-').map(Number) as [number, number];
    return { name, cut, ingredientId, cutId, ready, past, least, most, isOutlier: outlier === 'yes' };
  });

const shown = (minutes: number | undefined) =>
  minutes === undefined ? 'stands' : minutes < 10 ? minutes.toFixed(1) : minutes.toFixed(0);

describe('the page of cooking times', () => {
  it('has forty pieces of the catalogue or more, each once', () => {
    expect(rows.length).toBeGreaterThanOrEqual(40);
    expect(new Set(rows.map((one) => `${one.ingredientId} ${one.cutId}`)).size).toBe(rows.length);
  });

  it.each(rows)('says of $name, $cut, what the model says', (row) => {
    const what = ingredientById(row.ingredientId);
    expect([row.name, row.cut]).toEqual([what.name, what.cuts[row.cutId]!.label]);
    const { readyMin, pastMin } = predictedMinutes(row.ingredientId, row.cutId);
    expect([row.ready, row.past]).toEqual([shown(readyMin), shown(pastMin)]);
    const meets = readyMin <= row.most && (pastMin ?? Infinity) >= row.least;
    expect(row.isOutlier).toBe(!meets);
  });

  it('explains every outlier, and few are', () => {
    const outliers = rows.filter((one) => one.isOutlier);
    expect(outliers.length).toBeLessThanOrEqual(3);
    const reasons = page.slice(page.indexOf('## Where they do not meet'), page.indexOf('## Where they meet'));
    for (const { ingredientId } of outliers) expect(reasons).toContain(`\`${ingredientId}\`: `);
  });
});
