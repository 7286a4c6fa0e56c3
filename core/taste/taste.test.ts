import fc from 'fast-check';
import { retainedAlcohol } from './alcohol';
import { bowlColour } from './colour';
import { heatScale } from './heatScale';
import { umamiGPer100g } from './umami';

const small = fc.double({ min: 0, max: 0.2, noNaN: true });

describe('umami', () => {
  it('has its published value', () => {
    expect(umamiGPer100g({ glutamatePct: 0.03, inosinatePct: 0.01, guanylatePct: 0 })).toBeCloseTo(0.3954, 4);
  });

  it('is nothing without glutamate, and glutamate alone is itself', () => {
    expect(umamiGPer100g({ glutamatePct: 0, inosinatePct: 0.05, guanylatePct: 0.05 })).toBe(0);
    expect(umamiGPer100g({ glutamatePct: 0.04, inosinatePct: 0, guanylatePct: 0 })).toBe(0.04);
  });

  it('gains more from both together than from each alone', () => {
    fc.assert(
      fc.property(small, small, small, (glutamatePct, inosinatePct, guanylatePct) => {
        const both = umamiGPer100g({ glutamatePct, inosinatePct, guanylatePct });
        expect(both).toBeGreaterThanOrEqual(umamiGPer100g({ glutamatePct, inosinatePct: 0, guanylatePct: 0 }));
        expect(both).toBeGreaterThanOrEqual(umamiGPer100g({ glutamatePct, inosinatePct, guanylatePct: 0 }));
      }),
    );
  });
});

describe('alcohol', () => {
  it('keeps what the published factors say, and falls between them', () => {
    expect([0, 15, 30, 60, 120].map(retainedAlcohol)).toEqual([0.85, 0.4, 0.35, 0.25, 0.1]);
    expect(retainedAlcohol(45)).toBeCloseTo(0.3, 9);
    expect(retainedAlcohol(undefined)).toBe(1);
  });

  it('never comes back, and never goes altogether', () => {
    for (let minutes = 0; minutes < 300; minutes += 5) {
      expect(retainedAlcohol(minutes + 5)).toBeLessThanOrEqual(retainedAlcohol(minutes));
      expect(retainedAlcohol(minutes)).toBeGreaterThanOrEqual(0.05);
    }
  });
});

describe('heat', () => {
  it('runs from none to as hot as it gets, never past it, each step about three times the chilli', () => {
    expect(heatScale(0)).toBe(0);
    expect(heatScale(1e9)).toBe(5);
    expect(heatScale(320) - heatScale(100)).toBeCloseTo(1, 1);
  });

  it('never falls with more chilli', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e5, noNaN: true }),
        fc.double({ min: 0, max: 1e4, noNaN: true }),
        (shu, more) => {
          expect(heatScale(shu + more)).toBeGreaterThanOrEqual(heatScale(shu));
        },
      ),
    );
  });
});

describe('the colour of a bowl', () => {
  const brightness = (hex: string) =>
    [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0);
  const soy = { hex: '#5a2a14', strength: 0.16 };

  it('is that of clear water without pigments', () => {
    expect(bowlColour([])).toBe('#f7f4e8');
  });

  it('darkens with soy, and dark soy darkens more than light', () => {
    const light = { hex: '#a8612c', strength: 0.12, pct: 5 };
    expect(brightness(bowlColour([{ ...soy, pct: 5 }]))).toBeLessThan(brightness(bowlColour([{ ...soy, pct: 1 }])));
    expect(brightness(bowlColour([{ ...soy, pct: 5 }]))).toBeLessThan(brightness(bowlColour([light])));
  });

  it('turns white with soy milk', () => {
    const milk = { hex: '#f6efdc', strength: 0.01, clouds: 0.05, pct: 60 };
    expect(brightness(bowlColour([milk, { ...soy, pct: 1 }]))).toBeGreaterThan(
      brightness(bowlColour([{ ...soy, pct: 1 }])),
    );
  });
});
