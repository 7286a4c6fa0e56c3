import type { Allergen, Diner, Evening, PotPlan, Swap } from '@elixa/contract';
import { FORMULAS } from '../../catalogue/formulas';
import { ingredientById } from '../../catalogue/ingredients';
import { JARS } from '../../catalogue/ingredients/jars';
import { VESSELS } from '../../catalogue/vessels';
import { checkEvening } from '../../evening/resolveMenu';
import { vesselChosen } from '../../evening/edits/pot';
import { planPot } from '../planPot';
import { eveningFor, guests } from '../../testing/household';

const divided = VESSELS.find((one) => one.divided)!;
const brothsOf = (plan: PotPlan) => plan.liquids.filter((one) => one.kind === 'broth');
const liquid = (plan: PotPlan, id: string) => plan.liquids.find((one) => one.id === id)!;
const grams = (plan: PotPlan, liquidId: string, id: string) =>
  liquid(plan, liquidId).ingredients.find((one) => one.ingredientId === id)?.massG ?? 0;
const choosing = (choices: Partial<Evening['choices']>, more: Partial<Evening> = {}) =>
  eveningFor(4, { ...more, choices: { swaps: [], leaveOut: [], ...choices } });
const avoiding = (...avoids: Allergen[]): Diner => ({ ...guests(1)[0]!, name: 'Noor', avoids });

describe('a second small pan with its own broth', () => {
  const swaps: Swap[] = [{ ingredientId: 'bonitoFlakes', withIngredientId: 'driedShiitake', scope: 'aside' }];
  const diners = [...guests(3), avoiding('fish')];
  const plan = planPot(choosing({ swaps }, { diners }));
  const [pot, aside] = brothsOf(plan);

  it('is offered for what is in the broth', () => {
    const { conflicts } = planPot(choosing({}, { diners }));
    const flakes = conflicts.find((one) => one.ingredientId === 'bonitoFlakes')!;
    expect(flakes.offers.map((one) => one.scope)).toContain('aside');
    expect(plan.conflicts.find((one) => one.ingredientId === 'bonitoFlakes')!.resolvedBy).toContain('in a small pan');
  });

  it('holds nothing that the guest avoids, and the pot stays as it was', () => {
    expect(aside!.forGuests).toEqual(['Noor']);
    expect(aside!.allergens).not.toContain('fish');
    expect(pot!.allergens).toContain('fish');
    expect(grams(plan, pot!.id, 'driedShiitake')).toBe(0);
  });

  it('makes as much for each, as salty, and cooks the guest\u2019s food in it', () => {
    expect(pot!.finishedMl / 3).toBeCloseTo(aside!.finishedMl, 6);
    expect(aside!.salinityPct).toBeCloseTo(pot!.salinityPct, 6);
    const inAside = plan.simmer.pieces.filter((one) => one.pan === 'aside' && one.ingredientId === 'chickenThigh');
    expect(inAside.reduce((sum, one) => sum + one.massG, 0)).toBeCloseTo(150, 6);
    const light = plan.simmer.actions.find((one) => one.kind === 'light' && one.pan === 'aside');
    expect(light).toBeDefined();
  });

  it('is the pot when everybody needs it', () => {
    const alone = planPot(choosing({ swaps }, { diners: [avoiding('fish')] }));
    expect(brothsOf(alone)).toHaveLength(1);
    expect(brothsOf(alone)[0]!.allergens).not.toContain('fish');
  });

  it('is not set up when another school leaves the thing out of the broth', () => {
    const kelpOnly = planPot(choosing({ swaps, liquids: { broth: 'mushroomKelp' } }, { diners }));
    expect(kelpOnly.liquids.every((one) => one.kind !== 'broth' || one.place === 'pot')).toBe(true);
  });
});

describe('a sauce in a bowl apart', () => {
  const swaps: Swap[] = [{ ingredientId: 'darkSoy', withIngredientId: 'tamari', scope: 'aside' }];
  const plan = planPot(choosing({ swaps }, { diners: [...guests(3), avoiding('wheat')] }));
  const dips = plan.liquids.filter((one) => one.kind === 'sauce');

  it('is mixed for the guest alone, and nobody leaves the pot for it', () => {
    expect(dips.map((one) => one.forGuests)).toEqual([undefined, ['Noor']]);
    expect(dips[1]!.ingredients.map((one) => one.ingredientId)).toContain('tamari');
    expect(dips[1]!.ingredients.map((one) => one.ingredientId)).not.toContain('darkSoy');
    expect(dips[0]!.finishedMl / 3).toBeCloseTo(dips[1]!.finishedMl, 6);
    expect(plan.simmer.pieces.every((one) => one.pan === 'main')).toBe(true);
    expect(plan.conflicts.find((one) => one.ingredientId === 'darkSoy')!.resolvedBy).toBe('tamari in a bowl apart');
  });
});

describe('a divided pot', () => {
  const two = (otherHalf: string | undefined) =>
    choosing({ liquids: { broth: 'numbingBroth', otherHalf } }, { vessel: divided });

  it('holds two broths, half of each', () => {
    const plan = planPot(two('mildBoneBroth'));
    expect(brothsOf(plan).map(({ id, place }) => [id, place])).toEqual([
      ['numbingBroth', 'pot'],
      ['mildBoneBroth', 'otherHalf'],
    ]);
    const whole = planPot(two(undefined));
    const dipMl = (of: PotPlan) => of.liquids.find((one) => one.thinnedWith === 'potBroth')!.startWaterMl;
    const eatenMl = (of: PotPlan) => brothsOf(of).reduce((sum, one) => sum + one.finishedMl, 0) - dipMl(of);
    expect(eatenMl(plan)).toBeCloseTo(eatenMl(whole), 0);
    const made = brothsOf(plan).reduce((sum, one) => sum + one.madeMl, 0);
    expect(plan.build.pourMl + plan.build.reserveMl).toBeCloseTo(made, 0);
  });

  it('takes the same broth twice as one, and names the half that a whole pot does not have', () => {
    expect(brothsOf(planPot(two('numbingBroth')))).toHaveLength(1);
    const whole = { ...two('mildBoneBroth'), vessel: VESSELS[0]! };
    expect(checkEvening(whole)[0]!.field).toBe('choices.liquids.otherHalf');
    expect(brothsOf(planPot(vesselChosen(two('mildBoneBroth'), { vessel: VESSELS[0]! })))).toHaveLength(1);
  });

  it('says which field names no broth', () => {
    expect(checkEvening(two('soyScallion'))[0]!.field).toBe('choices.liquids.otherHalf');
  });
});

describe('bases from their jar', () => {
  const SOLVED = ['saltPct', 'sweetnessPct', 'acidPct', 'ethanolPct', 'glutamatePct', 'heatShu'] as const;

  it.each(JARS)('has the contents of what it is mixed from: $name', (jar) => {
    const base = liquid(planPot(choosing({ liquids: { ahead: [jar.id] } })), jar.id);
    const mixed = base.ingredients.filter((one) => one.role !== 'aroma');
    const totalG = mixed.reduce((sum, one) => sum + one.massG, 0);
    const part = (value: (id: string) => number) =>
      mixed.reduce((sum, one) => sum + value(one.ingredientId) * one.massG, 0) / totalG;
    for (const key of SOLVED) {
      const exact = part((id) => ingredientById(id)[key]);
      expect(Math.abs(jar[key] - exact)).toBeLessThanOrEqual(Math.max(0.005, exact * 0.03));
    }
    for (const key of ['water', 'protein', 'fat', 'carbohydrate'] as const) {
      expect(jar.composition[key]).toBeCloseTo(
        part((id) => ingredientById(id).composition[key]),
        2,
      );
    }
    expect([...jar.allergens].sort()).toEqual(base.allergens);
    expect(new Set(jar.kinds)).toEqual(
      new Set(base.ingredients.flatMap((one) => ingredientById(one.ingredientId).kinds)),
    );
  });

  it.each(FORMULAS.filter((one) => one.schools.some((school) => school.id === 'base')))(
    'makes $name as it is when everything goes in one by one, within its bands, for 2, 4, 6 and 10',
    (formula) => {
      for (const count of [2, 4, 6, 10]) {
        const from = (base: string) => {
          const evening = choosing({ liquids: { broth: formula.id } }, { diners: guests(count) });
          return planPot({ ...evening, style: { ...evening.style, schools: { base } } });
        };
        const plan = from('ahead');
        const broth = plan.liquids[0]!;
        const within = (value: number, band: readonly [number, number] = [-1, 100]) =>
          value >= band[0] - 1e-9 && value <= band[1] + 1e-9 ? 'in' : `${formula.id} ${value}`;
        expect(within(broth.salinityPct, broth.targetSalinityPct)).toBe('in');
        expect(within(broth.sweetnessPct, broth.targetSweetnessPct)).toBe('in');
        expect(within(broth.umamiGPer100g, broth.targetUmamiGPer100g)).toBe('in');
        expect(within(broth.heat, broth.targetHeat)).toBe('in');
        const jar = plan.liquids.find((one) => one.kind === 'base')!;
        expect(jar.batch!.keptMl).toBeGreaterThan(0);
        expect(jar.batch!.keptMl).toBeLessThan(jar.finishedMl);
        expect(from('fresh').liquids.some((one) => one.kind === 'base')).toBe(false);
      }
    },
  );
});
