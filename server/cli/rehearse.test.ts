import { readFileSync } from 'node:fs';
import path from 'node:path';
import { rehearseAnswer } from './rehearseAnswer';

const six = JSON.parse(
  readFileSync(path.join(import.meta.dirname, '..', '..', 'examples', 'practice-night.json'), 'utf8'),
);
// Two of them have one round and the finish.
const text = JSON.stringify({ ...six, diners: six.diners.slice(0, 2) });
const rehearse = (...args: string[]) => rehearseAnswer(['-', ...args], () => text);

describe('npm run -s rehearse', () => {
  const { status, out, said } = rehearse('--seed', '3', '--mishap', 'weakBurner', '--mishap', 'frozen');
  const printed = JSON.parse(out || '{}');

  it('prints how the evening went as JSON: the pot, what was believed of it, what was told, how it came out', () => {
    expect({ status, said }).toEqual({ status: 0, said: '' });
    expect(printed).toMatchObject({
      seed: 3,
      mishaps: ['weakBurner', 'frozen'],
      score: { unsafeCalledReady: [], outOfWindow: expect.any(Array), lateS: expect.any(Number) },
    });
    expect(Object.keys(printed).sort()).toEqual(['course', 'estimates', 'mishaps', 'said', 'score', 'seed']);
    expect(printed.course.length).toBeGreaterThan(50);
    expect(printed.estimates[0]).toEqual(
      expect.objectContaining({
        atS: 0,
        tempC: expect.any(Number),
        sd: expect.any(Number),
        truthC: expect.any(Number),
      }),
    );
    // A burner so weak is told of.
    expect(printed.said[0].text).toMatch(/^It boiled \d+½? min late/);
  });

  it('is the same for the same seed, and another for another', () => {
    expect(rehearse('--seed', '3', '--mishap', 'weakBurner', '--mishap', 'frozen').out).toBe(out);
    expect(rehearse('--seed', '4', '--mishap', 'weakBurner', '--mishap', 'frozen').out).not.toBe(out);
  });

  it.each([
    [['--mishap', 'rain'], /--mishap: there is no "rain"\. Use one of: weakBurner, wind/],
    [['--seed', 'two'], /--seed: "two" is no whole number/],
    [['--sed', '2'], /Usage: npm run -s rehearse/],
    [['again.json'], /Usage/],
  ])('refuses %j, and says what is meant', (args, words) => {
    expect(rehearse(...args)).toMatchObject({ status: 2, out: '', said: expect.stringMatching(words) });
  });
});
