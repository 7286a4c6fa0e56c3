import { planSchema, type Evening } from '@elixa/contract';
import fc from 'fast-check';
import { headroomMm } from '../arrange/vesselShape';
import { styleById } from '../catalogue/styles';
import { VESSELS } from '../catalogue/vessels';
import { applyEdit } from '../evening/edits/applyEdit';
import { styleChosen } from '../evening/edits/styleChosen';
import { checkEvening, EveningError } from '../evening/resolveMenu';
import { newEvening } from '../evening/newEvening';
import { planEvening } from './planEvening';
import { planPot } from './planPot';
import { eveningFor, example, guests } from '../testing/household';
import { runs } from '../testing/runs';

const EXAMPLES = ['practice-night', 'first-frost', 'muffled-peal'] as const;
const totalG = (plan: ReturnType<typeof planPot>) =>
  plan.amounts
    .filter((one) => one.purpose !== 'broth' && one.purpose !== 'dip')
    .reduce((sum, one) => sum + one.massG, 0);

describe('planning an evening', () => {
  it.each(EXAMPLES)('gives a plan that keeps its schema: %s', (name) => {
    const plan = planEvening(example(name));
    expect(planSchema.parse(plan)).toEqual(plan);
    expect(planSchema.parse(JSON.parse(JSON.stringify(plan)))).toBeTruthy();
  });

  it('is pure: the same evening, the same plan, and the evening is left as it was', () => {
    const evening = example('muffled-peal');
    const before = JSON.stringify(evening);
    expect(JSON.stringify(planPot(evening))).toBe(JSON.stringify(planPot(example('muffled-peal'))));
    expect(JSON.stringify(evening)).toBe(before);
  });

  it('buys and cooks more for one guest more', () => {
    for (let count = 1; count < 14; count += 1) {
      expect(totalG(planPot(eveningFor(count + 1)))).toBeGreaterThan(totalG(planPot(eveningFor(count))));
    }
  });

  it('buys and cooks more of everything for a hungrier guest', () => {
    const appetite = fc.constantFrom('small', 'regular', 'large');
    fc.assert(
      fc.property(fc.array(appetite, { minLength: 1, maxLength: 10 }), fc.nat(9), (appetites, at) => {
        const index = at % appetites.length;
        const table = (changed: readonly string[]) =>
          planPot(
            eveningFor(changed.length, {
              diners: guests(changed.length).map((diner, seat) => ({ ...diner, appetite: changed[seat] as 'small' })),
            }),
          );
        const smaller = table(appetites.map((one, seat) => (seat === index ? 'small' : one)));
        const larger = table(appetites.map((one, seat) => (seat === index ? 'large' : one)));
        for (const amount of smaller.amounts.filter((one) => one.purpose === 'pot')) {
          const other = larger.amounts.find((one) => one.ingredientId === amount.ingredientId && one.purpose === 'pot');
          expect(other!.massG).toBeGreaterThan(amount.massG);
        }
      }),
      { numRuns: runs(15) },
    );
  });

  it('cooks in the rounds what was bought, no more and no less', () => {
    for (const count of [1, 4, 7, 14]) {
      const plan = planPot(eveningFor(count));
      for (const amount of plan.amounts.filter((one) => one.purpose === 'pot')) {
        const cooked = plan.simmer.pieces
          .filter((piece) => piece.ingredientId === amount.ingredientId && piece.pan === 'main')
          .reduce((sum, piece) => sum + piece.massG, 0);
        expect(cooked).toBeCloseTo(amount.massG, 6);
      }
    }
  });

  it('pours to the share that the pot names, for any table, in every vessel that its stacks can stand in', () => {
    const { share = 0, shareMost = 0 } = styleById('layeredBeefCabbage')!.stages.find((one) => one.pour)!.pour!;
    for (const vessel of VESSELS) {
      for (let count = 1; count <= 14; count += 1) {
        const evening = styleChosen(eveningFor(count, { vessel }), 'layeredBeefCabbage');
        if (checkEvening(evening).length > 0) continue;
        const { build } = planPot(evening);
        const foodMm = vessel.innerDepthMm - headroomMm(vessel);
        const at = `${vessel.id} for ${count}`;
        // With all of it poured there is no more: one guest at a pot for nine.
        const isAllPoured = build.reserveMl < 1;
        expect({ at, least: isAllPoured || build.liquidStandsMm / foodMm >= share - 0.01 }).toEqual({
          at,
          least: true,
        });
        expect({ at, most: build.liquidStandsMm / foodMm <= shareMost + 0.01 }).toEqual({ at, most: true });
      }
    }
  });

  it('takes what the cook sets by hand', () => {
    const plan = planPot(
      eveningFor(4, { overrides: { gramsPerHead: { firmTofu: 120 }, salinityPct: 0.6, brothMlPerHead: 400 } }),
    );
    expect(plan.amounts.find((one) => one.ingredientId === 'firmTofu')!.massG).toBeCloseTo(480, 6);
    expect(plan.liquids[0]!.salinityPct).toBeCloseTo(0.6, 6);
    // What thins the dip is made too.
    const dip = plan.liquids.find((one) => one.thinnedWith === 'potBroth')!;
    expect(plan.liquids[0]!.finishedMl).toBeCloseTo(1600 + dip.startWaterMl, 1);
  });

  it('plans a table of twenty-four and a table of one', () => {
    expect(planPot(eveningFor(24)).build.rounds.length).toBeGreaterThan(5);
    expect(planPot(eveningFor(1)).build.rounds.length).toBe(1);
  });

  it('starts a new evening that can be planned at once', () => {
    const fresh = newEvening({ id: 'fresh', title: 'Tuesday', sitDownAt: '2026-11-24T19:30:00+01:00' });
    expect(checkEvening(fresh)).toEqual([]);
    expect(planPot(fresh).simmer.litAt).toMatch(/\+01:00$/);
  });
});

describe('cautions', () => {
  const ids = (evening: Evening) => planPot(evening).cautions.map((one) => one.id);

  it('come with chicken, egg and portable gas, and say what called for them', () => {
    const { cautions } = planPot(example('practice-night'));
    expect(cautions.map((one) => one.id)).toEqual(expect.arrayContaining(['chickenThrough', 'softEgg', 'portableGas']));
    expect(cautions.find((one) => one.id === 'softEgg')!.because).toContain('Pim');
    expect(cautions.find((one) => one.id === 'chickenThrough')!.text).toMatch(/74 °C.*[Ll]ocal/s);
    expect(cautions[0]!.severity).toBe('danger');
    const withSake = planPot(eveningFor(4)).cautions.find((one) => one.id === 'alcoholStays');
    expect(withSake?.because).toContain('mirin');
    expect(ids(example('practice-night'))).not.toContain('alcoholStays');
  });

  it('come with what is in a sauce or a base too', () => {
    const evening = eveningFor(3, { overrides: { gramsPerHead: { egg: 0 } } });
    const withLiquids = (liquids: object) => ids({ ...evening, choices: { ...evening.choices, liquids } });
    expect(withLiquids({})).not.toContain('rawEgg');
    expect(withLiquids({ sauces: ['rawEggDip'] })).toContain('rawEgg');
    expect(withLiquids({ ahead: ['numbingBase'] })).toContain('chilliFumes');
  });

  it('go when their reason goes', () => {
    const evening = eveningFor(3, { choices: { swaps: [], leaveOut: ['egg', 'chickenThigh'] } });
    const ring = example('first-frost');
    expect(ids(evening)).not.toContain('rawEgg');
    expect(ids(evening)).not.toContain('chickenThrough');
    expect(ids(ring)).not.toContain('portableGas');
    expect(ids(ring)).not.toContain('clayShock');
  });

  it('forbid clay on induction', () => {
    const evening = eveningFor(3, { heatSource: example('first-frost').heatSource });
    expect(ids(evening)).toContain('notForInduction');
  });

  it('tell of the cord of a pan that heats itself, and of a pan and a burner that do not belong together', () => {
    const skillet = applyEdit(eveningFor(3), {
      kind: 'vesselChosen',
      vessel: VESSELS.find((one) => one.id === 'skillet30')!,
    });
    expect(ids(skillet)).toContain('cordAndWater');
    expect(ids(skillet)).not.toContain('portableGas');
    expect(ids(skillet)).not.toContain('notOnThisBurner');
    const onGas = { ...skillet, heatSource: eveningFor(3).heatSource };
    expect(ids(onGas)).toContain('notOnThisBurner');
    expect(ids({ ...eveningFor(3), heatSource: skillet.heatSource })).toContain('notOnThisBurner');
  });
});

describe('an evening that cannot be planned', () => {
  it('names a liquid that does not exist or is of another kind', () => {
    const faults = (liquids: object) => {
      const evening = eveningFor(2);
      return checkEvening({ ...evening, choices: { ...evening.choices, liquids } });
    };
    expect(faults({ broth: 'moonBroth' })[0]).toMatchObject({ field: 'choices.liquids.broth' });
    expect(faults({ broth: 'soyScallion' })[0]?.fix).toMatch(/clearDashi/);
    expect(faults({ sauces: ['citrusSoy', 'numbingBase'] })[0]?.field).toBe('choices.liquids.sauces[1]');
    expect(faults({ sauces: ['citrusSoy', 'citrusSoy'] })[0]?.message).toMatch(/twice/);
    expect(faults({ broth: 'misoDashi', sauces: ['citrusSoy'], ahead: ['chilliSauce'] })).toEqual([]);
  });

  const evening = example('practice-night');
  it.each<[string, Evening]>([
    ['style.id', { ...evening, style: { ...evening.style, id: 'stoneSoup' } }],
    ['style.schools.kelp', { ...evening, style: { ...evening.style, schools: { kelp: 'boiled' } } }],
    ['style.schools.salt', { ...evening, style: { ...evening.style, schools: { salt: 'much' } } }],
    ['service', { ...evening, service: 'swish' }],
    ['choices.leaveOut[0]', { ...evening, choices: { swaps: [], leaveOut: ['beef'] } }],
    ['overrides.gramsPerHead.beef', { ...evening, overrides: { gramsPerHead: { beef: 100 } } }],
    [
      'choices.swaps[0].withIngredientId',
      {
        ...evening,
        choices: { swaps: [{ ingredientId: 'sake', withIngredientId: 'egg', scope: 'everyone' }], leaveOut: [] },
      },
    ],
    ['choices.bought[0]', { ...evening, choices: { ...evening.choices, bought: ['moonDust'] } }],
    ['pantry[0].itemId', { ...evening, pantry: [{ itemId: 'moonDust', massG: 1, changedAt: evening.sitDownAt }] }],
    ['kitchen.startAt', { ...evening, kitchen: { startAt: evening.sitDownAt } }],
    ['diners[1].name', { ...evening, diners: [evening.diners[0]!, evening.diners[0]!] }],
  ])('names %s and the fix', (field, broken) => {
    const faults = checkEvening(broken);
    expect(faults.map((one) => one.field)).toContain(field);
    expect(faults.every((one) => one.fix.length > 5)).toBe(true);
    expect(() => planPot(broken)).toThrow(EveningError);
  });

  it('says so when nothing is left to cook', () => {
    const all = planPot(evening)
      .amounts.filter((one) => one.purpose === 'pot')
      .map((one) => one.ingredientId);
    const faults = checkEvening({ ...evening, choices: { swaps: [], leaveOut: all } });
    expect(faults[0]).toMatchObject({ field: 'choices.leaveOut', message: 'Nothing is left to cook' });
  });
});
