import { vesselSchema, type Vessel } from '@elixa/contract';
import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { areaAtMm2, heightAtMm, radiusAtMm, usableVolumeMl, volumeBelowMl, wallOf, widthShareAt } from './vesselShape';
import { runs } from '../testing/runs';

const round = (more: Partial<Vessel>): Vessel => ({ ...VESSELS[0]!, ...more });

/** Volume of a bucket by the formula for a frustum, in ml. */
const frustumMl = (rimMm: number, baseMm: number, depthMm: number) =>
  ((Math.PI * depthMm) / 12 / 1000) * (rimMm ** 2 + rimMm * baseMm + baseMm ** 2);

/** A pot with any measures that can be. */
const anyPot = fc
  .record({
    outline: fc.constantFrom('round' as const, 'oval' as const, 'rectangular' as const),
    innerDiameterMm: fc.integer({ min: 160, max: 420 }),
    across: fc.double({ min: 0.6, max: 1, noNaN: true }),
    innerDepthMm: fc.integer({ min: 40, max: 200 }),
    fill: fc.double({ min: 0.4, max: 1, noNaN: true }),
  })
  .map(({ outline, innerDiameterMm, across, innerDepthMm, fill }) => {
    const shape = {
      outline,
      innerDiameterMm,
      ...(outline === 'round' ? {} : { innerBreadthMm: innerDiameterMm * across }),
      innerDepthMm,
      rimVolumeMl: 1,
    };
    return { ...shape, rimVolumeMl: fill * ((areaAtMm2(shape, innerDepthMm) * innerDepthMm) / 1000) };
  });

describe('the shape of a pot', () => {
  it('is a straight wall where it holds what a cylinder of its size does', () => {
    const pot = round({ innerDiameterMm: 200, innerDepthMm: 100, rimVolumeMl: (Math.PI * 100 ** 2 * 100) / 1000 });
    expect(wallOf(pot)).toEqual({ base: 1, bend: 0 });
    expect(volumeBelowMl(pot, 40)).toBeCloseTo(0.4 * pot.rimVolumeMl, 6);
  });

  it('is a bucket with straight sides where its bottom was measured and it holds what a frustum does', () => {
    const pot = round({
      innerDiameterMm: 280,
      baseDiameterMm: 180,
      innerDepthMm: 90,
      rimVolumeMl: frustumMl(280, 180, 90),
    });
    expect(wallOf(pot).bend).toBeCloseTo(1, 9);
    // Half way up it is half way between bottom and rim, and holds what the smaller frustum does.
    expect(radiusAtMm(pot, 45)).toBeCloseTo(115, 6);
    expect(volumeBelowMl(pot, 45)).toBeCloseTo(frustumMl(230, 180, 45), 6);
  });

  it('holds below every height what its drawn wall encloses, whatever its shape', () => {
    fc.assert(
      fc.property(anyPot, fc.double({ min: 0.05, max: 1, noNaN: true }), (pot, share) => {
        const heightMm = share * pot.innerDepthMm;
        const slices = 3000;
        let ml = 0;
        for (let index = 0; index < slices; index += 1) {
          ml += (areaAtMm2(pot, ((index + 0.5) / slices) * heightMm) * (heightMm / slices)) / 1000;
        }
        expect(Math.abs(volumeBelowMl(pot, heightMm) / ml - 1)).toBeLessThan(0.002);
      }),
      { numRuns: runs(60) },
    );
  });

  it('reads a ruler back to the volume that was poured in, and never narrows towards its rim', () => {
    fc.assert(
      fc.property(anyPot, fc.double({ min: 0.001, max: 1, noNaN: true }), (pot, share) => {
        const volumeMl = pot.rimVolumeMl * share;
        expect(volumeBelowMl(pot, heightAtMm(pot, volumeMl))).toBeCloseTo(volumeMl, 5);
        const at = (z: number) => widthShareAt(pot, z * pot.innerDepthMm);
        expect(at(share)).toBeGreaterThanOrEqual(at(share / 2) - 1e-12);
        expect(at(1)).toBeCloseTo(1, 9);
      }),
    );
  });

  it('has the mouth of an ellipse or of a pan with round corners', () => {
    const oval = round({ outline: 'oval', innerDiameterMm: 320, innerBreadthMm: 220 });
    expect(areaAtMm2(oval, oval.innerDepthMm)).toBeCloseTo(Math.PI * 160 * 110, 6);
    const pan = round({ outline: 'rectangular', innerDiameterMm: 300, innerBreadthMm: 250 });
    const cornerMm = 0.18 * 250;
    expect(areaAtMm2(pan, pan.innerDepthMm)).toBeCloseTo(300 * 250 - (4 - Math.PI) * cornerMm ** 2, 6);
  });

  it('leaves room below the rim', () => {
    for (const vessel of VESSELS) expect(usableVolumeMl(vessel)).toBeLessThan(vessel.rimVolumeMl * 0.9);
  });
});

describe('a pot that is measured in', () => {
  const faults = (more: Partial<Vessel>) => {
    const parsed = vesselSchema.safeParse(round(more));
    return parsed.success ? [] : parsed.error.issues.map((one) => one.path.join('.'));
  };

  it.each(VESSELS)('is taken as the catalogue has it: $name', (vessel) => {
    expect(vesselSchema.parse(vessel)).toEqual(vessel);
  });

  it('names the measure that cannot be, and takes what can', () => {
    expect(faults({ outline: 'oval' })).toEqual(['innerBreadthMm']);
    expect(faults({ outline: 'oval', innerBreadthMm: 400 })).toEqual(['innerBreadthMm']);
    expect(faults({ innerBreadthMm: 200 })).toEqual(['innerBreadthMm']);
    expect(faults({ baseDiameterMm: 300 })).toEqual(['baseDiameterMm']);
    expect(faults({ rimVolumeMl: 9000 })).toEqual(['rimVolumeMl']);
    expect(faults({ baseDiameterMm: 270 })).toEqual(['rimVolumeMl']);
    expect(faults({ outline: 'oval', innerBreadthMm: 220, rimVolumeMl: 2400, baseDiameterMm: 150 })).toEqual([]);
  });
});
