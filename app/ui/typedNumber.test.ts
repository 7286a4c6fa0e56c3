import { typedNumber } from './typedNumber';

describe('numbers as people type them', () => {
  it.each([
    ['1180', 5500, 1180],
    ['1,180', 5500, 1180],
    ['1.180', 5500, 1180],
    ['1 180', 5500, 1180],
    ['1\u202f180', 5500, 1180],
    ["1'180", 5500, 1180],
    ['12,500.5', 40_000, 12_500.5],
    ['12.500,5', 40_000, 12_500.5],
    ['1,5', 100, 1.5],
    ['1.5', 100, 1.5],
    ['1,500', 40, 1.5],
    ['0,125', 5000, 0.125],
    ['−20', 45, -20],
    ['+7', 45, 7],
    [' 300 ', 400, 300],
    ['.5', 4, 0.5],
  ])('%s in a field up to %d is %d', (text, most, number) => expect(typedNumber(text, most)).toBeCloseTo(number, 9));

  it.each(['', '  ', 'much', '1.2.3', '12e3', '1,18,0', '--3', 'Infinity', '0x10'])('"%s" cannot be read', (text) =>
    expect(typedNumber(text, 5500)).toBeUndefined(),
  );
});
