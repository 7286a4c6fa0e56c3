import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { CATALOGUE } from '../catalogue/catalogue';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import type { CookingWay } from '../catalogue/cooking';
import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById, INGREDIENTS } from '../catalogue/ingredients';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { rehearsedPot } from '../planEvening/rehearsed';
import { eveningFor } from '../testing/household';
import { timesTable } from './timesTable';
import type { Evening, PotPlan, SimmerPiece } from '@elixa/contract';
import { runs } from '../testing/runs';

/**
 * A small heat model that shares nothing with the planner: a brick of food cut in cells, heat carried from cell to cell
 * in explicit steps, in a bath whose own temperature follows the flame and what is thrown into it.
 */
class Brick {
  private readonly cells: number[];
  private readonly n = 8;
  constructor(
    private readonly sidesM: readonly [number, number, number],
    private readonly material: { k: number; rho: number; cp: number },
    startC: number,
  ) {
    this.cells = Array<number>(this.n ** 3).fill(startC);
  }

  /** The longest step that does not swing. */
  get stableS(): number {
    const { k, rho, cp } = this.material;
    const inverse = this.sidesM.reduce((sum, side) => sum + (2 * this.n) ** 2 / side ** 2, 0);
    return (0.6 * rho * cp) / (2 * k * inverse);
  }

  get centreC(): number {
    return this.cells[0]!;
  }

  /** One eighth of the brick: the first cell of each axis lies at the centre, the last at the surface. */
  step(bathC: number, h: number, dtS: number): void {
    const { n, cells } = this;
    const { k, rho, cp } = this.material;
    const before = cells.slice();
    const stride = [1, n, n * n] as const;
    for (let index = 0; index < cells.length; index += 1) {
      let change = 0;
      for (let axis = 0; axis < 3; axis += 1) {
        const at = Math.floor(index / stride[axis]!) % n;
        const d = this.sidesM[axis]! / 2 / n;
        const here = before[index]!;
        if (at > 0) change += (k * (before[index - stride[axis]!]! - here)) / d ** 2;
        if (at < n - 1) change += (k * (before[index + stride[axis]!]! - here)) / d ** 2;
        else change += (bathC - here) / (1 / h + d / 2 / k) / d;
      }
      cells[index] = before[index]! + (change * dtS) / (rho * cp);
    }
  }
}

/** The exact centre of a brick in a constant bath: the product of the three series of a slab with a surface coefficient. */
function exactCentreC(sideM: number, seconds: number, startC: number, bathC: number): number {
  const { k, rho, cp, h } = { k: 0.48, rho: 1060, cp: 3500, h: 900 };
  const half = sideM / 2;
  const bi = (h * half) / k;
  let slab = 0;
  for (let root = 0; root < 40; root += 1) {
    let low = root * Math.PI + 1e-9;
    let high = root * Math.PI + Math.PI / 2 - 1e-9;
    for (let pass = 0; pass < 80; pass += 1) {
      const z = (low + high) / 2;
      if (z * Math.tan(z) > bi) high = z;
      else low = z;
    }
    const weight = (4 * Math.sin(low)) / (2 * low + Math.sin(2 * low));
    slab += weight * Math.exp((-(low ** 2) * k * seconds) / (rho * cp * half ** 2));
  }
  return bathC - (bathC - startC) * slab ** 3;
}

/** The largest likely piece of a cut, in mm, and its centre temperature. Pieces go in at 3 °C. */
const WATCHED: Record<string, { sides: readonly [number, number, number]; k: number; cp: number; safeC: number }> = {
  'chickenThigh/chunk': { sides: [0.03, 0.03, 0.03], k: 0.48, cp: 3500, safeC: 74 },
  'codFillet/slice': { sides: [0.017, 0.045, 0.065], k: 0.5, cp: 3650, safeC: 63 },
  'duckBreast/slice': { sides: [0.0045, 0.05, 0.09], k: 0.45, cp: 3300, safeC: 74 },
  'beefSlice/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 63 },
  'lambSlice/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 63 },
  'porkLoin/thin': { sides: [0.003, 0.06, 0.1], k: 0.43, cp: 3200, safeC: 71 },
  'porkBelly/thin': { sides: [0.003, 0.06, 0.1], k: 0.35, cp: 2900, safeC: 71 },
  'chickenThigh/thin': { sides: [0.006, 0.04, 0.06], k: 0.48, cp: 3500, safeC: 74 },
  'chickenBoneIn/chopped': { sides: [0.045, 0.045, 0.05], k: 0.48, cp: 3400, safeC: 74 },
  'chickenBoneIn/fromStock': { sides: [0.045, 0.045, 0.05], k: 0.48, cp: 3400, safeC: 74 },
  'chickenWing/whole': { sides: [0.03, 0.04, 0.07], k: 0.48, cp: 3400, safeC: 74 },
  // A ball of 33 mm is a brick of as much.
  'chickenMince/ball': { sides: [0.027, 0.027, 0.027], k: 0.48, cp: 3500, safeC: 74 },
  'porkMince/ball': { sides: [0.027, 0.027, 0.027], k: 0.45, cp: 3300, safeC: 71 },
  'chickenMince/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.48, cp: 3500, safeC: 74 },
  'porkMince/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.45, cp: 3300, safeC: 71 },
  'sausageMeat/crumbled': { sides: [0.015, 0.015, 0.02], k: 0.45, cp: 3300, safeC: 71 },
  'beefSlice/bite': { sides: [0.004, 0.05, 0.06], k: 0.43, cp: 3200, safeC: 63 },
  'porkBelly/poachedSlice': { sides: [0.005, 0.05, 0.06], k: 0.35, cp: 2900, safeC: 74 },
  'curedBacon/strip': { sides: [0.005, 0.02, 0.04], k: 0.38, cp: 3000, safeC: 71 },
  'tinnedPork/slice': { sides: [0.007, 0.04, 0.05], k: 0.42, cp: 3000, safeC: 63 },
  'tinnedPoultry/slice': { sides: [0.007, 0.04, 0.05], k: 0.42, cp: 3200, safeC: 63 },
  'frankfurter/slant': { sides: [0.009, 0.022, 0.03], k: 0.42, cp: 3100, safeC: 63 },
  // Soaked: mostly broth.
  'puffedPorkSkin/piece': { sides: [0.008, 0.03, 0.03], k: 0.45, cp: 3600, safeC: 63 },
  'salmonFillet/slice': { sides: [0.017, 0.045, 0.065], k: 0.5, cp: 3500, safeC: 63 },
  'salmonFillet/thin': { sides: [0.004, 0.04, 0.06], k: 0.5, cp: 3500, safeC: 63 },
  'seaBream/slice': { sides: [0.012, 0.045, 0.06], k: 0.5, cp: 3600, safeC: 63 },
  'prawn/whole': { sides: [0.015, 0.017, 0.06], k: 0.5, cp: 3600, safeC: 63 },
  'squid/ring': { sides: [0.007, 0.02, 0.05], k: 0.5, cp: 3600, safeC: 63 },
  'scallop/whole': { sides: [0.022, 0.03, 0.03], k: 0.5, cp: 3600, safeC: 63 },
  'oyster/whole': { sides: [0.016, 0.03, 0.04], k: 0.5, cp: 3700, safeC: 63 },
  // Their meat; the shell carries heat better than the broth does.
  'clam/shell': { sides: [0.012, 0.02, 0.025], k: 0.5, cp: 3700, safeC: 63 },
  'mussel/shell': { sides: [0.014, 0.02, 0.03], k: 0.5, cp: 3700, safeC: 63 },
  'razorClam/shell': { sides: [0.01, 0.012, 0.06], k: 0.5, cp: 3700, safeC: 63 },
  'crabLeg/split': { sides: [0.02, 0.022, 0.08], k: 0.5, cp: 3600, safeC: 63 },
  'dumpling/whole': { sides: [0.024, 0.03, 0.05], k: 0.46, cp: 3300, safeC: 71 },
  'egg/beaten': { sides: [0.006, 0.06, 0.06], k: 0.5, cp: 3600, safeC: 71 },
};
const COLD_C = 3;
const RHO = 1060;

/** Minutes in boiling water until the centre is safe, by temperature or by 2 min at 70 °C. */
function minutesToSafe(key: string, bathC: number): number {
  const { sides, k, cp, safeC } = WATCHED[key]!;
  const brick = new Brick(sides, { k, rho: RHO, cp }, COLD_C);
  const dtS = brick.stableS;
  for (let s = 0; ; s += dtS) {
    if (brick.centreC >= safeC) return s / 60;
    brick.step(bathC, 900, dtS);
  }
}

/** Centre temperature of the largest piece when it is lifted out, with everything that goes into its pan on the way. */
function servedAs(evening: Evening, plan: PotPlan, piece: SimmerPiece): { centreC: number; at70Min: number } {
  const { sides, k, cp } = WATCHED[`${piece.ingredientId}/${piece.cut}`]!;
  const { boilingPointC: boilC } = plan.simmer;
  const mates = plan.simmer.pieces.filter(
    (one) => one.round === piece.round && one.pan === piece.pan && one.outAtS > piece.inAtS,
  );
  const { vessel, heatSource } = evening;
  const efficiency = { portableGas: 0.4, gasHob: 0.35, induction: 0.8, electricPlate: 0.65, ownElement: 0.75 }[
    heatSource.kind
  ];
  const areaM2 =
    Math.PI * (vessel.innerDiameterMm / 2000) ** 2 + Math.PI * vessel.innerDiameterMm * vessel.innerDepthMm * 1e-6;
  const brothJPerK = (plan.build.pourMl / 1000) * 4180 + (vessel.emptyMassG / 1000) * 600;
  const watched = new Brick(sides, { k, rho: RHO, cp }, COLD_C);
  const dtS = Math.min(1, watched.stableS);
  // Everything else is a lump that takes up heat through its surface; 6 mm of depth for each.
  const lumps = mates.map((one) => ({ inAtS: one.inAtS, massKg: one.massG / 1000, tempC: COLD_C, own: one === piece }));
  let bathC = boilC;
  let at70Min = 0;
  const end = piece.outAtS;
  for (let s = piece.inAtS; s < end; s += dtS) {
    let drawnW = 0;
    for (const lump of lumps) {
      if (lump.inAtS > s) continue;
      const h = bathC > boilC - 2 ? 900 : 400;
      const surfaceM2PerKg = 0.18;
      const toMiddle = 1 / (1 / h + 0.006 / 0.5);
      const flowW = toMiddle * surfaceM2PerKg * lump.massKg * (bathC - lump.tempC);
      lump.tempC += (flowW * dtS) / (lump.massKg * 3600);
      drawnW += flowW;
    }
    const lidLossW = 9 * areaM2 * Math.max(0, bathC - evening.place.roomTempC);
    const netW = heatSource.powerW * efficiency - lidLossW - drawnW;
    bathC = Math.min(boilC, bathC + (netW * dtS) / brothJPerK);
    const h = bathC > boilC - 2 ? 900 : 400;
    watched.step(bathC, h, dtS);
    at70Min += (10 ** ((watched.centreC - 70) / 7.5) * dtS) / 60;
  }
  return { centreC: watched.centreC, at70Min };
}

describe('a model of heat apart from the planner', () => {
  it('agrees with the exact series of a brick in a constant bath', () => {
    const brick = new Brick([0.028, 0.028, 0.028], { k: 0.48, rho: 1060, cp: 3500 }, 5);
    for (let s = 0; s < 480; s += 0.5) brick.step(96, 900, 0.5);
    expect(Math.abs(brick.centreC - exactCentreC(0.028, 480, 5, 96))).toBeLessThan(0.6);
  });
});

describe('nobody is served anything raw', () => {
  it.each(Object.keys(WATCHED))('the time of %s is safe for its largest piece, with a quarter to spare', (key) => {
    const [ingredientId, cut] = key.split('/') as [string, string];
    for (const boilingC of [100, 96.1, 90]) {
      const pan = {
        vessel: VESSELS[0]!,
        heat: HEAT_SOURCES[0]!,
        boilingC,
        altitudeM: 0,
        roomTempC: 20,
        catalogue: CATALOGUE,
      };
      for (const way of Object.keys(ingredientById(ingredientId).cuts[cut]!.cooks!) as CookingWay[]) {
        const window = timesTable.cookWindow(ingredientId, cut, pan, way);
        // A pan that browns is hotter than boiling water.
        const bathC = way === 'seared' ? 100 : boilingC;
        expect(window.safeS / 60).toBeGreaterThanOrEqual(minutesToSafe(key, bathC) * 1.25);
        expect(window.bestS).toBeGreaterThanOrEqual(window.safeS);
        expect(window.leastS).toBeGreaterThanOrEqual(window.safeS);
      }
    }
  });

  it('is watched so for every animal food whose times are known', () => {
    // What is raw inside counts whatever it is wrapped in; cheese is ready to eat.
    const isAnimal = ({ kinds, perils }: Ingredient) =>
      (perils.includes('cookThrough') && kinds.some((kind) => kind !== 'plant')) ||
      kinds.every((kind) => !['plant', 'mineral', 'milk'].includes(kind));
    const timed = INGREDIENTS.filter(isAnimal).flatMap(({ id, cuts }) =>
      Object.keys(cuts).flatMap((cut) => (cuts[cut]!.cooks ? [`${id}/${cut}`] : [])),
    );
    expect(timed.sort()).toEqual(Object.keys(WATCHED).sort());
  });

  it('gives what must be cooked through its best time at least, however it is grouped', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const { simmer } = planPot(evening);
        for (const piece of simmer.pieces.filter((one) => one.safeS > 0)) {
          expect(piece.cookS).toBeGreaterThanOrEqual(piece.bestS - 1e-6);
          expect(piece.cookS).toBeGreaterThanOrEqual(piece.safeS - 1e-6);
        }
      }),
      { numRuns: runs(25) },
    );
  });

  it('is hot enough in the middle by the other model, whatever pot, flame, height and load', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const plan = planPot(evening);
        const piece = plan.simmer.pieces.find((one) => one.ingredientId === 'chickenThigh' && one.round === 1)!;
        expect(piece.safe).toBe(true);
        expect(servedAs(evening, plan, piece).centreC).toBeGreaterThanOrEqual(74);
      }),
      { numRuns: runs(4), seed: 8 },
    );
  }, 60_000);

  it('is so too where the plan has been gone through by the model of heat, which makes it shorter', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const { plan } = rehearsedPot(menuOrThrow(evening), timesTable);
        const piece = plan.simmer.pieces.find((one) => one.ingredientId === 'chickenThigh' && one.round === 1)!;
        if (!piece.safe) expect(plan.simmer.unsatisfied.map((one) => one.id)).toContain('raw');
        else {
          // As hot as is advised, or for as long at a lower heat as does the same.
          const { centreC, at70Min } = servedAs(evening, plan, piece);
          expect(Math.max(centreC / 74, at70Min / 2)).toBeGreaterThanOrEqual(1);
        }
      }),
      { numRuns: runs(4), seed: 8 },
    );
  }, 60_000);

  it('says so where so much goes in at once that the boil stops for minutes, and gives it the time', () => {
    const cauldron = { ...VESSELS[3]!, innerDiameterMm: 420, innerDepthMm: 160, rimVolumeMl: 20_000, emptyMassG: 4000 };
    const usual = planPot(eveningFor(4));
    const heavy = planPot(eveningFor(14, { vessel: cauldron }));
    const chicken = (plan: PotPlan) => plan.simmer.pieces.find((one) => one.ingredientId === 'chickenThigh')!;
    const inPotS = (plan: PotPlan) => chicken(plan).outAtS - chicken(plan).inAtS;
    expect(usual.simmer.unsatisfied.map((one) => one.id)).not.toContain('load-main');
    expect(heavy.simmer.unsatisfied.map((one) => one.id)).toContain('load-main');
    expect(inPotS(heavy)).toBeGreaterThan(inPotS(usual) + 300);
    const manyKilos = planPot(eveningFor(4, { overrides: { gramsPerHead: { chickenThigh: 1000 } } }));
    // In a small pot it goes in by rounds; every step says for how long it stops the boil.
    const step = manyKilos.simmer.actions.find((one) => one.ingredientId === 'chickenThigh')!;
    expect(step.recoveryS).toBeGreaterThan(120);
    const piece = chicken(manyKilos);
    expect(inPotS(manyKilos)).toBeGreaterThanOrEqual(11 * 60 + step.recoveryS!);
    expect(piece.safe).toBe(true);
  });
});

const evenings: fc.Arbitrary<Evening> = fc
  .record({
    guests: fc.integer({ min: 1, max: 14 }),
    vessel: fc.constantFrom(...VESSELS),
    heatSource: fc.constantFrom(...HEAT_SOURCES),
    powerW: fc.integer({ min: 900, max: 3500 }),
    altitudeM: fc.integer({ min: 0, max: 3000 }),
    chicken: fc.integer({ min: 20, max: 1000 }),
  })
  .map(({ guests, vessel, heatSource, powerW, altitudeM, chicken }) =>
    eveningFor(guests, {
      vessel,
      heatSource: { ...heatSource, powerW },
      place: { altitudeM, roomTempC: 18 },
      overrides: { gramsPerHead: { chickenThigh: chicken } },
    }),
  );
