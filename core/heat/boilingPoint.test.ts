import { boilingPointC, pressureAtAltitudePa } from './boilingPoint';

describe('the boiling point', () => {
  it('is 100 °C at the sea and 96.1 °C at Orrin Fell', () => {
    expect(boilingPointC(0)).toBeCloseTo(100, 1);
    expect(boilingPointC(1180)).toBeCloseTo(96.1, 1);
  });

  it('falls with every hundred metres', () => {
    for (let altitudeM = -400; altitudeM < 5400; altitudeM += 100) {
      expect(boilingPointC(altitudeM + 100)).toBeLessThan(boilingPointC(altitudeM));
    }
  });

  it('follows the standard atmosphere', () => {
    expect(pressureAtAltitudePa(0)).toBe(101_325);
    expect(pressureAtAltitudePa(5500)).toBeCloseTo(50_500, -3);
  });
});
