import { sheetSize, type SheetWords } from './sheetSize';

const sheet = (rows: number, letters = 60): SheetWords => ({
  opening: 'Saturday, sit down at 19:30, 6 at table.',
  liquids: ['Clear broth: '.padEnd(200, 'x'), 'Dip: '.padEnd(120, 'x')],
  rows: Array.from({ length: rows }, () => 'x'.repeat(letters)),
  counter: 'x'.repeat(400),
  simmer: 'x'.repeat(300),
  cautions: 'x'.repeat(300),
});

describe('the size of the sheet to print', () => {
  it('is the largest for little, never larger for more, and never too small to read', () => {
    expect(sheetSize(sheet(5))).toBeCloseTo(0.85, 9);
    const sizes = [5, 15, 25, 35, 45, 80].map((rows) => sheetSize(sheet(rows)));
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
    expect(new Set(sizes).size).toBeGreaterThan(3);
    expect(sizes.at(-1)).toBeCloseTo(0.5, 9);
  });

  it('follows the words, not only the rows', () => {
    expect(sheetSize(sheet(25, 140))).toBeLessThan(sheetSize(sheet(25, 40)));
  });
});
