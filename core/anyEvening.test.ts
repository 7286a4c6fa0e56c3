import { planSchema, type Diner, type Evening, type Swap } from '@elixa/contract';
import fc from 'fast-check';
import { FORMULAS } from './catalogue/formulas';
import { HEAT_SOURCES } from './catalogue/heatSources';
import { ingredientById } from './catalogue/ingredients';
import { STYLES } from './catalogue/styles';
import { VESSELS } from './catalogue/vessels';
import { checkEvening } from './checkEvening';
import { planEvening } from './planEvening';
import { planPot } from './planPot';
import { example } from './testing/household';

const idsOf = (...kinds: string[]) => FORMULAS.filter((one) => kinds.includes(one.kind)).map((one) => one.id);
const style = STYLES[0]!;
const everything = [
  ...new Set([...style.items, ...FORMULAS.flatMap((formula) => formula.parts)].map((one) => one.ingredientId)),
];

const diner = (index: number): fc.Arbitrary<Diner> =>
  fc.record({
    name: fc.constant(`Guest ${index}`),
    appetite: fc.constantFrom('small' as const, 'regular' as const, 'large' as const),
    diets: fc
      .subarray(['vegan', 'vegetarian', 'pescatarian', 'noPork', 'noBeef', 'noAlcohol'] as const, { maxLength: 2 })
      .map((x) => [...x]),
    avoids: fc.subarray(['soy', 'wheat', 'egg', 'fish', 'crustaceans', 'enoki', 'chickenThigh'], { maxLength: 2 }),
    child: fc.boolean(),
  });

const swap: fc.Arbitrary<Swap> = fc
  .constantFrom(...everything.filter((id) => ingredientById(id).replacements.length > 0))
  .chain((ingredientId) =>
    fc.record({
      ingredientId: fc.constant(ingredientId),
      withIngredientId: fc.constantFrom(
        ...ingredientById(ingredientId).replacements.map((one) => one.withIngredientId),
      ),
      scope: fc.constantFrom('everyone' as const, 'aside' as const),
    }),
  );

const step = fc.integer({ min: -3, max: 3 });
const taste = fc.record({ salt: step, sweet: step, sour: step, heat: step, savour: step });
const seats = fc
  .integer({ min: 1, max: 14 })
  .chain((count) => fc.tuple(...Array.from({ length: count }, (_, i) => diner(i + 1))));

/** Any evening that a cook could put together, sensible or not. */
const evenings: fc.Arbitrary<Evening> = fc
  .record({
    diners: seats,
    vessel: fc.constantFrom(...VESSELS),
    heat: fc.constantFrom(...HEAT_SOURCES),
    powerW: fc.integer({ min: 300, max: 8000 }),
    altitudeM: fc.integer({ min: -430, max: 5500 }),
    units: fc.constantFrom('metric' as const, 'us' as const, 'eastAsian' as const),
    service: fc.constantFrom(...style.services),
    swaps: fc.uniqueArray(swap, { maxLength: 5, selector: (one) => one.ingredientId }),
    leaveOut: fc.subarray(everything, { maxLength: 4 }),
    broth: fc.constantFrom(...idsOf('broth')),
    sauces: fc.subarray(idsOf('sauce'), { maxLength: 4 }),
    ahead: fc.subarray(idsOf('marinade', 'base'), { maxLength: 2 }),
    tastes: fc.dictionary(fc.constantFrom(...idsOf('broth', 'sauce')), taste, { maxKeys: 4 }),
    grams: fc.dictionary(
      fc.constantFrom(...style.items.map((one) => one.ingredientId)),
      fc.integer({ min: 0, max: 1000 }),
      { maxKeys: 3 },
    ),
    broths: fc.option(fc.integer({ min: 100, max: 800 }), { nil: undefined }),
  })
  .map(
    ({
      diners,
      vessel,
      heat,
      powerW,
      altitudeM,
      units,
      service,
      swaps,
      leaveOut,
      broth,
      sauces,
      ahead,
      tastes,
      grams,
      broths,
    }) => ({
      ...example('practice-night'),
      diners,
      vessel,
      heatSource: { ...heat, powerW },
      place: { altitudeM, roomTempC: 19 },
      units,
      service,
      choices: { swaps, leaveOut, liquids: { broth, sauces, ahead }, taste: tastes },
      overrides: { gramsPerHead: grams, ...(broths === undefined ? {} : { brothMlPerHead: broths }) },
    }),
  );

describe('any evening', () => {
  it('either has faults with their fields and fixes, or has a plan that keeps its schema', () => {
    const potSchema = planSchema.omit({ prep: true });
    let planned = 0;
    fc.assert(
      fc.property(evenings, (evening) => {
        const faults = checkEvening(evening);
        for (const { field, fix } of faults) expect([field.length > 0, fix.length > 5]).toEqual([true, true]);
        if (faults.length > 0) return;
        planned += 1;
        const plan = planPot(evening);
        expect(potSchema.safeParse(JSON.parse(JSON.stringify(plan))).error?.issues ?? []).toEqual([]);
        for (const piece of plan.simmer.pieces) expect(piece.safe).toBe(true);
      }),
      { numRuns: 150 },
    );
    expect(planned).toBeGreaterThan(30);
  }, 120_000);

  it('has its preparation, too', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const plan = planEvening(evening);
        expect(planSchema.safeParse(JSON.parse(JSON.stringify(plan))).error?.issues ?? []).toEqual([]);
      }),
      { numRuns: 4 },
    );
  }, 120_000);
});
