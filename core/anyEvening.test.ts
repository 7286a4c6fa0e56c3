import {
  dietSchema,
  mustReadEvening,
  planSchema,
  type Diner,
  type Evening,
  type Plan,
  type Swap,
  type Vessel,
} from '@elixa/contract';
import fc from 'fast-check';
import { FORMULAS } from './catalogue/formulas';
import { HEAT_SOURCES } from './catalogue/heatSources';
import { ingredientById } from './catalogue/ingredients';
import { finishById } from './catalogue/finishes';
import { likesOf, POT_FOOD, potCutsOf } from './catalogue/kin';
import type { Style } from './catalogue/style';
import { STYLES } from './catalogue/styles';
import { VESSELS } from './catalogue/vessels';
import { styleChosen } from './evening/edits/styleChosen';
import { checkEvening } from './evening/resolveMenu';
import { vesselSuits } from './evening/vesselFit';
import { slicesFirst } from './simmer/roundName';
import { planPot } from './planEvening/planPot';
import { example } from './testing/household';
import { planQuickly } from './testing/quickly';
import { runs } from './testing/runs';

const idsOf = (...kinds: string[]) => FORMULAS.filter((one) => kinds.includes(one.kind)).map((one) => one.id);
const everythingOf = (style: Style) => {
  const finishes = style.finishIds.flatMap((id) => finishById(id)?.slots ?? []);
  const parts = FORMULAS.flatMap((formula) => formula.parts);
  return [...new Set([...style.slots, ...finishes, ...parts].map((one) => one.ingredientId))];
};

/** What shops sell ready to cook, all of it made ready in this kitchen. */
const SOLD = ['beefSlice', 'lambSlice', 'porkBelly', 'porkLoin', 'prawn', 'pumpkin'];

const diner = (index: number): fc.Arbitrary<Diner> =>
  fc.record({
    name: fc.constant(`Guest ${index}`),
    appetite: fc.constantFrom('small' as const, 'regular' as const, 'large' as const),
    diets: fc.subarray(dietSchema.options, { maxLength: 2 }).map((x) => [...x]),
    avoids: fc.subarray(['soy', 'wheat', 'egg', 'fish', 'crustaceans', 'peanut', 'sesame', 'enoki', 'chickenThigh'], {
      maxLength: 2,
    }),
    child: fc.boolean(),
    expecting: fc.boolean(),
    dislikes: fc.subarray(['egg', 'shiitake', 'kelp', 'chickenThigh'], { maxLength: 2 }),
  });

const standInsFor = (ingredientId: string, isFood: boolean) => [
  ...ingredientById(ingredientId).replacements.map((one) => one.withIngredientId),
  ...(isFood ? likesOf(ingredientById(ingredientId)).map((one) => one.id) : []),
];

/** Something else instead: what the catalogue names for it and, of what goes into the pot, like for like. */
const swapOf = (everything: readonly string[], style: Style): fc.Arbitrary<Swap> => {
  const isFood = (id: string) =>
    style.slots.some((slot) => slot.ingredientId === id && slot.role !== 'fat' && !slot.when && !slot.optional);
  return fc.constantFrom(...everything.filter((id) => standInsFor(id, isFood(id)).length > 0)).chain((ingredientId) =>
    fc.record({
      ingredientId: fc.constant(ingredientId),
      withIngredientId: fc.constantFrom(...standInsFor(ingredientId, isFood(ingredientId))),
      scope: fc.constantFrom('everyone' as const, 'aside' as const),
    }),
  );
};

/** What a cook puts in besides, or cuts in another way. */
const composedOf = (style: Style) => {
  const own = new Set(style.slots.map((slot) => slot.ingredientId));
  const others = POT_FOOD.map((one) => one.id).filter((id) => !own.has(id));
  const cuttable = style.slots.filter((slot) => !slot.when && !slot.optional && slot.cuts.length > 0);
  return fc.record({
    added: fc.uniqueArray(fc.constantFrom(...others), { maxLength: 4 }),
    cuts: fc
      .uniqueArray(fc.constantFrom(...cuttable.map((slot) => slot.ingredientId)), { maxLength: 2 })
      .chain((ids) =>
        fc.record(Object.fromEntries(ids.map((id) => [id, fc.constantFrom(...potCutsOf(ingredientById(id)))]))),
      ),
  });
};

const step = fc.integer({ min: -3, max: 3 });
const taste = fc.record({ salt: step, sweet: step, sour: step, heat: step, savour: step });
const seats = fc
  .integer({ min: 1, max: 14 })
  .chain((count) => fc.tuple(...Array.from({ length: count }, (_, i) => diner(i + 1))));

const carries = (style: Style, vessel: Vessel) =>
  vesselSuits(styleChosen(example('practice-night'), style.id), style, vessel).verdict !== 'refused';

/** Mostly vessels that carry it: a refusal is soon told, and there is more to see of a plan. */
const vesselsOf = (style: Style): fc.Arbitrary<Vessel> =>
  fc.oneof(
    { weight: 6, arbitrary: fc.constantFrom(...VESSELS.filter((one) => carries(style, one))) },
    { weight: 2, arbitrary: fc.constantFrom(...VESSELS) },
    {
      weight: 1,
      arbitrary: fc
        .record({
          innerDiameterMm: fc.integer({ min: 140, max: 420 }),
          innerDepthMm: fc.integer({ min: 35, max: 260 }),
        })
        .map((size) => ({
          ...VESSELS[0]!,
          ...size,
          id: 'own',
          name: 'own pot',
          rimVolumeMl: Math.round((Math.PI * (size.innerDiameterMm / 2) ** 2 * size.innerDepthMm * 0.8) / 1000),
        })),
    },
  );

/** Any evening that a cook could put together with a style, sensible or not. */
const eveningsOf = (style: Style): fc.Arbitrary<Evening> => {
  const everything = everythingOf(style);
  const schools = fc.record(
    Object.fromEntries(
      style.schools.map((choice) => [choice.id, fc.constantFrom(...choice.options.map((option) => option.id))]),
    ),
  );
  return fc
    .record({
      diners: seats,
      vessel: vesselsOf(style),
      heat: fc.constantFrom(...HEAT_SOURCES),
      powerW: fc.integer({ min: 300, max: 8000 }),
      altitudeM: fc.integer({ min: -430, max: 5500 }),
      units: fc.constantFrom('metric' as const, 'us' as const, 'eastAsian' as const),
      service: fc.constantFrom(...style.services),
      schools,
      composed: fc.option(composedOf(style), { nil: {} }),
      swaps: fc.uniqueArray(swapOf(everything, style), { maxLength: 5, selector: (one) => one.ingredientId }),
      leaveOut: fc.subarray(everything, { maxLength: 4 }),
      liquids: fc.option(
        fc.record({
          broth: fc.constantFrom(...idsOf('broth')),
          sauces: fc.subarray(idsOf('sauce'), { maxLength: 4 }),
          ahead: fc.subarray(idsOf('marinade', 'base'), { maxLength: 2 }),
        }),
        { nil: undefined },
      ),
      taste: fc.dictionary(fc.constantFrom(...idsOf('broth', 'sauce')), taste, { maxKeys: 4 }),
      grams: fc.dictionary(
        fc.constantFrom(...style.slots.map((one) => one.ingredientId)),
        fc.integer({ min: 0, max: 1000 }),
        { maxKeys: 3 },
      ),
      finish: fc.option(fc.constantFrom(...style.finishIds, 'none'), { nil: undefined }),
      brothMlPerHead: fc.option(fc.integer({ min: 100, max: 800 }), { nil: undefined }),
    })
    .map(({ heat, powerW, altitudeM, schools: followed, grams, brothMlPerHead, ...given }) => {
      const { diners, vessel, units, service, composed, ...others } = given;
      const choices = { ...others, ...composed };
      return {
        ...example('practice-night'),
        diners,
        vessel,
        units,
        service,
        heatSource: { ...heat, powerW },
        place: { altitudeM, roomTempC: 19 },
        style: { id: style.id, schools: followed },
        choices,
        overrides: { gramsPerHead: grams, brothMlPerHead },
      };
    });
};

/** Every gate of safety, and the order of the stages. */
function expectSound(plan: Omit<Plan, 'prep'>) {
  const unsound = plan.simmer.pieces.filter(
    (piece) => !piece.safe || piece.outAtS <= piece.inAtS - 1e-6 || piece.countsFromS < piece.inAtS,
  );
  expect(unsound).toEqual([]);
  const { actions } = plan.simmer;
  expect(actions.every((action, index) => index === 0 || action.atS >= actions[index - 1]!.atS)).toBe(true);
  // A round is on the table before anything is done for the next.
  const served = new Map(actions.flatMap(({ kind, round }, index) => (kind === 'serve' ? [[round, index]] : [])));
  const before = slicesFirst(plan);
  const early = actions.filter(
    ({ round, pan }, index) =>
      (served.get(round - 1) ?? -1) > index &&
      // The small pan is filled while slices are seared and eaten from the other.
      (pan === 'main' || round > before + 1),
  );
  expect(early.map(({ id }) => id)).toEqual([]);
  const order = plan.style.stages.map((stage) => stage.id);
  const outOfTurn: string[] = [];
  for (const round of new Set(actions.map((action) => action.round))) {
    const own = actions.filter((action) => action.round === round && action.pan === 'main' && action.kind === 'add');
    const stages = own.flatMap((action) => (action.stageId ? [order.indexOf(action.stageId)] : []));
    const later = own.map((action) => action.atS);
    for (const [index, place] of stages.entries()) {
      const before = stages.flatMap((other, at) => (other > place ? [later[at]!] : []));
      if (Math.min(...before) < later[index]! - 1) outOfTurn.push(own[index]!.id);
    }
  }
  expect(outOfTurn).toEqual([]);
  expect(new Set(plan.simmer.pieces.map((piece) => piece.id)).size).toBe(plan.simmer.pieces.length);
  const fat = (plan.build.pourMl + plan.build.solidsMl / plan.build.rounds.length) / plan.build.usableVolumeMl;
  expect(fat).toBeLessThanOrEqual(1 + 1e-6);
}

/** What goes in has been bought or is in the house, and somebody gets it ready. */
function expectComplete(plan: Plan) {
  const shopped = new Set(plan.shopping.map((item) => item.ingredientId));
  const subjects = new Set(plan.prep.tasks.map((task) => task.subjectId));
  const ids = plan.menu.slots.map((slot) => slot.ingredientId);
  const boughtFor = (id: string) => ingredientById(id).madeFrom?.ingredientId ?? id;
  expect(ids.filter((id) => !shopped.has(boughtFor(id)))).toEqual([]);
  expect(ids.filter((id) => !subjects.has(id))).toEqual([]);
}

let planned = 0;

describe.each(STYLES.map((style) => [style.id, style] as const))('any evening of %s', (_id, style) => {
  const evenings = eveningsOf(style);

  it('either has faults with their fields and fixes, or has a plan that keeps its schema', () => {
    const potSchema = planSchema.omit({ prep: true });
    fc.assert(
      fc.property(evenings, (evening) => {
        const faults = checkEvening(evening);
        expect(faults.filter(({ field, fix }) => field.length === 0 || fix.length <= 5)).toEqual([]);
        if (faults.length > 0) return;
        planned += 1;
        const plan = planPot(evening);
        expect(potSchema.safeParse(JSON.parse(JSON.stringify(plan))).error?.issues ?? []).toEqual([]);
        expectSound(plan);
      }),
      { numRuns: runs(5) },
    );
  }, 120_000);

  it('has its preparation and its shopping, too', () => {
    fc.assert(
      fc.property(evenings, (evening) => {
        fc.pre(checkEvening(evening).length === 0);
        const plan = planQuickly({ ...evening, choices: { ...evening.choices, bought: [], cutAtHome: SOLD } });
        expect(planSchema.safeParse(JSON.parse(JSON.stringify(plan))).error?.issues ?? []).toEqual([]);
        expectComplete(plan);
      }),
      { numRuns: runs(1) },
    );
  }, 120_000);

  it('can be chosen from any other pot, and then has faults with fields or a plan', () => {
    const others = STYLES.filter((other) => other !== style);
    fc.assert(
      fc.property(fc.constantFrom(...others).chain(eveningsOf), (evening) => {
        const changed = styleChosen(evening, style.id);
        expect(mustReadEvening(JSON.parse(JSON.stringify(changed)))).toEqual(JSON.parse(JSON.stringify(changed)));
        const { diners, pantry, vessel, kitchen, units, sitDownAt } = evening;
        expect(changed).toMatchObject({ diners, vessel, units, sitDownAt });
        expect([changed.pantry, changed.kitchen]).toEqual([pantry, kitchen]);
        const faults = checkEvening(changed);
        if (faults.length === 0) expectSound(planPot(changed));
      }),
      { numRuns: runs(3) },
    );
  }, 120_000);
});

it('most of those evenings can be planned: a test of nothing shows nothing', () => {
  expect(planned).toBeGreaterThan(1.5 * STYLES.length);
});
