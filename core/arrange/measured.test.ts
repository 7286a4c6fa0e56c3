import { vesselSchema } from '@elixa/contract';
import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { capacityBy, depthBy, widthBy } from './measured';

describe('any two of width, depth and what a pot holds', () => {
  it('leave the third within bounds that every pot of the catalogue lies in', () => {
    for (const { innerDiameterMm, innerDepthMm, rimVolumeMl, name } of VESSELS) {
      const within = (value: number, { least, most }: { least: number; most: number }) => [
        name,
        value >= least - 1e-9 && value <= most * 1.02,
      ];
      expect(within(rimVolumeMl, capacityBy({ innerDiameterMm }, innerDepthMm))).toEqual([name, true]);
      expect(within(innerDepthMm, depthBy({ innerDiameterMm }, rimVolumeMl))).toEqual([name, true]);
      expect(within(innerDiameterMm, widthBy({ across: 1 }, innerDepthMm, rimVolumeMl))).toEqual([name, true]);
    }
  });

  it('agree with one another, and make a pot that is taken', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 160, max: 400 }),
        fc.integer({ min: 50, max: 180 }),
        (innerDiameterMm, innerDepthMm) => {
          const { likely } = capacityBy({ innerDiameterMm }, innerDepthMm);
          expect(depthBy({ innerDiameterMm }, likely).likely).toBeCloseTo(innerDepthMm, 6);
          expect(widthBy({ across: 1 }, innerDepthMm, likely).likely).toBeCloseTo(innerDiameterMm, 6);
          const pot = { ...VESSELS[0]!, innerDiameterMm, innerDepthMm, rimVolumeMl: likely };
          fc.pre(likely >= 300 && likely <= 40_000);
          expect(vesselSchema.safeParse(pot).success).toBe(true);
        },
      ),
    );
  });
});
