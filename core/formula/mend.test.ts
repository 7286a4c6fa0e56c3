import fc from 'fast-check';
import { mendPot } from './mend';

const TARGET = [0.7, 0.8, 0.9] as const;
const pot = (more: object) => ({ volumeMl: 1000, salinityPct: 0.8, acidPct: 0, roomMl: 5000, ...more });

describe('mending the pot', () => {
  it('lets a salty pot down with just the water that it takes', () => {
    const mend = mendPot('tooSalty', pot({ salinityPct: 1.2 }), TARGET);
    expect(mend.addWaterMl).toBeCloseTo(500, 6);
    expect(mend.ladleOutMl).toBe(0);
  });

  it('salts a weak one by the gram', () => {
    expect(mendPot('tooWeak', pot({ salinityPct: 0.5 }), TARGET).addSaltG).toBeCloseTo(3, 6);
  });

  it('believes a tongue that finds the pot wrong where the reckoning does not', () => {
    expect(mendPot('tooSalty', pot({}), TARGET).addWaterMl).toBeGreaterThan(50);
    expect(mendPot('tooWeak', pot({}), TARGET).addSaltG).toBeGreaterThan(0.5);
    expect(mendPot('tooSour', pot({}), TARGET).orSugarG).toBeGreaterThan(0);
  });

  it('pours the reserve into a weak pot before it reaches for salt', () => {
    const reserve = { volumeMl: 800, salinityPct: 1.1 };
    const mend = mendPot('tooWeak', pot({ salinityPct: 0.65, reserve }), TARGET);
    expect(mend.addReserveMl).toBeCloseTo(500, 6);
    expect(mend.addSaltG).toBeCloseTo(0, 6);
    const little = mendPot('tooWeak', pot({ salinityPct: 0.65, reserve: { ...reserve, volumeMl: 200 } }), TARGET);
    expect(little.addReserveMl).toBe(200);
    expect((1000 * 0.65 + 200 * 1.1 + 100 * little.addSaltG) / 1200).toBeCloseTo(0.8, 6);
  });

  it('leaves a reserve alone that is no stronger than the pot should be', () => {
    const mend = mendPot('tooWeak', pot({ salinityPct: 0.65, reserve: { volumeMl: 800, salinityPct: 0.81 } }), TARGET);
    expect(mend.addReserveMl).toBe(0);
    expect(mend.addSaltG).toBeCloseTo(1.5, 6);
  });

  it('lets a sour pot down by the millilitre and keeps its salt', () => {
    const mend = mendPot('tooSour', pot({ acidPct: 0.4 }), TARGET);
    expect(1000 / (1000 + mend.addWaterMl)).toBeCloseTo(0.88, 6);
    expect((1000 * 0.8 + 100 * mend.addSaltG) / (1000 + mend.addWaterMl)).toBeCloseTo(0.8, 6);
  });

  it('ends at the target, keeps the salt it has, and never passes the room there is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.85, max: 3, noNaN: true }),
        fc.double({ min: 200, max: 4000, noNaN: true }),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        (salinityPct, volumeMl, roomMl) => {
          const mend = mendPot('tooSalty', pot({ salinityPct, volumeMl, roomMl }), TARGET);
          const stays = volumeMl - mend.ladleOutMl;
          const end = stays + mend.addWaterMl;
          expect(end).toBeLessThanOrEqual(volumeMl + roomMl + 1e-6);
          expect((stays * mend.believedPct) / end).toBeCloseTo(0.8, 6);
          expect(Math.min(mend.addWaterMl, mend.ladleOutMl)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
