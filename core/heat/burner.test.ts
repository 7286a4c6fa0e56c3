import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { evaporationG, recoveryS, timeToBoilS, usefulPowerW } from './burner';
import { specificHeatJPerKgK } from './composition';

const clay = VESSELS.find((one) => one.id === 'clay28')!;
const gas = HEAT_SOURCES.find((one) => one.id === 'portableGas')!;
const kitchen = { heat: gas, vessel: clay, boilingC: 96.1, roomTempC: 19 };

const pan = (diameterMm: number) => ({ diameterMm, roomTempC: 20, altitudeM: 0 });

describe('the burner and the pot', () => {
  it('takes a litre about as long to boil as its heat over the power says', () => {
    const seconds = timeToBoilS({ ...kitchen, brothMl: 1000, fromC: 20 });
    const brothAloneS = (4180 * 76.1) / usefulPowerW(gas);
    expect(seconds).toBeGreaterThan(brothAloneS);
    expect(seconds).toBeLessThan(brothAloneS * 2.2);
  });

  it('boils sooner with more power, with less broth and from warmer broth', () => {
    const base = timeToBoilS({ ...kitchen, brothMl: 1000, fromC: 20 });
    expect(timeToBoilS({ ...kitchen, heat: { ...gas, powerW: 3500 }, brothMl: 1000, fromC: 20 })).toBeLessThan(base);
    expect(timeToBoilS({ ...kitchen, brothMl: 700, fromC: 20 })).toBeLessThan(base);
    expect(timeToBoilS({ ...kitchen, brothMl: 1000, fromC: 60 })).toBeLessThan(base);
  });

  it('still gives a finite time on a flame that hardly covers the losses', () => {
    const feeble = { ...gas, powerW: 300 };
    expect(Number.isFinite(recoveryS({ ...kitchen, heat: feeble, heatDrawnJ: 300_000 }))).toBe(true);
  });

  it('loses a tenth and a half as much steam under a lid, and four times as much from twice the width', () => {
    const open = evaporationG({ pan: pan(200), durationS: 3600, state: 'simmer', liddedShare: 0 });
    expect(evaporationG({ pan: pan(200), durationS: 3600, state: 'simmer', liddedShare: 1 })).toBeCloseTo(
      open * 0.15,
      6,
    );
    expect(evaporationG({ pan: pan(400), durationS: 3600, state: 'simmer', liddedShare: 0 })).toBeCloseTo(open * 4, 6);
  });
});

describe('specific heat from composition', () => {
  it('is that of water for water, at the published polynomial', () => {
    const water = { water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
    expect(specificHeatJPerKgK(water, 0)).toBeCloseTo(4176.2, 6);
    expect(specificHeatJPerKgK(water, 20)).toBeCloseTo(4176.57, 1);
  });

  it('is lower for a fatter food', () => {
    const lean = { water: 0.75, protein: 0.2, fat: 0.04, carbohydrate: 0, fibre: 0, ash: 0.01 };
    expect(specificHeatJPerKgK({ ...lean, water: 0.55, fat: 0.24 }, 20)).toBeLessThan(specificHeatJPerKgK(lean, 20));
  });
});
