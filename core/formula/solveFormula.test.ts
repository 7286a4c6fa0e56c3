import fc from 'fast-check';
import type { Evening, Liquid } from '@elixa/contract';
import { BASES, BROTHS, FORMULAS, MARINADES, SAUCES } from '../catalogue/formulas';
import { POT_FAMILIES, type Formula } from '../catalogue/formula';
import { hasIngredient, ingredientById } from '../catalogue/ingredients';
import { measureBoundPct } from '../measures/showMeasure';
import { menuOrThrow, resolveMenu } from '../evening/resolveMenu';
import { liquidsOf, solvedPot } from '../planEvening/planPot';
import type { SolvedLiquids } from '../planEvening/liquids/solveLiquids';
import { UNCORRECTED } from '../simmer/corrections';
import { timesTable } from '../simmer/timesTable';
import type { Menu } from '../evening/menu';
import { eveningFor } from '../testing/household';
import { partsOf } from './schools';
import { runs, some } from '../testing/runs';

const FROM_1_TO_14 = Array.from({ length: 14 }, (_, index) => index + 1);
const UNITS = ['metric', 'us', 'eastAsian'] as const;

/** An evening with one formula in its place, and that formula as the plan has it. */
function evening(formula: Formula, count: number, more: Partial<Evening> = {}): Evening {
  const liquids =
    formula.kind === 'broth'
      ? { broth: formula.id }
      : formula.kind === 'sauce'
        ? { sauces: [formula.id] }
        : { ahead: [formula.id] };
  const base = eveningFor(count, more);
  return { ...base, choices: { ...base.choices, liquids } };
}

/** What is made only for a food that the pot lacks is laid on its chicken; the amounts are by the kilogram. */
function menuFor(formula: Formula, count: number, units: Evening['units']): Menu {
  const { menu } = resolveMenu(evening(formula, count, { units }));
  const chicken = menu!.food.filter((one) => one.role === 'main');
  return { ...menu!, marinades: formula.kind === 'marinade' ? new Map([[formula, chicken]]) : menu!.marinades };
}

const solved = new Map<string, SolvedLiquids>();
const described = new Map<string, Liquid>();
/** A formula as the plan has it, solved once for all units and for all that is asked of it. */
function solve(formula: Formula, count: number, units: Evening['units'] = 'metric'): Liquid {
  const size = `${formula.id} ${count}`;
  const known = described.get(`${size} ${units}`);
  if (known) return known;
  const menu = menuFor(formula, count, units);
  const there = solved.get(size) ?? solvedPot(menu, timesTable, UNCORRECTED);
  solved.set(size, there);
  const liquid = liquidsOf(menu, timesTable, there).liquids.find((one) => one.id === formula.id)!;
  described.set(`${size} ${units}`, liquid);
  return liquid;
}

/** Its strength at the moment that its target belongs to. */
const judgedPct = (liquid: Liquid) => (liquid.judged === 'asMade' ? liquid.salinityAsMadePct : liquid.salinityPct);
const byId = (id: string) => FORMULAS.find((one) => one.id === id)!;

describe('the formulas', () => {
  it('are enough for every family of pot', () => {
    expect(BROTHS.length).toBeGreaterThanOrEqual(18);
    expect(SAUCES.length).toBeGreaterThanOrEqual(14);
    expect(MARINADES.length).toBeGreaterThanOrEqual(6);
    expect(BASES.length).toBeGreaterThanOrEqual(3);
    const covered = new Set(FORMULAS.flatMap((one) => one.families));
    expect(POT_FAMILIES.filter((family) => !covered.has(family))).toEqual([]);
    expect(new Set(FORMULAS.map((one) => one.id)).size).toBe(FORMULAS.length);
  });

  it.each(FORMULAS)('are whole: $name', (formula) => {
    for (const part of formula.parts) {
      expect(hasIngredient(part.ingredientId)).toBe(true);
      if (part.cut) expect(Object.keys(ingredientById(part.ingredientId).cuts)).toContain(part.cut);
      expect(part.grams === undefined).not.toBe(part.share === undefined);
      const stepIds = formula.steps.map((step) => step.id);
      for (const id of [part.in ?? [], part.out ?? []].flat()) expect(stepIds).toContain(id);
    }
    const followed = [{}, ...formula.schools.flatMap(({ id, options }) => options.map((one) => ({ [id]: one.id })))];
    for (const schools of followed) {
      for (const role of ['salting', 'sweetening', 'souring']) {
        const shares = partsOf(formula, schools)
          .filter((part) => part.role === role)
          .map((part) => part.share ?? 0);
        if (shares.length > 0) expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
      }
    }
    const roles = new Set(formula.parts.map((part) => part.role));
    expect(roles.has('sweetening')).toBe(formula.target.sweetnessPct !== undefined && roles.has('sweetening'));
    expect(roles.has('souring')).toBe(formula.target.acidPct !== undefined && roles.has('souring'));
    for (const choice of formula.schools) expect(choice.options.map((one) => one.id)).toContain(choice.usual);
    expect(formula.steps.length).toBeGreaterThan(0);
  });
});

describe('every formula, for 2, 4, 6 and 10 guests', () => {
  it.each(FORMULAS)('lands in its bands: $name', (formula) => {
    for (const count of some([4, 2, 6, 10], 2)) {
      const liquid = solve(formula, count);
      const within = (value: number, band: [number, number] | undefined, what: string) => {
        if (!band) return;
        expect(`${what} ${value >= band[0] - 1e-9 && value <= band[1] + 1e-9 ? 'in' : value.toFixed(3)}`).toBe(
          `${what} in`,
        );
      };
      within(judgedPct(liquid), liquid.targetSalinityPct, 'salinity');
      within(liquid.sweetnessPct, liquid.targetSweetnessPct, 'sweetness');
      within(liquid.acidityPct, liquid.targetAcidityPct, 'acidity');
      within(liquid.umamiGPer100g, liquid.targetUmamiGPer100g, 'umami');
      within(liquid.heat, liquid.targetHeat, 'heat');
      expect(liquid.ingredients.every((part) => part.massG > 0)).toBe(true);
    }
  });

  it.each(FORMULAS)('conserves mass, salt, sweetness and alcohol: $name', (formula) => {
    for (const count of [4, 11]) {
      const { water, salt, sweetness, ethanol } = solve(formula, count);
      expect(water.startG + water.seasoningsG + water.releasedG).toBeCloseTo(
        water.finishedG + water.evaporatedG + water.absorbedG,
        6,
      );
      expect(salt.addedG + salt.extractedG + salt.fromPiecesG).toBeCloseTo(salt.inPiecesG + salt.inLiquidG, 6);
      for (const ledger of [sweetness, ethanol]) expect(ledger.addedG).toBeCloseTo(ledger.lostG + ledger.leftG, 9);
    }
  });

  it.each(FORMULAS)('spoils nothing that steeps in it: $name', (formula) => {
    for (const { spoiledShare, drawnShare, inAtS, outAtS, latestOutAtS = Infinity, course } of solve(formula, 4)
      .drawn) {
      expect(spoiledShare).toBeLessThan(1);
      expect(outAtS).toBeGreaterThan(inAtS);
      expect(outAtS).toBeLessThanOrEqual(latestOutAtS);
      // The chart passes through what was drawn when it is lifted out, and goes on.
      const before = course.filter((point) => point.atS <= outAtS + 1e-6);
      expect(before[before.length - 1]!.drawn).toBeLessThanOrEqual(drawnShare + 1e-9);
      expect(course[course.length - 1]!.atS).toBeGreaterThan(outAtS);
    }
  });
});

describe.each(UNITS)('shown measures in %s', (units) => {
  /** What is in a liquid does not follow the units, so that every count is looked at once, and the ends of all. */
  const counts = units === 'metric' ? some(FROM_1_TO_14, 5) : some([1, 3, 6, 14], 2);

  it.each(FORMULAS)('stay within their bounds from 1 to 14 guests: $name', (formula) => {
    for (const count of counts) {
      const beyond = solve(formula, count, units).ingredients.filter(
        ({ massG, ingredientId, roundingErrorPct }) =>
          Math.abs(roundingErrorPct) > measureBoundPct(massG, ingredientById(ingredientId), units) + 1e-9,
      );
      expect(beyond).toEqual([]);
    }
  });

  // In kelp water and plain dashi there is a pinch of salt at most, and no more to be off by.
  it.each(FORMULAS.filter((one) => !['kelpWater', 'kelpInPot', 'plainDashi'].includes(one.id)))(
    'salt it all in all as planned, within 8 %, and for one guest within 15 %: $name',
    (formula) => {
      for (const count of counts) {
        const parts = solve(formula, count, units).ingredients.filter((part) => part.carriesSalt);
        const saltOf = (massG: number, id: string) => (massG * ingredientById(id).saltPct) / 100;
        const plannedG = parts.reduce((sum, part) => sum + saltOf(part.massG, part.ingredientId), 0);
        const shownG = parts.reduce(
          (sum, part) => sum + saltOf(part.massG * (1 + part.roundingErrorPct / 100), part.ingredientId),
          0,
        );
        // One pinch of salt alone is as exact as a spoon or a scale of whole grams.
        const [only, ...others] = parts;
        const alonePct =
          only && others.length === 0 ? measureBoundPct(only.massG, ingredientById(only.ingredientId), units) : 0;
        const limit = Math.max(count === 1 ? 0.15 : 0.08, alonePct / 100 + 1e-9);
        if (plannedG > 0) expect(Math.abs(shownG / plannedG - 1)).toBeLessThan(limit);
      }
    },
  );
});

it.each(BROTHS.slice(0, 3))('are the same grams, whatever they are measured with: $name', (formula) => {
  const gramsIn = (units: Evening['units']) =>
    liquidsOf(menuFor(formula, 3, units)).liquids.map(({ ingredients }) => ingredients.map(({ massG }) => massG));
  for (const units of UNITS) expect(gramsIn(units)).toEqual(gramsIn('metric'));
});

describe('scaling', () => {
  it('serves twice the broth to twice the guests', () => {
    for (const formula of BROTHS.filter((one) => !['soyMilkMiso', 'coconutChicken'].includes(one.id))) {
      const [four, eight] = [solve(formula, 4), solve(formula, 8)];
      expect(eight.finishedMl / four.finishedMl).toBeCloseTo(2, 1);
      expect(eight.salinityPct).toBeCloseTo(four.salinityPct, 3);
    }
  });

  it('lets spices and chilli grow more slowly than the broth', () => {
    const chilli = (count: number) =>
      solve(byId('numbingBroth'), count).ingredients.find((one) => one.ingredientId === 'driedChilli')!.massG;
    expect(chilli(8) / chilli(4)).toBeCloseTo(2 ** 0.8, 6);
  });

  it('lies on the meat by its weight', () => {
    const soy = (count: number) =>
      solve(byId('beefJeongolMarinade'), count).ingredients.find((one) => one.ingredientId === 'darkSoy')!.massG;
    expect(soy(8) / soy(4)).toBeCloseTo(2, 1);
  });
});

describe('a batch', () => {
  const made = (times: number) => {
    const given = evening(byId('chilliSauce'), 4);
    const plan = liquidsOf(menuOrThrow({ ...given, choices: { ...given.choices, batches: { chilliSauce: times } } }));
    return plan.liquids.find((one) => one.id === 'chilliSauce')!;
  };

  it('made double is as strong, and half of it is kept until its day', () => {
    const [single, double] = [made(1), made(2)];
    expect(single.batch).toBeUndefined();
    expect(double.salinityPct).toBeCloseTo(single.salinityPct, 6);
    expect(double.finishedMl / single.finishedMl).toBeCloseTo(2, 1);
    expect(double.batch!.keptMl).toBeCloseTo(double.finishedMl / 2, 6);
    expect(double.batch!.keepUntil).toBe('2026-12-08');
  });

  it('has no more than its share of garlic and chilli', () => {
    const garlic = (times: number) => made(times).ingredients.find((one) => one.ingredientId === 'garlic')!.massG;
    expect(garlic(2) / garlic(1)).toBeCloseTo(2 ** 0.8, 6);
  });
});

describe('swaps', () => {
  const swapped = (formula: Formula, ingredientId: string, withIngredientId: string) => {
    const before = solve(formula, 4);
    const swap = { ingredientId, withIngredientId, scope: 'everyone' as const };
    const given = evening(formula, 4);
    const after = liquidsOf(menuOrThrow({ ...given, choices: { ...given.choices, swaps: [swap] } })).liquids.find(
      (one) => one.id === formula.id,
    )!;
    return { before, after, swap };
  };

  it.each([
    ['misoDashi', 'misoLight', 'misoWhite'],
    ['misoDashi', 'misoRed', 'misoSoy'],
    ['soyMilkMiso', 'misoWhite', 'misoLight'],
    ['clearDashi', 'lightSoy', 'darkSoy'],
    ['spicyStock', 'fishSauce', 'lightSoy'],
    ['quickPowder', 'dashiPowder', 'salt'],
    ['citrusSoy', 'darkSoy', 'tamari'],
  ])('keep the salinity of %s within 0.05 points: %s for %s', (id, from, to) => {
    const { before, after, swap } = swapped(byId(id), from, to);
    expect(Math.abs(after.salinityPct - before.salinityPct)).toBeLessThan(0.05);
    expect(after.ingredients.map((one) => one.ingredientId)).not.toContain(from);
    expect(after.swaps).toEqual([swap]);
  });

  it('lift out what bears no boil in place of what does: kelp for chicken bones, flakes for anchovies', () => {
    const kelp = swapped(byId('chickenStock'), 'chickenCarcass', 'kelp').after;
    const flakes = swapped(byId('anchovyStock'), 'driedAnchovy', 'bonitoFlakes').after;
    for (const [liquid, id, says] of [
      [kelp, 'kelp', /^Lift the dried kelp out now/],
      [flakes, 'bonitoFlakes', /^Off the heat, bonito flakes in/],
    ] as const) {
      const drawn = liquid.drawn.find((one) => one.ingredientId === id)!;
      expect(drawn.spoiledShare).toBeLessThan(1);
      expect(drawn.drawnShare).toBeGreaterThan(0.5);
      const index = liquid.steps.findIndex((step) => says.test(step.says));
      expect(index).toBeGreaterThan(0);
      expect(liquid.steps.map((step) => step.atS)).toEqual(
        [...liquid.steps.map((step) => step.atS)].sort((a, b) => a - b),
      );
    }
    expect(kelp.steps.map((step) => step.id)).not.toContain('blanch');
  });

  it('take about half the ordinary miso for sweet white miso', () => {
    const { before, after } = swapped(byId('soyMilkMiso'), 'misoWhite', 'misoLight');
    const massOf = (liquid: typeof before, id: string) =>
      liquid.ingredients.find((one) => one.ingredientId === id)!.massG;
    const ratio = massOf(after, 'misoLight') / massOf(before, 'misoWhite');
    expect(ratio).toBeGreaterThan(0.4);
    expect(ratio).toBeLessThan(0.6);
  });

  it('keep the sweetness when sugar stands in for mirin, and take the alcohol out', () => {
    const { before, after } = swapped(byId('misoDashi'), 'mirin', 'sugar');
    expect(after.sweetnessPct).toBeCloseTo(before.sweetnessPct, 6);
    expect(after.ethanolG).toBeLessThan(before.ethanolG);
  });

  it('darken the bowl when dark soy stands in for light', () => {
    const { before, after } = swapped(byId('clearDashi'), 'lightSoy', 'darkSoy');
    expect(after.colour).not.toBe(before.colour);
    expect(Number.parseInt(after.colour.slice(3, 5), 16)).toBeLessThan(Number.parseInt(before.colour.slice(3, 5), 16));
  });
});

describe('the colour of the bowl', () => {
  const channelsOf = (id: string) => {
    const { colour } = solve(byId(id), 6);
    return [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16)) as [number, number, number];
  };
  const light = (id: string) => channelsOf(id).reduce((sum, one) => sum + one, 0) / 3;

  it.each(['kelpWater', 'clearDashi', 'layeredKelp', 'chickenStock'])(
    '%s is pale straw: light, and yellow rather than orange',
    (id) => {
      const [red, green, blue] = channelsOf(id);
      expect(red).toBeGreaterThan(225);
      expect(green).toBeGreaterThan(212);
      expect(blue).toBeGreaterThan(150);
      expect(red - green).toBeLessThan((green - blue) / 2);
    },
  );

  it('goes from the clear broth over the miso broth to the sauce for the pan', () => {
    expect(light('clearDashi')).toBeGreaterThan(light('misoDashi') + 40);
    expect(light('misoDashi')).toBeGreaterThan(light('warishita') + 40);
  });
});

describe('the table’s taste', () => {
  const tasted = (id: string, taste: object) => {
    const given = evening(byId(id), 4);
    return liquidsOf(menuOrThrow({ ...given, choices: { ...given.choices, taste: { [id]: taste } } })).liquids.find(
      (one) => one.id === id,
    )!;
  };

  it('moves what was asked, step by step', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('citrusSoy', 'fishSauceChilli', 'mustardVinegar'),
        fc.integer({ min: -3, max: 2 }),
        (id, step) => {
          const at = (taste: object) => tasted(id, taste);
          expect(at({ salt: step + 1 }).salinityPct).toBeGreaterThan(at({ salt: step }).salinityPct);
          expect(at({ sweet: step + 1 }).sweetnessPct).toBeGreaterThan(at({ sweet: step }).sweetnessPct);
          expect(at({ sour: step + 1 }).acidityPct).toBeGreaterThan(at({ sour: step }).acidityPct);
        },
      ),
      { numRuns: runs(12) },
    );
    expect(tasted('spicyStock', { heat: 1 }).heat).toBeGreaterThan(tasted('spicyStock', {}).heat);
    expect(tasted('clearDashi', { savour: 1 }).umamiGPer100g).toBeGreaterThan(tasted('clearDashi', {}).umamiGPer100g);
  });

  it('leaves alone what was not asked', () => {
    const plain = tasted('citrusSoy', {});
    const sharper = tasted('citrusSoy', { sour: 2 });
    expect(sharper.salinityPct).toBeCloseTo(plain.salinityPct, 6);
    expect(sharper.sweetnessPct).toBeCloseTo(plain.sweetnessPct, 6);
  });
});
