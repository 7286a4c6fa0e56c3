import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { mustReadEvening, planSchema } from '@elixa/contract';
import { POT_FAMILIES } from '../catalogue/formula';
import { STYLES } from '../catalogue/styles';
import { portionsOf } from '../diners/portion';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { VESSELS } from '../catalogue/vessels';
import { timesTable } from '../simmer/timesTable';
import { atOnce } from '../steps/steps';
import { eveningFor, suited } from '../testing/household';
import { prepInSteps } from './planEvening';
import { planPot } from './planPot';
import { rehearsedPot } from './rehearsed';

const POTS = path.join(import.meta.dirname, '..', '..', 'examples', 'pots');
const kebab = (words: string) => words.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
const potOf = (file: string) => mustReadEvening(JSON.parse(readFileSync(path.join(POTS, file), 'utf8')));

describe('what the plan tells besides', () => {
  it.each(STYLES)('weighs each role of the pot for a head as the menu does: $name', ({ id }) => {
    const evening = suited(eveningFor(5), id);
    const { perHead, menu, amounts } = planPot(evening);
    const perHeadG = perHead!.reduce((sum, one) => sum + one.massG, 0);
    const potG = amounts.filter((one) => one.purpose === 'pot').reduce((sum, one) => sum + one.massG, 0);
    expect(perHeadG * portionsOf(evening.diners)).toBeCloseTo(potG, 6);
    const leaves = menu.slots.filter((one) => one.role === 'leaf').reduce((sum, one) => sum + one.massG, 0);
    expect((perHead!.find((one) => one.role === 'leaf')?.massG ?? 0) * portionsOf(evening.diners)).toBeCloseTo(
      leaves,
      6,
    );
  });

  it('says what ends the evening, dry, with what it drinks', () => {
    const plan = planPot(applyEdit(eveningFor(4), { kind: 'finishChosen', finishId: 'noodleCake' }));
    expect(plan.finish).toMatchObject({ id: 'noodleCake', name: expect.stringMatching(/noodle/i) });
    const drinksMl = plan.finish!.ingredients.reduce((sum, one) => sum + one.drinksMl, 0);
    expect(drinksMl).toBeGreaterThan(0);
    expect(plan.ending!.drinksMl).toBeCloseTo(drinksMl, 6);
    const none = planPot(applyEdit(eveningFor(4), { kind: 'finishChosen', finishId: 'none' }));
    expect(none.finish).toEqual({ id: 'none', name: 'none', ingredients: [] });
  });

  it('counts what kimchi and a marinade bring to the broth, and nothing where the food is plain', () => {
    const fromFood = (id: string) => planPot(suited(eveningFor(4), id)).seasoningFromFood!;
    expect(fromFood('spicyStew').saltG).toBeGreaterThan(1);
    expect(fromFood('beefJeongol').sugarG).toBeGreaterThan(1);
    expect(fromFood('clearChicken')).toEqual({ saltG: 0, sugarG: 0 });
    expect(fromFood('sukiyakiEast')).toEqual({ saltG: 0, sugarG: 0 });
    const { liquids, seasoningFromFood } = planPot(suited(eveningFor(4), 'spicyStew'));
    expect(seasoningFromFood!.saltG).toBeCloseTo(liquids[0]!.salt.fromPiecesG, 9);
  });

  it('tells the sides of a divided pot, and none of a whole one', () => {
    const divided = VESSELS.find((one) => one.divided)!;
    const evening = { ...suited(eveningFor(4), 'dividedPot'), vessel: divided };
    const { sides, menu } = planPot(evening);
    expect(sides!.meatFree).toBe('second');
    expect(sides!.first.ingredientIds).toContain('beefSlice');
    expect(sides!.second.ingredientIds).not.toContain('beefSlice');
    const both = new Set([...sides!.first.ingredientIds, ...sides!.second.ingredientIds]);
    for (const one of menu.slots.filter(({ pan, role }) => pan === 'main' && role !== 'finish')) {
      if (one.where) expect(both).toContain(one.ingredientId);
    }
    expect(planPot(eveningFor(4)).sides).toBeUndefined();
  });

  it('names things of the cook’s own where something is made of them', () => {
    const thing = { name: 'rope-end noodles', likeId: 'udon' };
    const plan = planPot(applyEdit(eveningFor(4), { kind: 'ownMade', thing }));
    expect(plan.ownIngredients).toMatchObject([thing]);
    expect(planPot(eveningFor(4)).ownIngredients).toEqual([]);
  });
});

describe('the examples', () => {
  it('hold an evening for each family of pot, each of another kind', () => {
    expect(readdirSync(POTS).sort()).toEqual(POT_FAMILIES.map((family) => `${kebab(family)}.json`).sort());
    expect(new Set(readdirSync(POTS).map((file) => potOf(file).style.id)).size).toBe(POT_FAMILIES.length);
  });

  it.each(POT_FAMILIES)('is planned whole, settled for every guest and safe: %s', (family) => {
    const evening = potOf(`${kebab(family)}.json`);
    expect(checkEvening(evening)).toEqual([]);
    const planned = rehearsedPot(menuOrThrow(evening), timesTable);
    const plan = planSchema.parse({ ...planned.plan, prep: atOnce(prepInSteps(planned, undefined)) });
    expect(plan.conflicts.filter((one) => !one.resolvedBy)).toEqual([]);
    expect(plan.simmer.pieces.every((piece) => piece.safe)).toBe(true);
    expect(plan.finish!.id).toBe(plan.menu.finishId);
  });
});
