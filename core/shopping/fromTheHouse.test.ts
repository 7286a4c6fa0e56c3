import type { PantryItem } from '@elixa/contract';
import fc from 'fast-check';
import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening, menuOrThrow } from '../evening/resolveMenu';
import { asSwap, exchangesFromHouse } from './exchangesFromHouse';
import { fromTheHouse } from './fromTheHouse';
import { runs } from '../testing/runs';
import { CATALOGUE } from '../catalogue/catalogue';

const DAY = '2026-11-24';
const NOW = '2026-11-23T10:00:00.000Z';
const item = (itemId: string, massG: number, bestBefore?: string): PantryItem => ({
  itemId,
  massG,
  bestBefore,
  changedAt: NOW,
});
const carries = (pantry: PantryItem[], styleId = 'clearChicken') => {
  const evening = suited(eveningFor(3, { pantry }), styleId);
  const menu = menuOrThrow(evening);
  const { shopping } = planPot(evening);
  const instead = exchangesFromHouse(menu, shopping, pantry, DAY);
  return fromTheHouse(CATALOGUE, shopping, pantry, DAY, menu.slots.pot, instead);
};

describe('what the house carries of a pot', () => {
  it('is nothing while nothing is counted, and everything has to be bought', () => {
    const none = carries([]);
    expect([none.have, none.score, none.usesUp]).toEqual([0, 0, []]);
    expect(none.missing).toHaveLength(none.of);
    expect(none.missing).not.toContain('water');
    // The heaviest first.
    expect(none.missing[0]).toBe('chicken thigh, boned');
  });

  it('counts a thing that there is enough of, and not one that there is too little of', () => {
    const empty = carries([]);
    expect(carries([item('chickenThigh', 2000)])).toMatchObject({ have: 1, of: empty.of });
    const little = carries([item('chickenThigh', 100)]);
    expect(little.have).toBe(0);
    expect(little.missing).toContain('chicken thigh, boned');
  });

  it('names what goes off within three days of the evening, and no other', () => {
    const names = (bestBefore?: string) => carries([item('firmTofu', 400, bestBefore)]).usesUp;
    expect(names('2026-11-27')).toEqual(['firm tofu']);
    expect(names('2026-11-24')).toEqual(['firm tofu']);
    expect(names('2026-11-28')).toEqual([]);
    expect(names()).toEqual([]);
    // What is past is not food any more.
    expect(names('2026-11-23')).toEqual([]);
  });

  it('ranks the pot that uses up what would be wasted before one that does not', () => {
    const pantry = [item('duckBreast', 600, '2026-11-25'), item('salt', 500)];
    const ranked = STYLES.map((style) => ({ id: style.id, ...carries(pantry, style.id) })).sort(
      (a, b) => b.score - a.score,
    );
    expect(ranked[0]!.id).toBe('clearDuckSwish');
  });

  it('counts what it has instead, like for like, main things first, and opens so', () => {
    const found = carries([item('duckBreast', 3000), item('maitake', 500)]);
    expect(found.instead[0]).toEqual({ ingredientId: 'chickenThigh', withIngredientId: 'duckBreast' });
    expect(found.instead.map((one) => one.withIngredientId)).toContain('maitake');
    expect(found.missing).not.toContain('chicken thigh, boned');
    const evening = suited(eveningFor(3), 'clearChicken');
    const opened = found.instead.reduce(
      (now, one) => applyEdit(now, { kind: 'swapTaken', swap: asSwap(one) }),
      evening,
    );
    expect(checkEvening(opened)).toEqual([]);
    expect(planPot(opened).shopping.map((one) => one.ingredientId)).not.toContain('chickenThigh');
  });

  it('exchanges nothing for what there is too little of, what a guest avoids, or what is in the pot already', () => {
    expect(carries([item('duckBreast', 100)]).instead).toEqual([]);
    expect(carries([item('shiitake', 3000)]).instead.map((one) => one.withIngredientId)).not.toContain('shiitake');
    const evening = suited(eveningFor(3), 'clearChicken');
    const [first, ...others] = evening.diners;
    const menu = menuOrThrow({ ...evening, diners: [{ ...first!, avoids: ['duckBreast'] }, ...others] });
    expect(exchangesFromHouse(menu, planPot(evening).shopping, [item('duckBreast', 3000)], DAY)).toEqual([]);
  });

  it('exchanges nothing that lies in a marinade, or comes out of the broth', () => {
    const instead = (styleId: string) => carries([item('porkLoin', 5000), item('duckBreast', 5000)], styleId).instead;
    expect(instead('beefJeongol').map((one) => one.ingredientId)).not.toContain('beefSlice');
    expect(instead('mushroomPot').map((one) => one.ingredientId)).not.toContain('chickenBoneIn');
  });

  it('ranks a pot whose main thing is there before one of which only small things are', () => {
    const chicken = [item('chickenThigh', 3000)];
    const small = [item('carrot', 500), item('longOnion', 500)];
    expect(carries(chicken).score).toBeGreaterThan(carries(small).score - 0.05);
    expect(carries(chicken).score).toBeGreaterThan(carries([item('carrot', 500)]).score);
  });

  it('never loses by more in the house', () => {
    const ids = ['chickenThigh', 'firmTofu', 'kelp', 'lightSoy', 'sake', 'mizuna', 'egg'];
    fc.assert(
      fc.property(fc.subarray(ids), fc.constantFrom(...ids), (there, more) => {
        const before = carries(there.map((id) => item(id, 3000)));
        const after = carries([...new Set([...there, more])].map((id) => item(id, 3000)));
        expect(after.have).toBeGreaterThanOrEqual(before.have);
        expect(after.score).toBeGreaterThanOrEqual(before.score);
        expect(after.have + after.missing.length).toBe(after.of);
        expect(after.score).toBeLessThanOrEqual(1);
      }),
      { numRuns: runs(15) },
    );
  });
});
