import type { Evening } from '@elixa/contract';
import { ingredientById } from '../catalogue/ingredients';
import { FINISHES } from '../catalogue/finishes';
import { checkEvening } from '../evening/resolveMenu';
import { eveningFor, suited } from '../testing/household';
import { WORTH_POURING_ML } from '../simmer/levels';
import { planQuickly } from '../testing/quickly';
import { planPot } from './planPot';

const ending = (finish: string, count = 4) => {
  const evening = eveningFor(count);
  return { ...evening, choices: { ...evening.choices, finish } };
};

describe('the finish', () => {
  it.each(FINISHES.map((finish) => [finish.id, finish] as const))('can end any pot that bears it: %s', (id, finish) => {
    const evening = ending(id);
    const faults = checkEvening(evening);
    // The practice pot is of clay.
    expect(faults.map((fault) => fault.field)).toEqual(finish.dry ? ['choices.finish'] : []);
    if (faults.length > 0) return;
    const plan = planPot(evening);
    const wantedMl = finish.leavesMlPerHead * plan.portions + plan.ending!.drinksMl;
    const foodMl = plan.build.finishPlacements.length === 0 ? 0 : plan.build.usableVolumeMl / 2;
    // Nobody fetches the kettle for less than is worth pouring.
    const leastMl = Math.min(wantedMl, plan.build.usableVolumeMl - foodMl) - WORTH_POURING_ML;
    expect(plan.ending!.brothMl).toBeGreaterThanOrEqual(leastMl);
  });

  it('has the liquid that it asks for: reserve first, then hot water, and no water where there is enough', () => {
    const dry = ending('noodleCake', 9);
    const short = planPot({ ...dry, overrides: { brothMlPerHead: 120 } });
    expect(short.ending!.waterMl).toBeGreaterThan(0);
    const pour = short.simmer.actions.filter((action) => action.says.includes('hot water'));
    expect(pour).toHaveLength(1);
    expect(planPot(ending('soupFromBowl', 2)).ending!.waterMl).toBe(0);
  });

  it('is seasoned to its own strength by what can be worked out by hand', () => {
    for (const [finish, salinityPct] of [
      ['udon', 0.45],
      ['porridge', 0.45],
      ['udon', 1.9],
    ] as const) {
      const plan = planPot({ ...ending(finish), overrides: { salinityPct } });
      const { brothMl, salinityPct: now, soyG = 0, letDownMl = 0 } = plan.ending!;
      const best = FINISHES.find((one) => one.id === finish)!.saltPct![1];
      const soyPct = ingredientById('lightSoy').saltPct;
      const afterPct = (now * brothMl + soyPct * soyG) / (brothMl + letDownMl + soyG);
      expect(afterPct).toBeCloseTo(best, 2);
      expect(plan.ending!.seasoning).toMatch(salinityPct > best ? /hot water/ : /light soy/);
    }
  });

  it('drinks: noodle cakes more than their weight, a soup nothing', () => {
    expect(planPot(ending('noodleCake')).ending!.drinksMl).toBeGreaterThan(4 * 60);
    expect(planPot(ending('soupFromBowl')).ending!.drinksMl).toBe(0);
    expect(planPot(ending('none')).ending).toBeUndefined();
  });

  it('from the bowl is told at the end, though nothing more is cooked', () => {
    expect(planPot(ending('soupFromBowl')).simmer.actions.at(-1)?.says).toMatch(/over what is left of the dips/);
  });
});

describe('rice beside the pot', () => {
  const bowls = (evening: Evening) => {
    const plan = planQuickly(evening);
    const grams = plan.amounts.find((one) => one.purpose === 'beside')?.massG ?? 0;
    return { plan, grams, cooked: plan.prep.tasks.some((task) => task.subjectId === 'plainRice') };
  };

  it('is cooked and bought where a pot is salty and saucy, and wherever the cook wants it', () => {
    const stew = suited(eveningFor(4), 'spicyStew');
    const { plan, grams, cooked } = bowls(stew);
    expect([grams, cooked]).toEqual([4 * 150, true]);
    expect(plan.shopping.find((item) => item.ingredientId === 'dryRice')?.needG).toBeGreaterThan(0.4 * grams);
    expect(plan.simmer.pieces.some((piece) => piece.ingredientId === 'plainRice')).toBe(false);
    expect(bowls({ ...stew, choices: { ...stew.choices, riceBeside: false } }).grams).toBe(0);
    expect(bowls(eveningFor(4)).grams).toBe(0);
    expect(bowls({ ...eveningFor(4), choices: { swaps: [], leaveOut: [], riceBeside: true } }).grams).toBe(4 * 150);
  });
});
