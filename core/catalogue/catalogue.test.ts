import { heatSourceSchema, vesselSchema, type Diner } from '@elixa/contract';
import { z } from 'zod';
import { whyNot } from '../diners/whyNot';
import { guests } from '../testing/household';
import { FORMULAS, formulaById } from './formulas';
import { HEAT_SOURCES } from './heatSources';
import { MATERIALS } from './materials';
import { FAMILIES } from './family';

import { hasIngredient, ingredientById, INGREDIENTS } from './ingredients';
import { FINISHES, finishById } from './finishes';
import { fits } from './school';
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
  acidPct: z.number().min(0).max(12),
  ethanolPct: z.number().min(0).max(60),
  glutamatePct: z.number().min(0).max(20),
  inosinatePct: z.number().min(0).max(2),
  guanylatePct: z.number().min(0).max(1),
  heatShu: z.number().min(0).max(100_000),
  tint: z.object({ hex: z.string().regex(/^#[0-9a-f]{6}$/), strength: z.number().min(0).max(1) }).optional(),
  draws: z
    .object({
      mostShare: z.number().min(0.3).max(1),
      ratePerMin: z.number().min(0.005).max(2),
      activationKJPerMol: z.number().min(20).max(80),
      holdsWater: z.number().min(0).max(5),
    })
    .optional(),
  densityGPerMl: z.number().min(0.03).max(2),
  settledDensityGPerMl: z.number().min(0.1).max(1.5),
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

  it('gives what is soaked the room of what it has drunk', () => {
    const soaked = INGREDIENTS.filter((one) => Object.values(one.cuts).some(({ label }) => /soaked/.test(label)));
    expect(soaked.map(({ id }) => id)).toEqual(expect.arrayContaining(['woodEar', 'snowFungus', 'glassNoodle']));
    for (const { id, settledDensityGPerMl, densityGPerMl } of soaked) {
      expect([id, settledDensityGPerMl <= 0.85]).toEqual([id, true]);
      // What is mostly air when it is dry swells the most.
      if (densityGPerMl < 0.3) expect([id, settledDensityGPerMl <= 0.5]).toEqual([id, true]);
    }
  });

  it.each([
    ['chickenThigh', 0.2, 0.32],
    ['daikon', 0.1, 0.16],
    ['carrot', 0.08, 0.15],
    ['shiitake', 0, 0.08],
    ['enoki', 0.1, 0.16],
    ['buttonMushroom', 0.2, 0.33],
  ])('has %s give what it loses on boiling in food tables, from %d to %d of its mass', (id, least, most) => {
    expect(ingredientById(id).releasedShare).toBeGreaterThanOrEqual(least);
    expect(ingredientById(id).releasedShare).toBeLessThanOrEqual(most);
  });

  it('is large enough for these kitchens', () => {
    expect(INGREDIENTS.length).toBeGreaterThanOrEqual(110);
  });

  it('names the allergen of everything that is made of it', () => {
    const of = { fish: 'fish', crustacean: 'crustaceans', mollusc: 'molluscs', egg: 'egg', milk: 'milk' } as const;
    for (const one of INGREDIENTS) {
      for (const [kind, allergen] of Object.entries(of)) {
        if (one.kinds.includes(kind as keyof typeof of)) expect(`${one.id} ${one.allergens}`).toContain(allergen);
      }
      if (one.ethanolPct >= 5) expect(one.kinds).toContain('alcohol');
    }
    for (const [word, allergen] of [
      ['soy', 'soy'],
      ['miso', 'soy'],
      ['sesame', 'sesame'],
      ['peanut', 'peanut'],
    ] as const) {
      const named = INGREDIENTS.filter((one) => new RegExp(`\\b${word}`).test(one.name));
      expect(named.length).toBeGreaterThan(1);
      for (const one of named) expect(`${one.id} ${one.allergens}`).toContain(allergen);
    }
  });

  it('offers nothing instead that brings a new meat where there was none', () => {
    const meats = ['poultry', 'pork', 'beef', 'lamb'];
    const isMeat = (id: string) => INGREDIENTS.find((one) => one.id === id)!.kinds.some((kind) => meats.includes(kind));
    for (const one of INGREDIENTS.filter((each) => !isMeat(each.id))) {
      expect(one.replacements.filter(({ withIngredientId }) => isMeat(withIngredientId))).toEqual([]);
    }
  });

  it('keeps what is solved from contents solvable: both sides have what has to stay the same', () => {
    const of = { salt: 'saltPct', sweetness: 'sweetnessPct', sourness: 'acidPct', heat: 'heatShu' } as const;
    for (const one of INGREDIENTS) {
      for (const { keeps, withIngredientId, ratio } of one.replacements) {
        if (keeps === 'mass') continue;
        if (keeps === 'savour') expect(`${one.id} ${ratio}`).toMatch(/[\d.]+$/);
        else {
          expect(one[of[keeps]]).toBeGreaterThan(0);
          expect(INGREDIENTS.find((each) => each.id === withIngredientId)![of[keeps]]).toBeGreaterThan(0);
        }
      }
    }
  });

  it('gives each ingredient an id of its own', () => {
    expect(new Set(INGREDIENTS.map((one) => one.id)).size).toBe(INGREDIENTS.length);
  });

  const windows = INGREDIENTS.flatMap(({ cuts }) =>
    Object.values(cuts).flatMap(({ cooks }) => Object.values(cooks ?? {})),
  );
  const slots = STYLES.flatMap((style) => style.slots).concat(FINISHES.flatMap((finish) => finish.slots));
  const ingredientOf = (id: string) => INGREDIENTS.find((one) => one.id === id)!;

  it('knows a time for everything that a style or a replacement can put into a pot', () => {
    const inPot = slots.flatMap((slot) => slot.cuts.map(({ cut }) => [slot.ingredientId, cut] as const));
    const instead = slots
      .filter((slot) => slot.cuts.length > 0)
      .flatMap((slot) => ingredientOf(slot.ingredientId).replacements)
      .map(({ withIngredientId }) => [withIngredientId, Object.keys(ingredientOf(withIngredientId).cuts)[0]!] as const);
    const unknown = [...inPot, ...instead].filter(([id, cut]) => !ingredientOf(id).cuts[cut]?.cooks?.simmered);
    expect(unknown).toEqual([]);
  });

  it('orders every window and never lets the safe time lie above the most', () => {
    for (const window of windows) {
      expect(window.leastMin).toBeLessThanOrEqual(window.bestMin);
      expect(window.bestMin).toBeLessThanOrEqual(window.mostMin);
      expect(window.safeMin).toBeLessThanOrEqual(window.mostMin);
    }
  });

  it('says of every material how it is looked after, and of clay how it is sealed and when it is worn out', () => {
    for (const { care } of Object.values(MATERIALS)) {
      expect(care.length).toBeGreaterThan(1);
      expect(new Set(care.map(({ when }) => when)).size).toBe(care.length);
      for (const { says } of care) expect(says).toMatch(/^[A-Z].*\.$/);
    }
    const clay = MATERIALS.clay.care.map(({ when, says }) => `${when}: ${says}`).join('\n');
    for (const word of [/^New.*rice/m, /crack.*no flame/m, /Fine lines.*harmless/m]) expect(clay).toMatch(word);
  });

  it('holds pots and burners that an evening can name', () => {
    for (const vessel of VESSELS) expect(vesselSchema.safeParse(vessel).success).toBe(true);
    for (const heat of HEAT_SOURCES) expect(heatSourceSchema.safeParse(heat).success).toBe(true);
  });

  it('holds styles whose formulas, shares, schools and finishes exist', () => {
    for (const style of STYLES) {
      const formulas = [
        style.brothFormulaId,
        style.letDownFormulaId,
        style.otherHalfFormulaId,
        style.quickBroth?.formulaId,
        ...style.dipFormulaIds,
      ];
      const marinades = style.slots.map((slot) => slot.marinadeFormulaId);
      for (const id of [...formulas, ...marinades].flatMap((one) => one ?? [])) expect(formulaById(id)).toBeDefined();
      for (const id of style.finishIds) expect(finishById(id)).toBeDefined();
      for (const { cuts } of style.slots.filter((slot) => slot.cuts.length > 0)) {
        expect(cuts.reduce((sum, one) => sum + one.share, 0)).toBeCloseTo(1, 9);
      }
      for (const choice of style.schools) expect(choice.options.map((one) => one.id)).toContain(choice.usual);
      const { question, shares } = style.dipShares ?? { question: undefined, shares: {} };
      const asked = style.schools.find((one) => one.id === question)?.options.map((one) => one.id) ?? [];
      expect(Object.keys(shares).sort()).toEqual([...asked].sort());
    }
  });

  it.each([
    ['a vegan', { diets: ['vegan'] }],
    ['somebody who takes no alcohol', { diets: ['noAlcohol'] }],
    ['somebody who avoids fish and shellfish', { avoids: ['fish', 'crustaceans', 'molluscs'] }],
    ['somebody who avoids egg and milk', { avoids: ['egg', 'milk'] }],
  ])('has something instead of everything that a pot or a liquid brings to %s', (_who, cannot) => {
    const diner = { ...guests(1)[0]!, ...cannot } as Diner;
    const isFor = (id: string) => !whyNot(diner, ingredientById(id));
    // A base is made fresh then, with something instead of each thing in it.
    const bases = new Set(FORMULAS.filter((one) => one.kind === 'base').map((one) => one.id));
    const used = [...STYLES.flatMap((style) => style.slots), ...FORMULAS.flatMap((one) => one.parts)];
    const without = used
      .map((one) => one.ingredientId)
      .filter((id) => !isFor(id) && !bases.has(id))
      .filter((id) => !ingredientById(id).replacements.some((one) => isFor(one.withIngredientId)));
    expect([...new Set(without)]).toEqual([]);
  });

  it('knows more than one thing instead of each that is set on the plate as a dab, one of them without its allergen', () => {
    for (const id of ['mustard', 'wasabi', 'citrusChilliPaste']) {
      const { replacements, allergens } = ingredientById(id);
      expect(replacements.length).toBeGreaterThan(1);
      const without = replacements.filter(
        ({ withIngredientId }) => !ingredientById(withIngredientId).allergens.some((one) => allergens.includes(one)),
      );
      expect([id, without.length > 0]).toEqual([id, true]);
    }
  });

  it('never says of a seasoning what it does to one food: that may not be in the pot', () => {
    const texts = INGREDIENTS.filter((one) => one.family === 'seasoning').flatMap((one) =>
      one.replacements.map(({ text }) => text),
    );
    const foods =
      /\bthe (chicken|duck|beef|pork|lamb|fish|salmon|prawns?|tofu|cabbage|radish|mushrooms?|noodles?|balls?)\b/;
    expect(texts.filter((text) => foods.test(text))).toEqual([]);
  });

  it('orders the least, the usual and the most of every thing, and names nothing twice in one pot', () => {
    for (const style of STYLES) {
      for (const { rangeG } of style.slots) expect([...rangeG]).toEqual([...rangeG].sort((a, b) => a - b));
      const ids = style.slots.map((slot) => slot.ingredientId);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it('holds stages that take every thing of the pot in, whatever schools and way of eating are followed', () => {
    for (const style of STYLES) {
      for (const service of style.services) {
        const ways = style.schools.reduce<Array<Record<string, string>>>(
          (known, choice) =>
            known.flatMap((way) => choice.options.map((option) => ({ ...way, [choice.id]: option.id }))),
          [{}],
        );
        for (const way of ways) {
          const stages = style.stages.filter(
            (stage) => fits(stage.when, way) && (!stage.services || stage.services.includes(service)),
          );
          const untaken = style.slots
            .filter((slot) => fits(slot.when, way))
            .filter((slot) => !stages.some((stage) => stage.roles?.includes(slot.role)));
          expect(untaken).toEqual([]);
          expect(stages.filter((stage) => stage.do === 'pour')).toHaveLength(1);
        }
      }
    }
  });

  it('pours over nothing that is not in the pot yet', () => {
    for (const style of STYLES) {
      for (const [at, stage] of style.stages.entries()) {
        if (stage.do !== 'pour' || !/\bover the|\bon the|just (over|under)/i.test(stage.says)) continue;
        const before = style.stages.slice(0, at).some((one) => one.roles ?? one.items);
        expect([style.id, stage.says, before]).toEqual([style.id, stage.says, true]);
      }
    }
  });
});
