import { heatSourceSchema, vesselSchema } from '@elixa/contract';
import { z } from 'zod';
import { ADDITION_TIMES } from './additionTimes';
import { BROTH_FORMULAS, DIP_FORMULAS, brothFormulaById, dipFormulaById } from './formulas';
import { HEAT_SOURCES } from './heatSources';
import { FAMILIES } from './ingredient';
import { hasIngredient, INGREDIENTS } from './ingredients';
import { STYLES } from './styles';
import { VESSELS } from './vessels';

const share = z.number().min(0).max(1);
const ingredientSchema = z.object({
  id: z.string().regex(/^[a-z][A-Za-z0-9]+$/),
  name: z.string().min(2),
  family: z.enum(FAMILIES),
  kinds: z.array(z.string()).min(1),
  composition: z.object({ water: share, protein: share, fat: share, carbohydrate: share, fibre: share, ash: share }),
  saltPct: z.number().min(0).max(100),
  sweetnessPct: z.number().min(0).max(130),
  densityGPerMl: z.number().min(0.03).max(2),
  settledDensityGPerMl: z.number().min(0.3).max(1.5),
  releasedShare: z.number().min(0).max(0.6),
  source: z.string().min(5),
});

describe('the catalogue', () => {
  it.each(INGREDIENTS)('holds a sound entry for $name', (one) => {
    ingredientSchema.parse(one);
    const parts = Object.values(one.composition).reduce((sum, part) => sum + part, 0);
    expect(Math.abs(parts - 1)).toBeLessThan(0.012);
    // Salt is part of the ash, so there cannot be more of it.
    expect(one.saltPct / 100).toBeLessThanOrEqual(one.composition.ash + 0.001);
    expect(one.releasedShare).toBeLessThanOrEqual(one.composition.water);
    for (const { withIngredientId } of one.replacements) expect(hasIngredient(withIngredientId)).toBe(true);
  });

  it('gives each ingredient an id of its own', () => {
    expect(new Set(INGREDIENTS.map((one) => one.id)).size).toBe(INGREDIENTS.length);
  });

  it('knows a time for everything that a style or a replacement can put into a pot', () => {
    const inPot = STYLES.flatMap((style) =>
      style.items.flatMap((item) => item.cuts.map(({ cut }) => `${item.ingredientId}/${cut}`)),
    );
    const instead = STYLES.flatMap((style) => style.items).flatMap((item) =>
      INGREDIENTS.find((one) => one.id === item.ingredientId)!.replacements.map(({ withIngredientId }) => {
        const other = INGREDIENTS.find((one) => one.id === withIngredientId)!;
        return `${withIngredientId}/${Object.keys(other.cuts)[0]}`;
      }),
    );
    expect([...inPot, ...instead].filter((key) => !ADDITION_TIMES[key])).toEqual([]);
  });

  it('orders every window and never lets the safe time lie above the most', () => {
    for (const window of Object.values(ADDITION_TIMES)) {
      expect(window.leastMin).toBeLessThanOrEqual(window.bestMin);
      expect(window.bestMin).toBeLessThanOrEqual(window.mostMin);
      expect(window.safeMin).toBeLessThanOrEqual(window.mostMin);
    }
  });

  it('holds pots and burners that an evening can name', () => {
    for (const vessel of VESSELS) expect(vesselSchema.safeParse(vessel).success).toBe(true);
    for (const heat of HEAT_SOURCES) expect(heatSourceSchema.safeParse(heat).success).toBe(true);
  });

  it('holds styles whose formulas, shares and schools exist', () => {
    for (const style of STYLES) {
      expect(brothFormulaById(style.brothFormulaId)).toBeDefined();
      for (const id of style.dipFormulaIds) expect(dipFormulaById(id)).toBeDefined();
      for (const item of style.items) {
        expect(item.cuts.reduce((sum, one) => sum + one.share, 0)).toBeCloseTo(1, 9);
      }
      for (const choice of style.schools) expect(choice.options.map((one) => one.id)).toContain(choice.usual);
      const seasoning = style.schools.find((one) => one.id === 'seasoning')!.options.map((one) => one.id);
      expect(Object.keys(style.salinityBands).sort()).toEqual([...seasoning].sort());
      expect(Object.keys(style.dipShares).sort()).toEqual([...seasoning].sort());
    }
  });

  it('holds formulas of known ingredients whose salting shares add up', () => {
    for (const formula of [...BROTH_FORMULAS, ...DIP_FORMULAS]) {
      for (const part of formula.parts) expect(hasIngredient(part.ingredientId)).toBe(true);
      const salting = formula.parts.filter((part) => part.role === 'salting');
      expect(salting.reduce((sum, part) => sum + (part.share ?? 0), 0)).toBeCloseTo(1, 9);
    }
  });
});
