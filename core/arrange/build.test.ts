import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { resolveMenu } from '../evening/resolveMenu';
import { eveningFor } from '../testing/household';
import { arrange } from './arrange';
import { brothAtLevel } from './level';
import { fitPot, LEAST_LIQUID_SHARE } from './fit';
import { heightAtMm, radiusAtMm, usableVolumeMl, volumeBelowMl } from './vesselShape';

const clay = VESSELS.find((one) => one.id === 'clay28')!;
const food = (count: number) => {
  return resolveMenu(eveningFor(count)).menu!.food.filter((one) => one.purpose === 'pot');
};

const covering = (heads: number) => ({ pour: { kind: 'cover', at: 'warm' } as const, heads });

describe('the shape of a pot', () => {
  it.each(VESSELS)('holds what it is said to hold: $name', (vessel) => {
    expect(volumeBelowMl(vessel, vessel.innerDepthMm)).toBeCloseTo(vessel.rimVolumeMl, 6);
    // The wall drawn from the exponent encloses the same volume.
    const slices = 4000;
    let ml = 0;
    for (let index = 0; index < slices; index += 1) {
      const z = ((index + 0.5) / slices) * vessel.innerDepthMm;
      ml += (Math.PI * radiusAtMm(vessel, z) ** 2 * (vessel.innerDepthMm / slices)) / 1000;
    }
    expect(Math.abs(ml / vessel.rimVolumeMl - 1)).toBeLessThan(0.01);
  });

  it('reads a dipstick back to the volume that was poured in', () => {
    fc.assert(
      fc.property(fc.constantFrom(...VESSELS), fc.double({ min: 0.01, max: 1, noNaN: true }), (vessel, share) => {
        const volumeMl = vessel.rimVolumeMl * share;
        expect(volumeBelowMl(vessel, heightAtMm(vessel, volumeMl))).toBeCloseTo(volumeMl, 4);
      }),
    );
  });

  it('knows the broth between the food from the height that it stands at', () => {
    const { brothMl, roomMl } = brothAtLevel(clay, 50, 400);
    expect(brothMl).toBeCloseTo(volumeBelowMl(clay, 50) - 400, 6);
    expect(brothMl + 400 + roomMl).toBeCloseTo(usableVolumeMl(clay), 6);
    expect(brothAtLevel(clay, 5, 4000).brothMl).toBe(0);
    expect(brothAtLevel(clay, clay.innerDepthMm, 0).roomMl).toBe(0);
  });

  it('leaves room below the rim', () => {
    for (const vessel of VESSELS) expect(usableVolumeMl(vessel)).toBeLessThan(vessel.rimVolumeMl * 0.9);
  });
});

describe('the fit', () => {
  it('never passes the usable volume, from one guest to twenty-four', () => {
    for (let count = 1; count <= 24; count += 1) {
      for (const vessel of VESSELS) {
        const pieces = food(count);
        const fit = fitPot(vessel, pieces, count * 300, covering(count));
        expect(fit.potBrothMl + fit.solidsMl / fit.rounds).toBeLessThanOrEqual(fit.usableMl + 1e-6);
        expect(fit.potBrothMl + fit.reserveMl).toBeCloseTo(count * 300, 6);
        expect(fit.solidsMl / fit.rounds).toBeLessThanOrEqual(fit.usableMl * (1 - LEAST_LIQUID_SHARE.cover) + 1e-6);
      }
    }
  });

  it('cooks for more guests in more rounds, and in fewer in a larger pot', () => {
    expect(fitPot(clay, food(7), 2100, covering(7)).rounds).toBeGreaterThan(
      fitPot(clay, food(2), 600, covering(2)).rounds,
    );
    const large = { ...clay, innerDepthMm: 160, rimVolumeMl: 8000 };
    expect(fitPot(large, food(7), 2100, covering(7)).rounds).toBeLessThan(
      fitPot(clay, food(7), 2100, covering(7)).rounds,
    );
  });
});

describe('the arrangement', () => {
  it('covers the surface once and goes once round the wall', () => {
    const sectors = arrange(clay, food(4), 55);
    const area = sectors.reduce((sum, one) => sum + one.areaMm2, 0);
    expect(area).toBeCloseTo(Math.PI * radiusAtMm(clay, 55) ** 2, 3);
    const ring = sectors.filter((one) => one.zone === 'ring');
    expect(ring.reduce((sum, one) => sum + one.sweepDeg, 0)).toBeCloseTo(360, 6);
    expect(sectors.filter((one) => one.zone === 'heart').map((one) => one.ingredientId)).toEqual(['chickenThigh']);
  });
});
