import fc from 'fast-check';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { NOTHING, potAtRest } from '../pot/state';
import { simulate } from '../pot/simulate';
import { usefulPowerW } from './burner';
import { doubtPctOf, fitBurner, heatToBoilJ, litreS, WaterTestError, type WaterTestKitchen } from './waterTest';
import { runs } from '../testing/runs';

const kitchen: WaterTestKitchen = {
  vessel: VESSELS.find((one) => one.id === 'steel26')!,
  heatSource: HEAT_SOURCES.find((one) => one.id === 'portableGas')!,
  roomTempC: 20,
  altitudeM: 0,
};

/** How long the pot of the simulation takes on a burner that gives so much: a second way to the same number. */
function boiledAfterS(given: WaterTestKitchen, inPotW: number, waterMl: number, fromC = 15): number {
  const heatSource = { ...given.heatSource, measured: { inPotW, doubtPct: 5, on: '2026-11-20T10:00:00Z' } };
  const pot = potAtRest({ ...given, heatSource, liquid: { ...NOTHING, waterG: waterMl }, tempC: fromC });
  const program = [
    { atS: 0, act: { is: 'heat' as const, share: 1 } },
    { atS: 0, act: { is: 'lid' as const, lid: 'on' as const } },
  ];
  return simulate(pot, program, 6000).boils[0]!.fromS;
}

describe('a burner measured with a litre of water', () => {
  it('comes out as what it is, by a pot that is simulated on it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 600, max: 2400 }),
        fc.integer({ min: 800, max: 2500 }),
        fc.integer({ min: 0, max: 2500 }),
        (inPotW, waterMl, altitudeM) => {
          const here = { ...kitchen, altitudeM };
          // Water and pot begin at one temperature in the simulation.
          const seconds = boiledAfterS(here, inPotW, waterMl, 20);
          const fitted = fitBurner({ waterMl, fromC: 20, seconds }, undefined, here);
          expect(Math.abs(fitted.inPotW / inPotW - 1)).toBeLessThan(0.04);
        },
      ),
      { numRuns: runs(12) },
    );
  });

  it('gives the power that the heat taken up asks for, and a little for what is lost', () => {
    const test = { waterMl: 1000, fromC: 15, seconds: 330 };
    const { inPotW, sharePct, doubtPct } = fitBurner(test, undefined, kitchen);
    const leastW = heatToBoilJ(kitchen, test) / test.seconds;
    expect(inPotW).toBeGreaterThan(leastW);
    expect(inPotW).toBeLessThan(leastW * 1.15);
    expect(sharePct).toBe(Math.round((100 * inPotW) / 2600));
    expect(doubtPct).toBeGreaterThan(3);
    expect(doubtPct).toBeLessThan(12);
  });

  it('is the surer the more water was timed', () => {
    const doubt = (waterMl: number) => {
      const seconds = boiledAfterS(kitchen, 1200, waterMl);
      return fitBurner({ waterMl, fromC: 15, seconds }, undefined, kitchen).doubtPct;
    };
    expect(doubt(2500)).toBeLessThan(doubt(500));
  });

  it('tells what the pot takes up from a second time with other water', () => {
    const heavy = { ...kitchen, vessel: { ...kitchen.vessel, emptyMassG: 2600 } };
    const timed = (waterMl: number) => ({ waterMl, fromC: 20, seconds: boiledAfterS(heavy, 1300, waterMl, 20) });
    const { emptyMassG, inPotW } = fitBurner(timed(1000), timed(2200), kitchen);
    expect(Math.abs(emptyMassG! / 2600 - 1)).toBeLessThan(0.3);
    expect(Math.abs(inPotW / 1300 - 1)).toBeLessThan(0.06);
  });

  it('is used from then on, by everything that asks what goes into the pot', () => {
    const measured = { inPotW: 900, doubtPct: 6, on: '2026-11-20T10:00:00Z' };
    const heatSource = { ...kitchen.heatSource, measured };
    expect(usefulPowerW(heatSource)).toBe(900);
    expect(litreS({ ...kitchen, heatSource })).toBeGreaterThan(litreS(kitchen));
    expect(doubtPctOf(heatSource)).toBe(6);
    expect(doubtPctOf(kitchen.heatSource)).toBeGreaterThan(6);
  });

  it('refuses what no burner could do, and says which field to look at', () => {
    const fault = (go: () => unknown) => {
      try {
        go();
        return undefined;
      } catch (error) {
        return error instanceof WaterTestError ? error.field : String(error);
      }
    };
    const test = { waterMl: 1000, fromC: 15, seconds: 330 };
    expect(fault(() => fitBurner({ ...test, seconds: 60 }, undefined, kitchen))).toBe('seconds');
    expect(fault(() => fitBurner({ ...test, seconds: 9000 }, undefined, kitchen))).toBe('seconds');
    expect(fault(() => fitBurner({ ...test, fromC: 95 }, undefined, kitchen))).toBe('fromC');
    expect(fault(() => fitBurner(test, { ...test, waterMl: 1100 }, kitchen))).toBe('second');
    expect(fault(() => fitBurner(test, { ...test, waterMl: 2000, seconds: 335 }, kitchen))).toBe('second');
    expect(fault(() => fitBurner(test, undefined, kitchen))).toBeUndefined();
  });
});
