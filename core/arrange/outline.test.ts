import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { mouthAreaMm2, type Vessel } from '@elixa/contract';
import { chambersOf, outlineAreaMm2, outlineFor, placeOf, pointAt, regionAreaMm2, wallLine } from './outline';

const MOUTHS: Array<[string, Vessel]> = [
  ['round', VESSELS[0]!],
  ['oval', { ...VESSELS[0]!, outline: 'oval', innerDiameterMm: 320, innerBreadthMm: 210 }],
  ['rectangular', { ...VESSELS[0]!, outline: 'rectangular', innerDiameterMm: 300, innerBreadthMm: 250 }],
];
const divided = VESSELS.find((one) => one.divided)!;
const share = fc.double({ min: 0.02, max: 1, noNaN: true });
const deg = fc.double({ min: 0, max: 359.9, noNaN: true });

describe.each(MOUTHS)('the mouth of a %s pot', (_, vessel) => {
  const outline = outlineFor(vessel);

  it('has the area that its measures give', () => {
    expect(Math.abs(outlineAreaMm2(outline) / mouthAreaMm2(vessel) - 1)).toBeLessThan(0.002);
  });

  it('finds the place of every point again', () => {
    fc.assert(
      fc.property(share, deg, (of, turnDeg) => {
        const found = placeOf(outline, pointAt(outline, { share: of, turnDeg }));
        expect(found.share).toBeCloseTo(of, 6);
        expect(Math.min(Math.abs(found.turnDeg - turnDeg), 360 - Math.abs(found.turnDeg - turnDeg))).toBeLessThan(1e-4);
      }),
    );
  });

  it('measures directions by area: as much of a turn is as much of the mouth, found by counting points', () => {
    const half = vessel.innerDiameterMm / 2;
    const step = half / 120;
    let inside = 0;
    let inQuarter = 0;
    for (let x = -half; x <= half; x += step) {
      for (let y = -half; y <= half; y += step) {
        const at = placeOf(outline, { x, y });
        if (at.share > 1) continue;
        inside += 1;
        if (at.turnDeg >= 30 && at.turnDeg < 120 && at.share >= 0.5) inQuarter += 1;
      }
    }
    // A quarter of the turn, and three quarters of that outside half way.
    expect(inQuarter / inside).toBeCloseTo(0.25 * 0.75, 2);
    const region = { fromShare: 0.5, toShare: 1, startDeg: 30, sweepDeg: 90 };
    expect(regionAreaMm2(outline, region) / outlineAreaMm2(outline)).toBeCloseTo(0.25 * 0.75, 9);
  });
});

describe('the halves of a divided pot', () => {
  const halves = chambersOf(divided, true);

  it('share its mouth but for the wall, and neither reaches over it', () => {
    const [first, second] = halves.map((one) => outlineAreaMm2(one.outline)) as [number, number];
    expect(Math.abs(first / second - 1)).toBeLessThan(0.02);
    expect(first + second).toBeLessThan(mouthAreaMm2(divided));
    expect(first + second).toBeGreaterThan(mouthAreaMm2(divided) * 0.9);
    const wall = wallLine(divided.innerDiameterMm / 2);
    fc.assert(
      fc.property(share, deg, (of, turnDeg) => {
        for (const { side, outline } of halves) {
          const { x, y } = pointAt(outline, { share: of, turnDeg });
          const near = wall.reduce((a, b) => (Math.abs(a.y - y) < Math.abs(b.y - y) ? a : b));
          expect(side === 'first' ? x < near.x + 1 : x > near.x - 1).toBe(true);
        }
      }),
    );
  });
});
