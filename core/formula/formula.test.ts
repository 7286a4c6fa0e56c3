import { ingredientById } from '../catalogue/ingredients';
import { VESSELS } from '../catalogue/vessels';
import { measureBoundPct } from '../measures/showMeasure';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example } from '../testing/household';

const SCHOOLS = ['dipCarriesSalt', 'drunkAsSoup'] as const;
const UNITS = ['metric', 'us', 'eastAsian'] as const;
const seasoned = (count: number, seasoning: (typeof SCHOOLS)[number]) => {
  const evening = eveningFor(count);
  return planPot({ ...evening, style: { ...evening.style, schools: { ...evening.style.schools, seasoning } } });
};

describe('every liquid, at 1 to 14 guests', () => {
  const plans = Array.from({ length: 14 }, (_, index) => index + 1).flatMap((count) =>
    SCHOOLS.map((school) => seasoned(count, school)),
  );

  it('conserves water: what goes in is served, lost as steam, or held', () => {
    for (const { water } of plans.flatMap((plan) => plan.liquids)) {
      const inG = water.startG + water.seasoningsG + water.releasedG;
      expect(inG).toBeCloseTo(water.finishedG + water.evaporatedG + water.absorbedG, 6);
    }
  });

  it('conserves salt: what is added or drawn is in the liquid or in the food', () => {
    for (const { salt } of plans.flatMap((plan) => plan.liquids)) {
      expect(salt.addedG + salt.extractedG + salt.fromPiecesG).toBeCloseTo(salt.inLiquidG + salt.inPiecesG, 6);
    }
  });

  it('agrees with itself: the salt ledger is the sum over what is measured', () => {
    for (const liquid of plans.flatMap((plan) => plan.liquids)) {
      const infused = ['kelp', 'bonitoFlakes'];
      const fromPartsG = liquid.ingredients
        .filter((part) => !infused.includes(part.ingredientId))
        .reduce((sum, part) => sum + (part.massG * ingredientById(part.ingredientId).saltPct) / 100, 0);
      expect(fromPartsG).toBeCloseTo(liquid.salt.addedG, 6);
    }
  });

  it('lands in its band, also with the rounded measures', () => {
    for (const liquid of plans.flatMap((plan) => plan.liquids)) {
      const [low, high] = liquid.targetSalinityPct;
      expect(liquid.salinityPct).toBeGreaterThanOrEqual(low);
      expect(liquid.salinityPct).toBeLessThanOrEqual(high);
      expect(liquid.measuredSalinityPct).toBeGreaterThan(low * 0.97);
      expect(liquid.measuredSalinityPct).toBeLessThan(high * 1.03);
      // 3 % on salt and 5 % on water cannot move it by more than their sum.
      expect(Math.abs(liquid.measuredSalinityPct / liquid.salinityPct - 1)).toBeLessThan(0.08);
    }
  });

  it('serves the broth that was asked for', () => {
    const forDips = (plan: (typeof plans)[number]) =>
      plan.liquids.filter((one) => one.thinnedWith === 'potBroth').reduce((sum, one) => sum + one.startWaterMl, 0);
    plans.forEach((plan) =>
      expect(Math.abs(plan.liquids[0]!.finishedMl - forDips(plan) - plan.portions * 300)).toBeLessThan(1),
    );
  });
});

describe('the start water', () => {
  it('grows when more steam is lost, and shrinks with more cabbage', () => {
    const base = planPot(eveningFor(4)).liquids[0]!;
    const wide = eveningFor(4);
    const wider = { ...wide, vessel: { ...wide.vessel, innerDiameterMm: 400, innerDepthMm: 60, rimVolumeMl: 4000 } };
    const moreSteamG = planPot(wider).liquids[0]!.water.evaporatedG / planPot(wider).simmer.endsAtS;
    expect(moreSteamG).toBeGreaterThan(base.water.evaporatedG / planPot(wide).simmer.endsAtS);
    const leafy = planPot(eveningFor(4, { overrides: { gramsPerHead: { napaCabbage: 200 } } })).liquids[0]!;
    expect(leafy.water.releasedG).toBeGreaterThan(base.water.releasedG);
  });

  it('is never negative: food that gives more than is asked for only makes more broth', () => {
    const steel = VESSELS.find((one) => one.id === 'steel26')!;
    const evening = eveningFor(2, {
      vessel: { ...steel, innerDepthMm: 300, rimVolumeMl: 12_000 },
      overrides: { gramsPerHead: { napaCabbage: 1000, mizuna: 1000 }, brothMlPerHead: 100 },
    });
    const broth = planPot(evening).liquids[0]!;
    expect(broth.startWaterMl).toBeGreaterThanOrEqual(0);
    // A pot is not started dry, and what the food gives comes on top.
    expect(broth.madeMl).toBeGreaterThan(0.3 * 200);
    expect(broth.madeMl).toBeLessThan(broth.finishedMl);
    expect(broth.finishedMl).toBeGreaterThan(200);
    const { water } = broth;
    expect(water.startG + water.seasoningsG + water.releasedG).toBeCloseTo(
      water.finishedG + water.evaporatedG + water.absorbedG,
      6,
    );
  });
});

describe('the schools', () => {
  it('salt the broth or the dip', () => {
    const [mild, strong] = SCHOOLS.map((school) => seasoned(4, school));
    expect(strong!.liquids[0]!.salinityPct).toBeGreaterThan(mild!.liquids[0]!.salinityPct * 1.5);
    expect(strong!.liquids[1]!.finishedMl).toBeLessThan(mild!.liquids[1]!.finishedMl);
    expect(mild!.liquids[0]!.strength).toBe('mild');
    expect(strong!.liquids[0]!.strength).toBe('seasoned');
  });

  it('lift the kelp before the boil whichever way it is drawn, and never leave it out', () => {
    for (const kelp of ['coldSoak', 'slowHeat', 'hotPour']) {
      const evening = eveningFor(4);
      const plan = planPot({
        ...evening,
        style: { ...evening.style, schools: { ...evening.style.schools, kelp } },
      });
      const steps = plan.liquids[0]!.steps;
      const lift = steps.findIndex((step) => step.id === 'liftKelp');
      expect(lift).toBeGreaterThan(0);
      expect(steps.slice(0, lift).every((step) => (step.tempC ?? 0) < 90)).toBe(true);
    }
  });

  it('leave the flake steps out when flakes are left out', () => {
    const plan = planPot(eveningFor(4, { choices: { swaps: [], leaveOut: ['bonitoFlakes'] } }));
    expect(plan.liquids[0]!.ingredients.map((part) => part.ingredientId)).not.toContain('bonitoFlakes');
    expect(plan.liquids[0]!.steps.map((step) => step.id)).not.toContain('steepFlakes');
  });

  it('start the broth early enough to be ready when the burner is lit', () => {
    const plan = planPot(example('first-frost'));
    const broth = plan.liquids[0]!;
    const lastS = Math.max(...broth.steps.map((step) => step.atS + step.durationS));
    expect(Date.parse(broth.latestStartAt!) + lastS * 1000).toBe(Date.parse(plan.simmer.litAt));
    expect(lastS).toBeGreaterThan(10 * 3600);
  });
});

describe('shown measures of a whole plan', () => {
  it.each(UNITS)('stay within their bounds in %s', (units) => {
    for (let count = 1; count <= 14; count += 1) {
      const plan = planPot(eveningFor(count, { units }));
      for (const part of plan.liquids.flatMap((liquid) => liquid.ingredients)) {
        const bound = measureBoundPct(part.massG, ingredientById(part.ingredientId), units);
        expect(Math.abs(part.roundingErrorPct)).toBeLessThanOrEqual(bound);
      }
      for (const amount of plan.amounts) {
        const bound = measureBoundPct(amount.massG, ingredientById(amount.ingredientId), units);
        expect(Math.abs(amount.shown.errorPct)).toBeLessThanOrEqual(bound);
      }
    }
  });
});
