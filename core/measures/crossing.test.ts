import { crossing } from './crossing';

describe('a crossing', () => {
  it.each([
    ['a parabola', (x: number) => x * x - 2, 0, 2, Math.SQRT2],
    ['the same from the other side', (x: number) => 2 - x * x, 2, 0, Math.SQRT2],
    ['a cosine', Math.cos, 1, 2, Math.PI / 2],
    ['one that is flat for long', (x: number) => Math.exp(-x) - 1e-3, 0, 20, Math.log(1000)],
    ['a step up a cube', (x: number) => (x - 1) ** 3, 0, 3, 1],
    ['at an end', (x: number) => x, 0, 1, 0],
  ])('is found in %s', (_what, f, from, to, at) => {
    const steps = jest.fn(f);
    expect(crossing(steps, from, to, 1e-12)).toBeCloseTo(at, 4);
    expect(steps.mock.calls.length).toBeLessThan(103);
  });

  it('that is not there is the nearer end', () => {
    expect(crossing((x) => x + 1, 0, 5, 1e-9)).toBe(0);
    expect(crossing((x) => x - 9, 0, 5, 1e-9)).toBe(5);
  });

  it('takes few steps where a function is nearly straight', () => {
    const steps = jest.fn((x: number) => Math.log(1 + x) - 0.3);
    expect(crossing(steps, 0, 1, 1e-12)).toBeCloseTo(Math.exp(0.3) - 1, 10);
    expect(steps.mock.calls.length).toBeLessThan(14);
  });
});
