import { isCutByThickness, labelAt, pieceGAt, sidesMm } from './cutThickness';
import { INGREDIENTS } from './ingredients';

const cuts = INGREDIENTS.flatMap((what) => Object.values(what.cuts).map((cut) => ({ id: what.id, ...cut })));

describe('how thick a thing is cut', () => {
  it('can be said of what is named after it, and of nothing that is as it grew', () => {
    const named = (label: string, thicknessMm: number) => isCutByThickness({ label, thicknessMm });
    expect([named('8 mm half-moons', 8), named('3 cm chunks', 28), named('1.5 cm slices', 15)]).toEqual([
      true,
      true,
      true,
    ]);
    expect([named('in small tufts', 10), named('6 cm lengths', 2), named('stems, 3 cm on the slant', 8)]).toEqual([
      false,
      false,
      false,
    ]);
    const odd = cuts.filter((cut) => isCutByThickness(cut) && /tuft|torn|loosened|sprig|lengths/.test(cut.label));
    expect(odd.map((cut) => `${cut.id}: ${cut.label}`)).toEqual([]);
    expect(cuts.filter(isCutByThickness).length).toBeGreaterThan(30);
  });

  it('is in the name of the cut then, once', () => {
    for (const cut of cuts.filter(isCutByThickness)) {
      expect(labelAt(cut, undefined)).toBe(cut.label);
      expect(labelAt(cut, 17)).toContain('17 mm');
      expect(isCutByThickness({ label: labelAt(cut, 17), thicknessMm: 17 })).toBe(true);
    }
    expect(labelAt({ label: 'in small tufts', thicknessMm: 10 }, 17)).toBe('in small tufts');
  });

  it('is the least side of the piece, which grows with its mass', () => {
    const [cube, slice, ball] = [
      { thicknessMm: 20, pieceG: 8.16 },
      { thicknessMm: 2, pieceG: 20 },
      { thicknessMm: 30, pieceG: 22, ball: true as const },
    ];
    expect([10, 20, 40].map((mm) => +pieceGAt(cube, mm).toFixed(6))).toEqual([4.08, 8.16, 65.28]);
    // A slice is as wide as before.
    expect(pieceGAt(slice, 5)).toBeCloseTo(50, 9);
    expect([15, 60].map((mm) => +pieceGAt(ball, mm).toFixed(6))).toEqual([2.75, 176]);
    for (const cut of cuts)
      for (const times of [0.5, 1, 2.5]) {
        const { thickMm, wideMm } = sidesMm(cut, 1, cut.thicknessMm * times);
        expect(thickMm).toBeLessThanOrEqual(wideMm);
      }
  });
});
