import fc from 'fast-check';
import { handsS, isTooMuch, MOST_AT_ONCE_S, withinHands } from './hands';
import type { GroupPiece, RoundGroup } from './round';
import { runs } from '../testing/runs';

const piece = (index: number, more: Partial<GroupPiece> & { mostS: number }): GroupPiece => ({
  ingredientId: `thing${index}`,
  cut: 'slice',
  massG: 120,
  way: 'simmered',
  stageId: 'simmer',
  order: 1,
  fromCold: false,
  apart: false,
  part: 0,
  cookS: 300,
  window: { leastS: 200, bestS: 300, mostS: more.mostS, safeS: 0, sign: 'tender' },
  ...more,
});
const group = (beforeReadyS: number, pieces: GroupPiece[]): RoundGroup => ({ beforeReadyS, recoveryS: 90, pieces });
const nobody = () => false;
const idsOf = (groups: readonly RoundGroup[]) =>
  groups.flatMap((one) => one.pieces.map((each) => each.ingredientId)).sort();

describe('what two hands put in', () => {
  it('goes in by turns where it is more than a minute’s work, what stands longest first, and nothing is lost', () => {
    const things = Array.from({ length: 12 }, (_, index) => piece(index, { mostS: index < 6 ? 600 : 310 }));
    const parted = withinHands([group(300, things)], nobody);
    expect(parted.length).toBe(2);
    expect(parted.map((one) => one.beforeReadyS)).toEqual([360, 300]);
    expect(parted[0]!.pieces.every((one) => one.window.mostS === 600 && one.cookS === 360)).toBe(true);
    expect(idsOf(parted)).toEqual(idsOf([group(300, things)]));
    expect(parted[0]!.recoveryS + parted[1]!.recoveryS).toBeCloseTo(90, 6);
  });

  it('stays together, and is told, where nothing of it can go in sooner', () => {
    const things = Array.from({ length: 18 }, (_, index) => piece(index, { mostS: 310 }));
    const parted = withinHands([group(300, things)], nobody);
    expect(parted.length).toBe(1);
    expect(isTooMuch(parted[0]!)).toBe(true);
  });

  it('waits until what goes in before it is in, but never against a time of the cook’s own', () => {
    const early = group(
      310,
      Array.from({ length: 6 }, (_, index) => piece(index, { mostS: 600, cookS: 310 })),
    );
    const late = group(300, [piece(9, { mostS: 320 })]);
    const [moved] = withinHands([early, late], nobody);
    expect(moved!.beforeReadyS).toBeCloseTo(300 + handsS(early.pieces), 6);
    const [own] = withinHands([early, late], (one) => one.ingredientId === 'thing0');
    expect(own!.beforeReadyS).toBe(310);
  });

  it('keeps windows and the order of stages, whatever there is', () => {
    const things = fc.array(
      fc.record({
        massG: fc.integer({ min: 10, max: 900 }),
        order: fc.integer({ min: 0, max: 3 }),
        mostS: fc.integer({ min: 300, max: 900 }),
        isStacked: fc.boolean(),
      }),
      { minLength: 1, maxLength: 16 },
    );
    fc.assert(
      fc.property(fc.array(things, { minLength: 1, maxLength: 4 }), fc.integer({ min: 1, max: 300 }), (all, apartS) => {
        // Later stages come later, as they do in any round.
        const groups = all.map((members, at) =>
          group(
            300 + apartS * (all.length - 1 - at),
            members.map(({ massG, order, mostS, isStacked }, index) =>
              piece(index + 100 * at, {
                massG,
                order: order + 4 * at,
                cookS: 300,
                mostS,
                way: isStacked ? 'stacked' : 'simmered',
              }),
            ),
          ),
        );
        const parted = withinHands(groups, nobody);
        expect(idsOf(parted)).toEqual(idsOf(groups));
        const timed = parted.flatMap((one) => one.pieces.map((each) => ({ ...each, inS: one.beforeReadyS })));
        expect(timed.filter((one) => one.cookS > Math.max(300, one.window.mostS) + 1e-6)).toEqual([]);
        const outOfTurn = timed.filter((one) =>
          timed.some((other) => other.order < one.order && other.inS < one.inS - 1e-6),
        );
        expect(outOfTurn).toEqual([]);
        // Far enough apart, what is still too much at once had nothing that could go in sooner.
        for (const one of apartS > 250 ? parted.filter(isTooMuch) : []) {
          const first = Math.min(...one.pieces.map((each) => each.order));
          const free = one.pieces.filter((each) => each.way !== 'stacked' && each.order === first);
          const bearing = free.filter((each) => each.cookS + MOST_AT_ONCE_S <= each.window.mostS);
          expect(bearing.length === 0 || one.pieces.length === 1).toBe(true);
        }
      }),
      { numRuns: runs(200) },
    );
  });
});
