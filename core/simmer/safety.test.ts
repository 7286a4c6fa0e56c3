import fc from 'fast-check';
import { VESSELS } from '../catalogue/vessels';
import { HEAT_SOURCES } from '../catalogue/heatSources';
import type { CookingWay } from '../catalogue/cooking';
import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById, INGREDIENTS } from '../catalogue/ingredients';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { rehearsedPot } from '../planEvening/rehearsed';
import { Brick, minutesToSafe, servedAs, WATCHED } from '../testing/brickApart';
import { eveningFor } from '../testing/household';
import { timesTable } from './timesTable';
import type { Evening, PotPlan } from '@elixa/contract';
import { runs } from '../testing/runs';
import { usualPan } from '../testing/usualPan';

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
      const pan = usualPan(boilingC);
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
