import type { Diner, Swap } from '@elixa/contract';
import { ingredientById, INGREDIENTS } from '../catalogue/ingredients';
import { checkEvening } from '../evening/resolveMenu';
import { applyEdit } from '../evening/edits/applyEdit';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example, guests } from '../testing/household';
import { portionOf } from './portion';
import { whyNot } from './whyNot';

const tove = example('muffled-peal').diners.find((diner) => diner.name === 'Tove')!;
const noor = example('muffled-peal').diners.find((diner) => diner.name === 'Noor')!;
const regular = guests(1)[0]!;
const asideCod: Swap = { ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' };
const massOf = (plan: ReturnType<typeof planPot>, id: string, purpose: string) =>
  plan.amounts.find((one) => one.ingredientId === id && one.purpose === purpose)?.massG ?? 0;

describe('portions', () => {
  it('grow with appetite and are smaller for a child', () => {
    const sizes = (['small', 'regular', 'large'] as const).map((appetite) => portionOf({ ...regular, appetite }));
    expect(sizes[0]!).toBeLessThan(sizes[1]!);
    expect(sizes[1]!).toBeLessThan(sizes[2]!);
    expect(portionOf({ ...regular, child: true })).toBeLessThan(portionOf(regular));
    const byYears = Array.from({ length: 18 }, (_, years) => portionOf({ ...regular, child: true, years }));
    expect(byYears).toEqual([...byYears].sort((a, b) => a - b));
    expect(byYears[0]).toBeGreaterThan(0);
    expect(byYears[17]).toBe(portionOf(regular));
  });
});

describe('the order of the guests', () => {
  it('is no matter for anything that is weighed, poured or bought', () => {
    const sizes = ['small', 'regular', 'large', 'large', 'regular', 'small', 'regular'] as const;
    const diners = sizes.map((appetite, seat) => ({ ...regular, name: `Ringer ${seat}`, appetite }));
    const told = (all: Diner[]) => {
      const { amounts, shopping, liquids } = planPot(eveningFor(7, { diners: all }));
      return { amounts, shopping, water: liquids.map((one) => one.startWaterText) };
    };
    const first = told(diners);
    for (let turn = 1; turn < diners.length; turn += 1) {
      expect(told([...diners.slice(turn), ...diners.slice(0, turn)])).toEqual(first);
    }
  });
});

describe('who can eat what', () => {
  it('keeps each diet from what it excludes and from nothing else', () => {
    const eats = (diets: Diner['diets'], id: string) => whyNot({ ...regular, diets }, ingredientById(id)) === undefined;
    expect(eats(['pescatarian'], 'chickenThigh')).toBe(false);
    expect(eats(['pescatarian'], 'codFillet')).toBe(true);
    expect(eats(['vegetarian'], 'bonitoFlakes')).toBe(false);
    expect(eats(['vegetarian'], 'egg')).toBe(true);
    expect(eats(['vegan'], 'egg')).toBe(false);
    expect(eats(['noAlcohol'], 'mirin')).toBe(false);
    expect(eats(['noPork'], 'chickenThigh')).toBe(true);
  });

  it('minds allergens and single ingredients', () => {
    expect(whyNot({ ...regular, avoids: ['soy'] }, ingredientById('firmTofu'))).toBe('avoids soy');
    expect(whyNot({ ...regular, avoids: ['enoki'] }, ingredientById('enoki'))).toBe('avoids enoki mushrooms');
  });

  it('says of an allergen that it is one, whatever else a diet has against it', () => {
    for (const what of INGREDIENTS) {
      for (const avoided of [...what.allergens, what.id]) {
        for (const diets of [[], ['vegan'], ['noPork', 'pescatarian']] as Diner['diets'][]) {
          expect(`${what.id} ${whyNot({ ...regular, diets, avoids: [avoided] }, what)}`).toMatch(/ avoids /);
        }
      }
    }
  });

  it('makes an open allergen of a vegan the gravest caution of all, not a matter of diet', () => {
    const evening = eveningFor(3);
    const [first, ...rest] = evening.diners;
    const plan = planPot({ ...evening, diners: [{ ...first!, diets: ['vegan'], avoids: ['egg'] }, ...rest] });
    const egg = plan.conflicts.find((one) => one.ingredientId === 'egg')!;
    expect(egg).toMatchObject({ weight: 'harm' });
    expect(egg.resolvedBy).toBeUndefined();
    expect(plan.cautions[0]).toMatchObject({ id: 'unsettledAllergen', severity: 'danger' });
    expect(plan.cautions[0]!.because.join()).toContain('egg');
  });
});

describe('conflicts', () => {
  it('names what Tove and Noor cannot have and Pim is asked about, and offers something for each', () => {
    const evening = example('muffled-peal');
    const { conflicts } = planPot(evening);
    expect(conflicts.map((one) => `${one.diner}: ${one.ingredientId}`)).toEqual([
      'Tove: chickenThigh',
      'Noor: sake',
      'Noor: mirin',
      'Pim: sake',
      'Pim: mirin',
    ]);
    for (const conflict of conflicts) expect(conflict.offers.length).toBeGreaterThan(0);
    expect(conflicts.every((one) => one.resolvedBy === undefined)).toBe(true);
  });

  it('never offers a guest what the guest cannot eat either', () => {
    const vegan: Diner = { ...regular, name: 'Vegan', diets: ['vegan'] };
    const evening = eveningFor(2, { diners: [regular, vegan] });
    const offers = planPot(evening).conflicts.flatMap((one) => one.offers);
    expect(offers.some((one) => one.withIngredientId === 'codFillet')).toBe(false);
    expect(offers.some((one) => one.withIngredientId === 'friedTofu')).toBe(true);
  });

  it('counts what a guest cannot eat out of the amounts', () => {
    const without = planPot(eveningFor(3));
    const withTove = planPot(eveningFor(3, { diners: [...guests(3), tove] }));
    expect(massOf(withTove, 'chickenThigh', 'pot')).toBeCloseTo(massOf(without, 'chickenThigh', 'pot'), 6);
    expect(massOf(withTove, 'carrot', 'pot')).toBeGreaterThan(massOf(without, 'carrot', 'pot'));
  });
});

describe('eggs', () => {
  it('come whole, for any number of guests', () => {
    for (let count = 1; count <= 9; count += 1) {
      const eggsG = massOf(planPot(eveningFor(count)), 'egg', 'finish');
      expect(eggsG % 50).toBe(0);
      expect(eggsG).toBeGreaterThan(0);
    }
  });
});

describe('a small pan aside', () => {
  const evening = eveningFor(3, { diners: [...guests(3), tove], choices: { swaps: [asideCod], leaveOut: [] } });
  const plan = planPot(evening);

  it('cooks the swap for the guest alone and settles the conflict', () => {
    expect(massOf(plan, 'codFillet', 'aside')).toBeCloseTo(150, 6);
    expect(massOf(plan, 'codFillet', 'pot')).toBe(0);
    expect(plan.conflicts.find((one) => one.diner === 'Tove')?.resolvedBy).toBe('cod fillet, skin on in a small pan');
  });

  it('keeps chicken out of it, and times it with the first round', () => {
    const aside = plan.simmer.pieces.filter((one) => one.pan === 'aside' && one.round === 1);
    expect(aside.map((one) => one.ingredientId)).not.toContain('chickenThigh');
    expect(new Set(aside.map((one) => one.outAtS))).toEqual(new Set([plan.simmer.readyAtS[0]]));
    expect(aside.every((one) => one.inWindow && one.safe)).toBe(true);
  });

  it('becomes the pot itself when everybody would sit aside', () => {
    const alone = planPot(eveningFor(1, { diners: [tove], choices: { swaps: [asideCod], leaveOut: [] } }));
    expect(massOf(alone, 'codFillet', 'pot')).toBeGreaterThan(0);
    expect(alone.simmer.pieces.some((one) => one.pan === 'aside')).toBe(false);
  });
});

describe('swaps in the broth', () => {
  it('replaces mirin by as much sugar as is as sweet, and drops the alcohol', () => {
    const swaps: Swap[] = [
      { ingredientId: 'mirin', withIngredientId: 'sugar', scope: 'everyone' },
      { ingredientId: 'sake', withIngredientId: 'water', scope: 'everyone' },
    ];
    const before = planPot(eveningFor(3)).liquids[0]!;
    const plan = planPot(eveningFor(3, { diners: [...guests(2), noor], choices: { swaps, leaveOut: [] } }));
    const broth = plan.liquids[0]!;
    const grams = (liquid: typeof broth, id: string) =>
      liquid.ingredients.find((one) => one.ingredientId === id)?.massG ?? 0;
    expect(broth.ingredients.map((one) => one.ingredientId)).not.toContain('sake');
    const perLitre = (liquid: typeof broth, id: string) => grams(liquid, id) / liquid.finishedMl;
    expect(perLitre(broth, 'sugar')).toBeCloseTo(perLitre(before, 'mirin') * 0.38, 8);
    expect(plan.conflicts.every((one) => one.resolvedBy)).toBe(true);
  });

  it.each([
    ['lightSoy', 'tamari'],
    ['lightSoy', 'salt'],
    ['darkSoy', 'tamari'],
    ['darkSoy', 'salt'],
  ])('keeps the salinity when %s becomes %s', (ingredientId, withIngredientId) => {
    const before = planPot(eveningFor(4)).liquids;
    const swaps: Swap[] = [{ ingredientId, withIngredientId, scope: 'everyone' }];
    const after = planPot(eveningFor(4, { choices: { swaps, leaveOut: [] } })).liquids;
    after.forEach((liquid, index) => expect(liquid.salinityPct).toBeCloseTo(before[index]!.salinityPct, 6));
  });
});

describe('those who eat apart', () => {
  const settled: Swap[] = [
    { ingredientId: 'chickenThigh', withIngredientId: 'friedTofu', scope: 'aside' },
    { ingredientId: 'bonitoFlakes', withIngredientId: 'driedShiitake', scope: 'aside' },
    { ingredientId: 'sake', withIngredientId: 'water', scope: 'aside' },
    { ingredientId: 'mirin', withIngredientId: 'sugar', scope: 'aside' },
  ];
  const vegan: Diner = { ...guests(1)[0]!, name: 'Vegan', diets: ['vegan', 'noAlcohol'] };
  const evening = eveningFor(3, {
    diners: [...guests(3), vegan],
    choices: { swaps: settled, leaveOut: ['egg'] },
  });
  const plan = planPot(evening);

  it('have a dip that nothing from the pot has thinned', () => {
    const own = plan.liquids.find((one) => one.forGuests?.includes('Vegan') && one.kind === 'sauce')!;
    expect(own.thinnedWith).toBe('asideBroth');
    expect(own.contains).not.toContain('fish');
    expect(own.contains).not.toContain('alcohol');
    const shared = plan.liquids.find((one) => one.formulaId === own.formulaId && one.place === 'pot')!;
    expect(shared.thinnedWith).toBe('potBroth');
    expect(shared.contains).toEqual(expect.arrayContaining(['fish', 'alcohol']));
  });

  it('are called settled only when nothing that they cannot eat reaches them', () => {
    expect(plan.conflicts.filter((one) => one.diner === 'Vegan' && !one.resolvedBy)).toEqual([]);
    const withoutDip = planPot({
      ...evening,
      choices: { swaps: settled.filter((swap) => swap.ingredientId !== 'sake'), leaveOut: ['egg'] },
    });
    expect(withoutDip.conflicts.filter((one) => !one.resolvedBy).map((one) => one.ingredientId)).toContain('sake');
  });

  it('are asked about what they get only because others share their pan', () => {
    const swaps: Swap[] = [asideCod, ...settled.filter((one) => one.ingredientId !== 'chickenThigh')];
    const shared = planPot(eveningFor(2, { diners: [...guests(2), tove, noor], choices: { swaps, leaveOut: [] } }));
    expect(shared.asks).toEqual([expect.objectContaining({ diner: 'Noor' })]);
    expect(shared.asks[0]!.text).toMatch(/sake and mirin.*cod fillet.*chicken thigh/);
    const edit = shared.asks[0]!.advice[0]!.edit!;
    const after = planPot(
      applyEdit(eveningFor(2, { diners: [...guests(2), tove, noor], choices: { swaps, leaveOut: [] } }), edit),
    );
    expect(after.asks).toEqual([]);
    expect(after.conflicts.filter((one) => one.diner === 'Noor' && !one.resolvedBy)).toEqual([]);
  });
});

describe('what a guest avoids', () => {
  const avoiding = (avoids: string[], more: Partial<Diner> = {}) =>
    eveningFor(2, { diners: [...guests(1), { ...regular, name: 'Kasper', avoids, ...more }] });

  it('is known, or refused with what is known', () => {
    const faults = checkEvening(avoiding(['peanuts']));
    expect(faults).toEqual([expect.objectContaining({ field: 'diners[1].avoids[0]' })]);
    expect(faults[0]!.fix).toContain('peanut');
    expect(checkEvening(avoiding(['peanut', 'enoki']))).toEqual([]);
  });

  it('is the gravest caution of all while nothing is settled, and goes when it is', () => {
    const open = planPot(avoiding(['soy']));
    expect(open.cautions[0]).toMatchObject({ id: 'unsettledAllergen', severity: 'danger' });
    expect(open.cautions[0]!.because.join()).toMatch(/Kasper avoids soy/);
    const left = planPot({ ...avoiding(['enoki']), choices: { swaps: [], leaveOut: ['enoki'] } });
    expect(left.cautions.map((one) => one.id)).not.toContain('unsettledAllergen');
  });

  it('is seen too where only an exchange brings it in', () => {
    const swaps: Swap[] = [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'everyone' }];
    const plan = planPot({ ...avoiding(['codFillet']), choices: { swaps, leaveOut: [] } });
    expect(plan.conflicts).toContainEqual(
      expect.objectContaining({ diner: 'Kasper', ingredientId: 'codFillet', standsInFor: 'chickenThigh' }),
    );
    expect(plan.cautions[0]!.id).toBe('unsettledAllergen');
  });
});
