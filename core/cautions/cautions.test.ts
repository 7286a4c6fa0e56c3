import type { Diner, Evening, Liquid } from '@elixa/contract';
import type { Peril } from '../catalogue/ingredient';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { CATALOGUE } from '../catalogue/catalogue';
import { VESSELS } from '../catalogue/vessels';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example, guests, suited } from '../testing/household';
import { cautionsFor } from './cautions';
import type { Situation } from './situation';

const situation = (
  foodIds: readonly string[],
  liquidIds: readonly string[],
  diners: Diner[] = guests(2),
): Situation => ({
  evening: eveningFor(diners.length, { diners }),
  catalogue: CATALOGUE,
  helpings: foodIds.map((ingredientId) => ({
    ingredientId,
    what: ingredientById(ingredientId),
    pan: 'main',
    purpose: 'pot',
    slotId: ingredientId,
    role: 'main',
    place: 'ring',
    layer: 0,
    massG: 100,
    cuts: [],
  })),
  liquids: liquidIds.map(
    (ingredientId) => ({ name: 'broth', heat: 0, ingredients: [{ ingredientId }] }) as unknown as Liquid,
  ),
  conflicts: [],
  jars: [],
});
const child: Diner = { ...guests(1)[0]!, name: 'Pim', child: true };
const expecting: Diner = { ...guests(1)[0]!, name: 'Ines', expecting: true };

describe('what is known of a thing is said where it matters', () => {
  const perils = [...new Set(INGREDIENTS.flatMap((one) => one.perils))];
  it.each(perils)('every thing with the peril "%s" calls for a caution by name', (peril: Peril) => {
    for (const { id, name } of INGREDIENTS.filter((one) => one.perils.includes(peril))) {
      const inFood = cautionsFor(situation([id], [], [child]));
      const inBroth = cautionsFor(situation([], [id], [child]));
      const others = INGREDIENTS.find((one) => one.perils.length === 0 && one.kinds.includes('plant'))!;
      const usual = new Set(cautionsFor(situation([others.id], [], [child])).map((one) => one.id));
      const called = [...inFood, ...inBroth].filter((one) => !usual.has(one.id));
      expect(called.flatMap((one) => one.because)).toContain(name);
    }
  });

  it('is said once', () => {
    for (const evening of [example('practice-night'), example('first-frost'), example('muffled-peal')]) {
      const ids = planPot(evening).cautions.map((one) => one.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it.each(STYLES)(
    'is said once, names each thing once, and speaks of poultry and shells where they are: $name',
    ({ id }) => {
      const guest = (name: string, more: Partial<Diner>): Diner => ({ ...guests(1)[0]!, name, ...more });
      const diners = [
        child,
        expecting,
        guest('Tove', { diets: ['vegetarian'] }),
        guest('Noor', { diets: ['noAlcohol'], avoids: ['peanut', 'sesame'] }),
      ];
      const { cautions, amounts } = planPot({ ...suited(eveningFor(4), id), diners });
      for (const key of ['id', 'text'] as const) {
        expect(new Set(cautions.map((one) => one[key])).size).toBe(cautions.length);
      }
      for (const { because } of cautions) expect(because).toEqual([...new Set(because)]);
      const food = amounts.map((one) => ingredientById(one.ingredientId));
      const said = cautions.map((one) => one.text).join(' ');
      if (!food.some((one) => one.kinds.includes('poultry'))) expect(said).not.toMatch(/chicken|[Pp]oultry is/);
      expect(said).not.toMatch(/\bchicken\b/i);
      if (!food.some((one) => one.perils.includes('shells'))) expect(said).not.toMatch(/scrub/);
      if (!food.some((one) => one.kinds.includes('fish'))) expect(said).not.toMatch(/Fish (is|has)/);
    },
  );

  it('warns of choking only where small children or the frail eat', () => {
    const ids = (diners: Diner[]) => cautionsFor(situation(['riceCake'], [], diners)).map((one) => one.id);
    expect(ids([child])).toContain('choking');
    expect(ids([{ ...child, child: false, frail: true }])).toContain('choking');
    expect(ids(guests(2))).not.toContain('choking');
  });

  it('is graver about raw egg where a child or somebody expecting eats', () => {
    const severity = (diners: Diner[]) =>
      cautionsFor(situation(['egg'], [], diners)).find((one) => one.id === 'rawEgg')!.severity;
    expect(severity(guests(2))).toBe('warning');
    expect(severity([child])).toBe('danger');
    expect(severity([expecting])).toBe('danger');
  });

  it('tells mince from whole meat, and pork from chicken', () => {
    const ids = (id: string) => cautionsFor(situation([id], [])).map((one) => one.id);
    expect(ids('porkMince')).toContain('minceThrough');
    expect(ids('porkMince')).not.toContain('porkThrough');
    expect(ids('porkLoin')).toContain('porkThrough');
    expect(ids('chickenThigh')).toContain('chickenThrough');
    expect(ids('clam')).toEqual(expect.arrayContaining(['shellfishThrough', 'shells']));
  });

  it('keeps the halves of a divided pot apart, and chilli from a child', () => {
    const halves: Evening = eveningFor(3, {
      diners: [...guests(2), child],
      vessel: VESSELS.find((one) => one.divided)!,
      heatSource: example('first-frost').heatSource,
      choices: { swaps: [], leaveOut: [], liquids: { broth: 'numbingBroth', otherHalf: 'mildBoneBroth' } },
    });
    const { cautions } = planPot(halves);
    expect(cautions.map((one) => one.id)).toEqual(expect.arrayContaining(['splitPot', 'chilliForChild']));
    expect(cautions.find((one) => one.id === 'chilliForChild')!.because).toContain('Pim');
    expect(planPot(eveningFor(3)).cautions.map((one) => one.id)).not.toContain('splitPot');
  });

  it('names every thing as the catalogue does', () => {
    expect(cautionsFor(situation(['soybean'], [])).find((one) => one.id === 'boilFully')!.because).toEqual([
      ingredientById('soybean').name,
    ]);
  });
});
