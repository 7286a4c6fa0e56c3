import type { PantryItem } from '@elixa/contract';
import fc from 'fast-check';
import { INGREDIENTS, ingredientById } from '../catalogue/ingredients';
import { MADE_FROM, SECTIONS, sectionOf } from '../catalogue/packs';
import { planPot } from '../planPot';
import { eveningFor, example } from '../testing/household';
import { inStock, mergePantry, pantryKey } from './pantry';
import { shoppingList } from './shoppingList';

const EVENING = example('practice-night');
const { amounts, shopping } = planPot(EVENING);
const AT = '2026-11-24T10:00:00Z';
const stock = (itemId: string, massG: number, bestBefore?: string): PantryItem => ({
  itemId,
  massG,
  bestBefore,
  changedAt: AT,
});
const item = (list: typeof shopping, id: string) => list.find((one) => one.ingredientId === id)!;

describe('the shopping list', () => {
  it('merges what broths, dips, pot and finish need of the same thing', () => {
    expect(new Set(shopping.map((one) => one.ingredientId)).size).toBe(shopping.length);
    for (const one of shopping) {
      const needed = amounts
        .filter(({ ingredientId }) => (MADE_FROM[ingredientId]?.ingredientId ?? ingredientId) === one.ingredientId)
        .reduce((sum, { ingredientId, massG }) => sum + massG * (MADE_FROM[ingredientId]?.ratio ?? 1), 0);
      expect(one.needG).toBeCloseTo(needed, 6);
    }
  });

  it('covers every need with what is sold, and what is left is the difference', () => {
    for (const count of [1, 2, 4, 7, 11, 14]) {
      for (const one of planPot(eveningFor(count)).shopping) {
        expect(one.buy.count).toBeGreaterThan(0);
        expect(one.leftG).toBeGreaterThanOrEqual(0);
        expect(one.buy.text.length).toBeGreaterThan(0);
      }
    }
    const cabbage = item(planPot(eveningFor(4)).shopping, 'napaCabbage');
    expect(cabbage.buy).toMatchObject({ count: 1, text: '1 small head' });
    expect(cabbage.leftG).toBeCloseTo(1000 - 480, 6);
  });

  it('buys rice for cooked rice, unless it is bought cooked, and never water', () => {
    expect(item(shopping, 'dryRice').needG).toBeCloseTo(590 * 0.43, 0);
    const ready = planPot({ ...EVENING, choices: { ...EVENING.choices, bought: ['cookedRice'] } }).shopping;
    expect(item(ready, 'dryRice')).toBeUndefined();
    expect(item(ready, 'cookedRice').needG).toBeCloseTo(590, 0);
    expect(item(shopping, 'water')).toBeUndefined();
  });

  it('takes off what the pantry has, but not what is past its day', () => {
    const need = item(shopping, 'kelp').needG;
    const withKelp = (pantry: PantryItem[]) => item(shoppingList(EVENING, amounts, pantry), 'kelp');
    expect(withKelp([stock('kelp', 100)])).toMatchObject({ haveG: need, leftG: 0, buy: { count: 0 } });
    expect(withKelp([stock('kelp', need / 2)]).haveG).toBeCloseTo(need / 2, 9);
    expect(withKelp([stock('kelp', 100, '2026-11-23')]).buy.count).toBe(1);
    expect(withKelp([stock('kelp', 100, '2026-11-24')]).buy.count).toBe(0);
  });

  it('walks through the shop: sections in order, names within them', () => {
    const order = shopping.map((one) => SECTIONS.indexOf(sectionOf(ingredientById(one.ingredientId))));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(new Set(INGREDIENTS.map(sectionOf))).toEqual(new Set(SECTIONS));
  });

  it('says where tonight could use what is left of a cabbage, and nothing of a bottle of soy', () => {
    const list = planPot(eveningFor(4)).shopping;
    expect(item(list, 'napaCabbage').use).toMatch(/^Tonight could take 40 g a head more; the rest keeps 5 days/);
    expect(item(list, 'darkSoy').use).toBeUndefined();
  });
});

describe('a jar in the pantry', () => {
  const base = eveningFor(4);
  const evening = {
    ...base,
    style: { ...base.style, schools: { base: 'ahead' } },
    choices: { swaps: [], leaveOut: [], liquids: { broth: 'satayBroth' } },
  };
  const bases = (pantry: PantryItem[]) => planPot({ ...evening, pantry }).liquids.filter((one) => one.kind === 'base');

  it('need not be made again while it is good', () => {
    expect(bases([])).toHaveLength(1);
    expect(bases([stock('satayPaste', 300, '2026-12-08')])).toHaveLength(0);
    expect(bases([stock('satayPaste', 300, '2026-11-20')])).toHaveLength(1);
    expect(bases([stock('satayPaste', 0)])).toHaveLength(1);
  });
});

const counted = fc.record({
  itemId: fc.constantFrom('kelp', 'salt', 'satayPaste'),
  massG: fc.integer({ min: 0, max: 5 }),
  bestBefore: fc.constantFrom(undefined, '2026-12-01', '2026-12-08'),
  changedAt: fc.constantFrom('2026-11-24T10:00:00Z', '2026-11-24T11:00:00Z', '2026-11-24T12:00:00Z'),
});

describe('two counts of one pantry', () => {
  it('come to the same, in whatever order and however often they are put together', () => {
    fc.assert(
      fc.property(fc.array(counted), fc.array(counted), fc.array(counted), (a, b, c) => {
        const all = mergePantry(mergePantry(a, b), c);
        expect(mergePantry(a, mergePantry(c, b))).toEqual(all);
        expect(mergePantry(all, all)).toEqual(all);
        expect(new Set(all.map(pantryKey)).size).toBe(all.length);
      }),
    );
  });

  it('the later holds, and what is used up does not come back', () => {
    const later = { ...stock('kelp', 0), changedAt: '2026-11-24T12:00:00Z' };
    expect(mergePantry([later], [stock('kelp', 50)])).toEqual([later]);
    expect(inStock(mergePantry([later], [stock('kelp', 50)]))).toEqual([]);
  });
});
