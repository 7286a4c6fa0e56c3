import fc from 'fast-check';
import { solveLinear } from './linear';

describe('the equations', () => {
  it('are solved exactly', () => {
    const number = fc.integer({ min: -9, max: 9 });
    fc.assert(
      fc.property(
        fc.array(number, { minLength: 9, maxLength: 9 }),
        fc.array(number, { minLength: 3, maxLength: 3 }),
        (flat, x) => {
          const rows = [flat.slice(0, 3), flat.slice(3, 6), flat.slice(6, 9)];
          const [a, b, c] = rows as [number[], number[], number[]];
          const determinant =
            a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) -
            a[1]! * (b[0]! * c[2]! - b[2]! * c[0]!) +
            a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
          fc.pre(Math.abs(determinant) > 0.5);
          const right = rows.map((row) => row.reduce((sum, value, index) => sum + value * x[index]!, 0));
          solveLinear(rows, right).forEach((value, index) => expect(value).toBeCloseTo(x[index]!, 6));
        },
      ),
    );
  });

  it('say so when they do not determine the amounts', () => {
    expect(() =>
      solveLinear(
        [
          [1, 1],
          [2, 2],
        ],
        [1, 2],
      ),
    ).toThrow(RangeError);
  });
});
