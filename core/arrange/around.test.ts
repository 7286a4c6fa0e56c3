import fc from 'fast-check';
import { aroundCost, betweenDeg, enumeratedAround, middlesOf, orderAround, type Round } from './around';
import { glazeLikeness } from './likeness';
import { runs } from '../testing/runs';

/** Bunches of any widths and likenesses, some of which must not touch. */
const anyRound = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).chain((count) =>
    fc
      .record({
        widths: fc.array(fc.double({ min: 0.3, max: 3, noNaN: true }), { minLength: count, maxLength: count }),
        alike: fc.array(fc.double({ min: 0, max: 1.5, noNaN: true }), {
          minLength: count * count,
          maxLength: count * count,
        }),
        a: fc.integer({ min: 0, max: count - 1 }),
        b: fc.integer({ min: 0, max: count - 1 }),
      })
      .map(({ widths, alike, a, b }): Round => {
        const all = widths.reduce((sum, one) => sum + one, 0);
        const cell = (i: number, j: number) => alike[Math.min(i, j) * count + Math.max(i, j)]!;
        const each = Array.from({ length: count }, (_, index) => index);
        return {
          sweepDeg: widths.map((one) => (360 * one) / all),
          nearness: {
            alike: each.map((i) => each.map((j) => cell(i, j))),
            apart: each.map((i) => each.map((j) => a !== b && ((i === a && j === b) || (i === b && j === a)))),
          },
        };
      }),
  );

describe('the order round the wall', () => {
  it('is as good as the best of all orders where these can be gone through', () => {
    fc.assert(
      fc.property(anyRound(8, 8), (round) => {
        const best = enumeratedAround(round).costs;
        expect(orderAround(round).costs).toBeLessThanOrEqual(best * 1.02 + 1e-9);
      }),
      { numRuns: runs(12), seed: 12 },
    );
  });

  it('names every bunch once, costs what it says, and is the same every time for the same seed', () => {
    fc.assert(
      fc.property(anyRound(1, 14), fc.integer({ min: 1, max: 99 }), (round, seed) => {
        const { order, costs, fromDeg } = orderAround(round, seed);
        expect([...order].sort((x, y) => x - y)).toEqual(round.sweepDeg.map((_, index) => index));
        expect(aroundCost(order, round)).toBeCloseTo(costs, 9);
        expect(orderAround(round, seed)).toEqual({ order, costs, fromDeg });
      }),
      { numRuns: runs(40) },
    );
  });

  it('keeps apart what must not touch, whenever something else can lie between', () => {
    fc.assert(
      fc.property(anyRound(4, 12), (round) => {
        const { order } = orderAround(round);
        const middles = middlesOf(order, round.sweepDeg, 0);
        round.nearness.apart.forEach((row, a) =>
          row.forEach((isApart, b) => {
            if (!isApart) return;
            const gap = betweenDeg(middles[a]!, middles[b]!) - (round.sweepDeg[a]! + round.sweepDeg[b]!) / 2;
            expect(gap).toBeGreaterThan(1e-6);
          }),
        );
      }),
      { numRuns: runs(60) },
    );
  });

  it('lays like things apart: two greens do not lie side by side in a pot of four', () => {
    const green = glazeLikeness('leaf', 'allium');
    const alike = [
      [1, green, 0, 0],
      [green, 1, 0, 0],
      [0, 0, 1, 0],
      [0, 0, 0, 1],
    ];
    const none = alike.map((row) => row.map(() => false));
    const { order } = orderAround({ sweepDeg: [90, 90, 90, 90], nearness: { alike, apart: none } });
    expect(Math.abs(order.indexOf(0) - order.indexOf(1))).toBe(2);
  });

  it('leaves what is locked where it is, and what was laid by hand in its order', () => {
    fc.assert(
      fc.property(anyRound(3, 12), fc.double({ min: 0, max: 359, noNaN: true }), (plain, atDeg) => {
        const apart = plain.nearness.apart.map((row) => row.map(() => false));
        const count = plain.sweepDeg.length;
        const order = Array.from({ length: count }, (_, index) => (index * 5 + 2) % count);
        const isPermutation = new Set(order).size === count;
        const laid = isPermutation ? order : order.map((_, index) => index);
        const middles = middlesOf(laid, plain.sweepDeg, atDeg);
        const held = middles.map((at) => ({ atDeg: ((at % 360) + 360) % 360 }));
        const locked = held.map((one, index) => (index === 0 ? { ...one, locked: true } : one));
        const round: Round = { ...plain, nearness: { ...plain.nearness, apart }, held: locked };
        const found = orderAround(round);
        const now = middlesOf(found.order, plain.sweepDeg, found.fromDeg);
        expect(betweenDeg(now[0]!, locked[0]!.atDeg)).toBeLessThan(1);
        for (const [index, one] of locked.entries()) expect(betweenDeg(now[index]!, one.atDeg)).toBeLessThan(45);
      }),
      { numRuns: runs(40) },
    );
  });

  it('tells colours as an eye does', () => {
    expect(glazeLikeness('leaf', 'leaf')).toBe(1);
    expect(glazeLikeness('leaf', 'root')).toBe(0);
    expect(glazeLikeness('tofu', 'grain')).toBeGreaterThan(glazeLikeness('tofu', 'mushroom'));
    expect(() => glazeLikeness('leaf', 'tartan')).toThrow(RangeError);
  });
});
