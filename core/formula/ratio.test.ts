import type { Evening, Liquid } from '@elixa/contract';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Formula } from '../catalogue/formula';
import { formulaById, FORMULAS } from '../catalogue/formulas';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { mixedParts, partsTyped, ratioOf, takesRatio, THINNER } from './ratio';

const MIXED = FORMULAS.filter(takesRatio);
const evening = (formula: Formula): Evening => {
  const base = formula.kind === 'sauce' ? eveningFor(4) : suited(eveningFor(4), 'sukiyakiEast');
  return formula.kind === 'sauce'
    ? { ...base, choices: { ...base.choices, liquids: { sauces: [formula.id] } } }
    : { ...base, choices: { ...base.choices, liquids: { broth: formula.id } } };
};
const liquidIn = (one: Evening, id: string): Liquid => planPot(one).liquids.find(({ formulaId }) => formulaId === id)!;
const mixedBy = (formula: Formula, ratio: Record<string, number>) =>
  applyEdit(evening(formula), { kind: 'ratioSet', formulaId: formula.id, ratio });
const ratioNow = (liquid: Liquid, formula: Formula) =>
  ratioOf(liquid, mixedParts(formula, evening(formula).style.schools), CATALOGUE, 'metric');

describe.each(MIXED.map((formula) => [formula.name, formula] as const))('%s', (_name, formula) => {
  const written = liquidIn(evening(formula), formula.id);
  const ratio = ratioNow(written, formula);

  it('mixed by the ratio that it has comes out as it is written, in amount, salt, sweetness and acid', () => {
    const again = liquidIn(mixedBy(formula, ratio), formula.id);
    expect(again.finishedMl / written.finishedMl).toBeCloseTo(1, 1);
    expect(again.salinityPct / written.salinityPct).toBeCloseTo(1, 1);
    expect(again.sweetnessPct).toBeCloseTo(written.sweetnessPct, 0);
    expect(again.acidityPct).toBeCloseTo(written.acidityPct, 1);
  });

  it('has as much of everything as was asked, by volume, whatever one part is called', () => {
    const twice = Object.fromEntries(Object.entries(ratio).map(([id, parts]) => [id, 2 * parts]));
    const [one, other] = [ratio, twice].map((asked) =>
      ratioNow(liquidIn(mixedBy(formula, asked), formula.id), formula),
    );
    const sum = (all: Record<string, number>) => Object.values(all).reduce((total, parts) => total + parts, 0);
    for (const id of Object.keys(ratio)) {
      // A measure that comes out of a spoon moves a little part by a little.
      expect(Math.abs(one![id]! / sum(one!) - ratio[id]! / sum(ratio))).toBeLessThan(0.02);
      expect(other![id]! / sum(other!)).toBeCloseTo(one![id]! / sum(one!), 2);
    }
  });
});

describe('a ratio of one’s own', () => {
  const dip = formulaById('mustardVinegar')!;
  const plain = { darkSoy: 2, riceVinegar: 2, sugar: 1, [THINNER]: 1 };

  it('is saltier with more soy, sharper with more vinegar, and says when it leaves its band', () => {
    const liquid = (ratio: Record<string, number>) => liquidIn(mixedBy(dip, ratio), dip.id);
    const [base, salty, sharp] = [plain, { ...plain, darkSoy: 5 }, { ...plain, riceVinegar: 5 }].map(liquid);
    expect(salty!.salinityPct).toBeGreaterThan(base!.salinityPct * 1.3);
    expect(sharp!.acidityPct).toBeGreaterThan(base!.acidityPct * 1.3);
    expect(salty!.finishedMl / base!.finishedMl).toBeCloseTo(1, 1);
    expect(salty!.misses.join(' ')).toMatch(/salt|strong/i);
  });

  it('leaves out what it does not name, and what lets it down', () => {
    const neat = liquidIn(mixedBy(dip, { darkSoy: 1, riceVinegar: 1 }), dip.id);
    const [soy, vinegar] = ['darkSoy', 'riceVinegar'].map((id) => {
      const { massG } = neat.ingredients.find((one) => one.ingredientId === id)!;
      return massG / CATALOGUE.byId(id).densityGPerMl;
    });
    expect(soy! / vinegar!).toBeCloseTo(1, 1);
    expect(neat.ingredients.map((one) => one.ingredientId)).not.toContain('sugar');
    expect([neat.startWaterText, neat.steps.some(({ says }) => /thin each bowl|let down/i.test(says))]).toEqual([
      '',
      false,
    ]);
  });

  it('goes back to what is written, and takes no taste besides', () => {
    const turned = applyEdit(evening(dip), { kind: 'tasteTurned', formulaId: dip.id, taste: { salt: 2 } });
    const mixed = applyEdit(turned, { kind: 'ratioSet', formulaId: dip.id, ratio: plain });
    expect(mixed.choices.taste ?? {}).toEqual({});
    const back = applyEdit(mixed, { kind: 'ratioSet', formulaId: dip.id });
    expect(back.choices.ratios).toEqual({});
    expect(liquidIn(back, dip.id)).toEqual(liquidIn(evening(dip), dip.id));
  });

  it.each([
    [{ mustardVinegar: { daikon: 1 } }, 'choices.ratios.mustardVinegar.daikon'],
    [{ mustardVinegar: { darkSoy: 0 } }, 'choices.ratios.mustardVinegar'],
    [{ clearDashi: { lightSoy: 1 } }, 'choices.ratios.clearDashi'],
    [{ nothing: { lightSoy: 1 } }, 'choices.ratios.nothing'],
  ])('names the field of what cannot be mixed: %j', (ratios, field) => {
    const base = evening(dip);
    const faults = checkEvening({ ...base, choices: { ...base.choices, ratios: ratios as never } });
    expect(faults.map((one) => one.field)).toContain(field);
  });

  it.each([
    ['3', 3],
    ['1½', 1.5],
    ['2 parts', 2],
    ['2 tbsp', 2],
    ['1 tsp', 1 / 3],
    ['0', 0],
    ['a bit', undefined],
    ['40 g', undefined],
    ['500', undefined],
  ])('reads %s', (text, parts) => {
    const read = partsTyped(text, 'metric');
    if (parts === undefined) expect(read).toBeUndefined();
    else expect(read).toBeCloseTo(parts, 6);
  });
});
