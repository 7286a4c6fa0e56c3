import { boilingPointC } from './boilingPoint';
import { evaporationFlux, vapourPressurePa } from './evaporation';

const pan = { diameterMm: 220, roomTempC: 20, altitudeM: 0 };
const kgPerM2H = (tempC: number, more: Partial<typeof pan> = {}) => evaporationFlux(tempC, { ...pan, ...more }) * 3600;

describe('steam below the boil', () => {
  it('has the vapour pressure of the tables', () => {
    expect(vapourPressurePa(100)).toBeCloseTo(101_325, -2.5);
    expect(vapourPressurePa(20) / 2339).toBeCloseTo(1, 2);
    expect(vapourPressurePa(60) / 19_940).toBeCloseTo(1, 2);
  });

  it('is what a quiet hot pan loses: a few kg from a square metre in an hour at 65 °C, ten at 80', () => {
    expect(kgPerM2H(65)).toBeGreaterThan(3.5);
    expect(kgPerM2H(65)).toBeLessThan(6);
    expect(kgPerM2H(80)).toBeGreaterThan(9);
    expect(kgPerM2H(80)).toBeLessThan(15);
  });

  it('grows with warmth and with height, and does not depend on the width by the square metre', () => {
    for (let tempC = 25; tempC < 95; tempC += 5) expect(kgPerM2H(tempC + 5)).toBeGreaterThan(kgPerM2H(tempC));
    expect(kgPerM2H(80, { altitudeM: 1180 })).toBeGreaterThan(kgPerM2H(80));
    expect(kgPerM2H(80, { diameterMm: 400 })).toBeCloseTo(kgPerM2H(80), 6);
  });

  it('is none from a liquid no warmer than the room, and stays finite at the boil', () => {
    expect(kgPerM2H(18)).toBe(0);
    expect(Number.isFinite(kgPerM2H(120))).toBe(true);
    expect(kgPerM2H(99, { altitudeM: 3000 })).toBe(kgPerM2H(boilingPointC(3000) - 5, { altitudeM: 3000 }));
  });
});
