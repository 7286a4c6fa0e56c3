import fc from 'fast-check';
import { brickBody } from './brick';
import { FREEZES_C, freezingOf, specificHeatJPerKgK, thermalOf } from './composition';
import { centreOf, evenly, surfaceM2PerKg, surfaceOf, type Body, type Profile } from './conduction';
import { conducting, stepBody } from './conducting';

const heatJPerKg = (body: Body, profile: Profile) => conducting(body, profile).heatJPerKg;
const meanOf = (body: Body, profile: Profile) => conducting(body, profile).meanC;
import { heatPiece, type PieceInBath } from './heatPiece';
import { runs } from '../testing/runs';

const CHICKEN = { k: 0.48, rho: 1060, cp: 3500, h: 900 } as const;
const lean = { water: 0.73, protein: 0.2, fat: 0.05, carbohydrate: 0, fibre: 0, ash: 0.02 };

/** Roots by scanning, apart from the bisection of the program. */
function rootsOf(f: (x: number) => number, count: number): number[] {
  const found: number[] = [];
  const dx = 0.05;
  for (let x = dx; found.length < count; x += dx) {
    if (f(x) * f(x + dx) <= 0 && Math.abs(f(x)) < 50) {
      let [a, b] = [x, x + dx];
      for (let pass = 0; pass < 60; pass += 1) {
        const m = (a + b) / 2;
        if (f(a) * f(m) <= 0) b = m;
        else a = m;
      }
      found.push((a + b) / 2);
    }
  }
  return found;
}

function bessel(order: 0 | 1, x: number): number {
  // Simpson's rule on Bessel's integral.
  const n = 120;
  let total = 0;
  for (let i = 0; i <= n; i += 1) {
    const t = (Math.PI * i) / n;
    total += (i === 0 || i === n ? 1 : i % 2 ? 4 : 2) * Math.cos(order * t - x * Math.sin(t));
  }
  return total / (3 * n);
}

/** Share of the start that is left in the middle, by the textbook's series of each shape. */
function exactRest(shape: 'slab' | 'cylinder' | 'sphere', biot: number, fourier: number): number {
  const terms = fourier > 0.3 ? 4 : 12;
  if (shape === 'slab') {
    return rootsOf((b) => b * Math.sin(b) - biot * Math.cos(b), terms).reduce(
      (sum, b) => sum + ((4 * Math.sin(b)) / (2 * b + Math.sin(2 * b))) * Math.exp(-b * b * fourier),
      0,
    );
  }
  if (shape === 'sphere') {
    return rootsOf((b) => b * Math.cos(b) - (1 - biot) * Math.sin(b), terms).reduce(
      (sum, b) =>
        sum + ((4 * (Math.sin(b) - b * Math.cos(b))) / (2 * b - Math.sin(2 * b))) * Math.exp(-b * b * fourier),
      0,
    );
  }
  return rootsOf((b) => b * bessel(1, b) - biot * bessel(0, b), terms).reduce((sum, b) => {
    const [j0, j1] = [bessel(0, b), bessel(1, b)];
    return sum + ((2 / b) * j1 * Math.exp(-b * b * fourier)) / (j0 * j0 + j1 * j1);
  }, 0);
}

describe('heat into one piece', () => {
  it.each([
    ['slab', 0.008, 0.55, 1030, 3700, 800, 5, 98, 240, 60.14, 93.33],
    ['slab', 0.012, 0.5, 1060, 3500, 800, 5, 96, 600, 62.97, 93.44],
    ['cylinder', 0.01, 0.52, 1050, 3800, 1000, 10, 100, 300, 81.36, 98.8],
    ['cylinder', 0.015, 0.48, 1060, 3500, 500, 4, 95, 900, 84.66, 94.18],
    ['sphere', 0.014, 0.5, 1050, 3600, 800, 6, 98, 360, 77.61, 97.05],
    ['sphere', 0.02, 0.47, 1060, 3400, 1200, 5, 99, 720, 78.79, 98.6],
  ] as const)(
    'is that of the exact series: %s of %d m',
    (shape, halfSizeM, k, rho, cp, h, startC, bathC, durationS, centreC, surfaceC) => {
      const found = heatPiece({ shape, halfSizeM, k, rho, cp, h, startC, bathC, durationS });
      expect(Math.abs(found.centreC - centreC)).toBeLessThan(0.15);
      expect(Math.abs(found.surfaceC - surfaceC)).toBeLessThan(0.15);
    },
  );

  it('is within 0.3 °C of the series for generated pieces', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('slab' as const, 'cylinder' as const, 'sphere' as const),
        fc.double({ min: 0.001, max: 0.03, noNaN: true }),
        fc.double({ min: 0.35, max: 0.6, noNaN: true }),
        fc.double({ min: 300, max: 1500, noNaN: true }),
        fc.double({ min: 0.05, max: 1.5, noNaN: true }),
        fc.double({ min: 88, max: 100, noNaN: true }),
        (shape, halfSizeM, k, h, fourier, bathC) => {
          const [rho, cp, startC] = [1050, 3600, 4];
          const durationS = (fourier * rho * cp * halfSizeM ** 2) / k;
          const { centreC } = heatPiece({ shape, halfSizeM, k, rho, cp, h, startC, bathC, durationS });
          const exactC = bathC - (bathC - startC) * exactRest(shape, (h * halfSizeM) / k, fourier);
          expect(Math.abs(centreC - exactC)).toBeLessThan(0.3);
        },
      ),
      { numRuns: runs(30) },
    );
  }, 60_000);

  it('is the product of three slabs in a brick, and that of the slab where two sides are endless', () => {
    const base = { ...CHICKEN, startC: 4, bathC: 97, durationS: 300 };
    const restOf = (halfSizeM: number) => (97 - heatPiece({ ...base, shape: 'slab', halfSizeM }).centreC) / 93;
    const brick = heatPiece({ ...base, shape: 'brick', halfSizeM: 0.01, otherHalfSizesM: [0.014, 0.02] });
    expect(Math.abs(brick.centreC - (97 - 93 * restOf(0.01) * restOf(0.014) * restOf(0.02)))).toBeLessThan(0.3);
    const plate = heatPiece({ ...base, shape: 'brick', halfSizeM: 0.01, otherHalfSizesM: [5, 5] });
    const slab = heatPiece({ ...base, shape: 'slab', halfSizeM: 0.01 });
    expect(Math.abs(plate.centreC - slab.centreC)).toBeLessThan(0.2);
    expect(Math.abs(plate.meanC - slab.meanC)).toBeLessThan(0.2);
    expect(Math.abs(plate.surfaceC - slab.surfaceC)).toBeLessThan(0.2);
  });

  it('follows a bath that changes: one change upon another', () => {
    for (const shape of ['slab', 'cylinder', 'sphere', 'brick'] as const) {
      const piece: PieceInBath = {
        ...CHICKEN,
        shape,
        halfSizeM: 0.01,
        otherHalfSizesM: [0.012, 0.02],
        startC: 5,
        bathC: 0,
        durationS: 400,
      };
      const ramp = (from: number, to: number) => (atS: number) => from + (to - from) * (atS / 400);
      const a = heatPiece({ ...piece, bathC: ramp(60, 98) }).centreC - 5;
      const b = heatPiece({ ...piece, bathC: ramp(5, 24) }).centreC - 5;
      const both = heatPiece({ ...piece, bathC: ramp(60, 117) }).centreC - 5;
      expect(Math.abs(both - a - b)).toBeLessThan(0.1);
      // A slow ramp lies between its ends held from the beginning.
      const held = (bathC: number) => heatPiece({ ...piece, bathC }).centreC - 5;
      expect(a).toBeGreaterThan(held(60));
      expect(a).toBeLessThan(held(98));
    }
  });

  it('does not depend on how the time is cut, a slice of 1 mm or a root of 40 mm', () => {
    for (const halfSizeM of [0.0005, 0.004, 0.02]) {
      const body: Body = { ...CHICKEN, dimensionality: 1, halfSizeM };
      const after = (steps: number) => {
        let profile = evenly(5);
        for (let step = 0; step < steps; step += 1) profile = stepBody(body, profile, 600 / steps, 900, [98, 98, 98]);
        return centreOf(profile);
      };
      // Ten seconds, two seconds, half a second.
      expect(Math.abs(after(60) - after(300))).toBeLessThan(0.15);
      expect(Math.abs(after(300) - after(1200))).toBeLessThan(0.02);
      expect(after(2)).toBeGreaterThanOrEqual(5 - 1e-6);
      expect(after(2)).toBeLessThanOrEqual(98 + 1e-6);
    }
  });

  it('takes up as much heat as flows in through its surface', () => {
    for (const dimensionality of [1, 1.7, 2, 3]) {
      const body: Body = { ...CHICKEN, dimensionality, halfSizeM: 0.012 };
      let profile = evenly(5);
      let inJPerKg = 0;
      const before = heatJPerKg(body, profile);
      for (let step = 0; step < 6000; step += 1) {
        const flowW = 900 * surfaceM2PerKg(body) * (98 - surfaceOf(profile));
        profile = stepBody(body, profile, 0.1, 900, [98, 98, 98]);
        inJPerKg += (0.1 * (flowW + 900 * surfaceM2PerKg(body) * (98 - surfaceOf(profile)))) / 2;
      }
      expect(inJPerKg / (heatJPerKg(body, profile) - before)).toBeCloseTo(1, 2);
    }
  });

  it('goes slower into what is thicker, colder, or in a cooler bath', () => {
    const of = (more: Partial<PieceInBath>) =>
      heatPiece({ ...CHICKEN, shape: 'slab', halfSizeM: 0.01, startC: 5, bathC: 98, durationS: 300, ...more }).centreC;
    expect(of({ halfSizeM: 0.012 })).toBeLessThan(of({}));
    expect(of({ startC: 0 })).toBeLessThan(of({}));
    expect(of({ bathC: 90 })).toBeLessThan(of({}));
    expect(of({ h: 400 })).toBeLessThan(of({}));
    expect(of({ shape: 'cylinder' })).toBeGreaterThan(of({}));
    expect(of({ shape: 'sphere' })).toBeGreaterThan(of({ shape: 'cylinder' }));
    expect(of({ dimensionality: 2 })).toBeCloseTo(of({ shape: 'cylinder' }), 9);
  });

  it('refuses what is no piece, and names it', () => {
    const piece: PieceInBath = { ...CHICKEN, shape: 'slab', halfSizeM: 0.01, startC: 5, bathC: 98, durationS: 300 };
    expect(() => heatPiece({ ...piece, halfSizeM: 0 })).toThrow(/halfSizeM/);
    expect(() => heatPiece({ ...piece, h: -1 })).toThrow(/\bh must/);
    expect(() => heatPiece({ ...piece, durationS: NaN })).toThrow(/durationS/);
    expect(() => heatPiece({ ...piece, shape: 'brick' })).toThrow(/otherHalfSizesM/);
    for (const tempC of Object.values(heatPiece({ ...piece, durationS: 0 }))) expect(tempC).toBeCloseTo(5, 9);
  });
});

describe('a brick as a body of one dimension', () => {
  const side = fc.double({ min: 1, max: 4, noNaN: true });

  it('is as warm in the middle as the brick from where it matters on', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.002, max: 0.02, noNaN: true }),
        side,
        side,
        fc.double({ min: 500, max: 1500, noNaN: true }),
        (a, b, c, h) => {
          const sizes: [number, number, number] = [a, a * b, a * b * c];
          const body = brickBody(sizes, CHICKEN, h);
          let profile = evenly(4);
          let atS = 0;
          const stepS = (2 * a ** 2 * CHICKEN.rho * CHICKEN.cp) / CHICKEN.k / 60;
          for (let step = 0; step < 60; step += 1) {
            profile = stepBody(body, profile, stepS, h, [98, 98, 98]);
            atS += stepS;
            const { centreC } = heatPiece({
              ...CHICKEN,
              h,
              shape: 'brick',
              halfSizeM: sizes[0],
              otherHalfSizesM: [sizes[1], sizes[2]],
              startC: 4,
              bathC: 98,
              durationS: atS,
            });
            // Of 400 that were tried the worst, a little over twice as wide as thick, is off by 0.87 K.
            if (centreC > 65) expect(Math.abs(centreOf(profile) - centreC)).toBeLessThan(1);
          }
        },
      ),
      { numRuns: runs(15) },
    );
  }, 60_000);
});

describe('what carries heat in food', () => {
  const water = { water: 1, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };

  it('is that of water where there is nothing else, by the tables of steam', () => {
    const { k, rho, cp } = thermalOf(water, 20);
    expect(k).toBeCloseTo(0.6, 1);
    expect(Math.abs(rho - 998.2)).toBeLessThan(3);
    expect(Math.abs(cp - 4182)).toBeLessThan(12);
  });

  it('lies where handbooks have lean chicken, and carries less heat where there is more fat', () => {
    const { k, rho, cp } = thermalOf(lean, 20);
    expect(k).toBeGreaterThan(0.46);
    expect(k).toBeLessThan(0.54);
    expect(rho).toBeGreaterThan(1030);
    expect(rho).toBeLessThan(1080);
    expect(cp).toBeCloseTo(specificHeatJPerKgK(lean, 20), 9);
    expect(thermalOf({ ...lean, water: 0.48, fat: 0.3 }, 20).k).toBeLessThan(k - 0.05);
  });

  it('takes the melting of its ice as heat: a frozen ball needs as much as ice and water need', () => {
    const thawed = thermalOf(lean, 40);
    const body: Body = { ...thawed, dimensionality: 3, halfSizeM: 0.014, freezing: freezingOf(lean, thawed) };
    const frozen = evenly(-18);
    const jPerKg = heatJPerKg(body, evenly(80)) - heatJPerKg(body, frozen);
    const byHandJPerKg = thawed.cp * (80 - FREEZES_C) + 0.73 * 334_000 * (1 - 1 / 18) + (thawed.cp - 0.73 * 2130) * 17;
    expect(jPerKg / byHandJPerKg).toBeCloseTo(1, 2);
    let cold = frozen;
    let cool = evenly(5);
    const toC = 74;
    const minutes = { cold: 0, cool: 0 };
    for (let step = 0; step < 2000; step += 1) {
      if (centreOf(cold) < toC) minutes.cold += 1 / 60;
      if (centreOf(cool) < toC) minutes.cool += 1 / 60;
      cold = stepBody(body, cold, 1, 900, [99, 99, 99]);
      cool = stepBody(body, cool, 1, 900, [99, 99, 99]);
    }
    // As cooks know it: half as long again to twice as long.
    expect(minutes.cold / minutes.cool).toBeGreaterThan(1.4);
    expect(minutes.cold / minutes.cool).toBeLessThan(2.3);
    expect(meanOf(body, cold)).toBeGreaterThan(95);
  });

  it('conserves heat while it thaws, at steps of a second and of ten', () => {
    const thawed = thermalOf(lean, 40);
    const body: Body = { ...thawed, dimensionality: 3, halfSizeM: 0.014, freezing: freezingOf(lean, thawed) };
    const after = (stepS: number) => {
      let profile = evenly(-18);
      for (let atS = 0; atS < 300; atS += stepS) profile = stepBody(body, profile, stepS, 900, [98, 98, 98]);
      return heatJPerKg(body, profile) - heatJPerKg(body, evenly(-18));
    };
    expect(Math.abs(after(10) / after(1) - 1)).toBeLessThan(0.06);
    expect(Math.abs(after(2) / after(0.5) - 1)).toBeLessThan(0.006);
  });
});
