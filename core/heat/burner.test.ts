import { HEAT_SOURCES } from '../catalogue/heatSources';
import { VESSELS } from '../catalogue/vessels';
import { evaporationG, holdsBoil, leastPowerW, reboilS, timeToBoilS, usefulPowerW, type SteamState } from './burner';
import { specificHeatJPerKgK } from './composition';

const clay = VESSELS.find((one) => one.id === 'clay28')!;
const gas = HEAT_SOURCES.find((one) => one.id === 'portableGas')!;
const kitchen = { heat: gas, vessel: clay, altitudeM: 1180, roomTempC: 19 };

const ring = { id: 'ring', name: 'ring', kind: 'gasHob' as const, powerW: 1800 };
const pan = (diameterMm: number) => ({ diameterMm, depthMm: 120, heat: ring, roomTempC: 20, altitudeM: 0 });

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
    expect(Number.isFinite(reboilS({ ...kitchen, heat: feeble, heatDrawnJ: 300_000 }))).toBe(true);
  });

  it('knows a flame that holds the boil, one that needs the lid for it, and one that never does', () => {
    const on = (powerW: number, vessel = clay) => holdsBoil({ ...kitchen, vessel, heat: { ...gas, powerW } });
    expect(on(2600)).toBe('open');
    expect(on(900)).toBe('lidded');
    expect(on(300)).toBe('never');
    const iron = VESSELS.find((one) => one.id === 'iron30')!;
    expect(on(900, iron)).toBe('never');
    const leastW = leastPowerW({ ...kitchen, heat: gas });
    expect(on(leastW * 1.01)).toBe('lidded');
    expect(on(leastW * 0.99)).toBe('never');
  });

  it('loses a tenth and a half as much steam under a lid', () => {
    const open = evaporationG({ pan: pan(220), durationS: 3600, state: 'simmer', liddedShare: 0 });
    expect(evaporationG({ pan: pan(220), durationS: 3600, state: 'simmer', liddedShare: 1 })).toBeCloseTo(
      open * 0.15,
      6,
    );
  });

  it('boils away what the flame gives beyond the losses, by the latent heat', () => {
    const steam = evaporationG({ pan: pan(220), durationS: 3600, state: 'boil', liddedShare: 0 });
    const areaM2 = Math.PI * 0.11 ** 2 + Math.PI * 0.22 * 0.12;
    const surplusJ = (1800 * 0.43 - 20 * areaM2 * 80) * 3600;
    expect(steam / ((surplusJ / 2.257e6) * 1000)).toBeCloseTo(1, 2);
  });

  it('loses what cooks see an open pot of 26 cm lose in an hour', () => {
    const strong = { ...pan(260), heat: { ...gas, powerW: 2000 / 0.45 } };
    const litres = (state: SteamState, liddedShare = 0) =>
      evaporationG({ pan: strong, durationS: 3600, state, liddedShare }) / 1000;
    const between = (litresLost: number, least: number, most: number) => {
      expect(litresLost).toBeGreaterThanOrEqual(least);
      expect(litresLost).toBeLessThanOrEqual(most);
    };
    between(litres({ belowBoilC: 75 }), 0.1, 0.3);
    between(litres('simmer'), 0.4, 0.9);
    between(litres('boil'), 1.2, 2.5);
    between(litres('simmer', 1), 0.05, 0.2);
  });

  it('never loses less steam for being hotter, on every burner and pot, at every height', () => {
    for (const vessel of VESSELS) {
      for (const heat of [...HEAT_SOURCES, { ...gas, powerW: 300 }]) {
        for (const altitudeM of [0, 1180, 3000, 5000]) {
          const at = { ...pan(vessel.innerDiameterMm), depthMm: vessel.innerDepthMm, heat, altitudeM };
          const standing = [30, 45, 60, 70, 80, 85, 90, 93, 95, 97, 99].map((belowBoilC) => ({ belowBoilC }));
          const lost = [...standing, 'simmer' as const, 'boil' as const].map((state) =>
            evaporationG({ pan: at, durationS: 600, state, liddedShare: 0 }),
          );
          lost.forEach((grams, index) => expect(grams).toBeGreaterThanOrEqual((lost[index - 1] ?? 0) - 1e-9));
        }
      }
    }
  });

  it('loses more steam on a stronger burner', () => {
    const steam = (powerW: number) =>
      evaporationG({
        pan: { ...pan(280), heat: { ...gas, powerW } },
        durationS: 600,
        state: 'boil',
        liddedShare: 0,
      });
    expect(steam(3000)).toBeGreaterThan(steam(2300));
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
