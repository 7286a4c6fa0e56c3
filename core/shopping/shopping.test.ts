import type { Evening, PantryItem } from '@elixa/contract';
import fc from 'fast-check';
import { hasIngredient, ingredientById, INGREDIENTS } from '../catalogue/ingredients';
import { SECTIONS } from '../catalogue/pack';
import { sectionOf } from '../catalogue/packs';
import { planQuickly } from '../testing/quickly';
import { styleChosen } from '../evening/edits/styleChosen';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example } from '../testing/household';
import { inStock, mergePantry, pantryKey, putAway, takenOut } from './pantry';
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

const madeFrom = (id: string) => (hasIngredient(id) ? ingredientById(id).madeFrom : undefined);

describe('the shopping list', () => {
  it('merges what broths, dips, pot and finish need of the same thing', () => {
    expect(new Set(shopping.map((one) => one.ingredientId)).size).toBe(shopping.length);
    for (const one of shopping) {
      const needed = amounts
        .filter(({ ingredientId }) => (madeFrom(ingredientId)?.ingredientId ?? ingredientId) === one.ingredientId)
        .reduce((sum, { ingredientId, massG }) => sum + massG * (madeFrom(ingredientId)?.ratio ?? 1), 0);
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

  it('buys by the piece, the bulb or the jar, as a shop sells it', () => {
    const bought = (id: string, needG: number) =>
      shoppingList(EVENING, [{ ...amounts[0]!, ingredientId: id, massG: needG }])[0]!.buy.text;
    expect(bought('garlic', 130)).toBe('3 bulbs');
    expect(bought('driedChilli', 54)).toBe('2 × 50 g bags');
    expect(bought('clove', 2)).toBe('1 × 30 g jar');
    expect(bought('nori', 6)).toBe('1 pack of 10');
    expect(bought('shiitake', 250)).toMatch(/^\d+ caps$/);
    expect(bought('napaCabbage', 1100)).toBe('2 small heads');
    expect(bought('chickenThigh', 820)).toBe('850 g');
  });

  it('buys rice for cooked rice, unless it is bought cooked, and never water', () => {
    expect(item(shopping, 'dryRice').needG).toBeCloseTo(590 * 0.43, 0);
    const ready = planPot({ ...EVENING, choices: { ...EVENING.choices, bought: ['cookedRice'] } }).shopping;
    expect(item(ready, 'dryRice')).toBeUndefined();
    expect(item(ready, 'cookedRice').needG).toBeCloseTo(590, 0);
    expect(item(shopping, 'water')).toBeUndefined();
  });

  it('says of a pack that is a little short that it is enough', () => {
    const of = (massG: number) =>
      shoppingList(EVENING, [{ ...amounts[0]!, ingredientId: 'kingOyster', massG }], [])[0]!;
    expect([of(150).buy.text, of(150).use]).toEqual(['1 × 150 g tray', undefined]);
    expect([of(154).buy.text, of(154).use?.text]).toEqual(['1 × 150 g tray', '4 g less than is planned: near enough']);
    expect([of(160).buy.text, of(160).use?.text ?? '']).not.toContain('near enough');
  });

  it('asks for meat in slices where shops slice it, and as it is where the cook does', () => {
    const evening = styleChosen(eveningFor(4), 'sukiyakiEast');
    expect(item(planPot(evening).shopping, 'beefSlice').buy.text).toMatch(/ g, sliced by the butcher$/);
    const byHand = { ...evening, choices: { ...evening.choices, cutAtHome: ['beefSlice'] } };
    expect(item(planPot(byHand).shopping, 'beefSlice').buy.text).toMatch(/ g$/);
  });

  it('never weighs out less than is needed', () => {
    for (let count = 1; count <= 14; count += 1) {
      for (const one of planPot(eveningFor(count)).shopping.filter((row) => row.buy.unit === 'g')) {
        expect(one.buy.count + one.haveG).toBeGreaterThanOrEqual(one.needG - 1e-6);
      }
    }
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
    expect(item(list, 'napaCabbage').use?.text).toMatch(/^Take 40 g a head more; the rest keeps 5 days/);
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
  const liquid = (id: string, pantry: PantryItem[], more: Partial<Evening> = {}) =>
    planPot({ ...evening, ...more, pantry }).liquids.find((one) => one.id === id)!;
  const choosing = (choices: Partial<Evening['choices']>) => ({ choices: { ...evening.choices, ...choices } });
  const PASTE = [stock('satayPaste', 300, '2026-12-08')];

  it('need not be made again while it is good and enough', () => {
    const { jar } = liquid('satayPaste', PASTE);
    expect(jar).toMatchObject({ haveG: 300, bestBefore: '2026-12-08' });
    const taken = liquid('satayBroth', []).ingredients.find((part) => part.ingredientId === 'satayPaste')!.massG;
    expect(jar!.needG).toBeCloseTo(taken, 6);
    expect(liquid('satayPaste', []).jar).toBeUndefined();
    expect(liquid('satayPaste', [stock('satayPaste', 300, '2026-11-20')]).jar).toBeUndefined();
    expect(liquid('satayPaste', [stock('satayPaste', 0)]).jar).toBeUndefined();
    expect(liquid('satayPaste', [stock('satayPaste', taken * 0.9)]).jar).toBeUndefined();
    expect(liquid('satayPaste', [stock('satayPaste', taken * 0.5), ...PASTE]).jar!.haveG).toBeCloseTo(
      300 + taken * 0.5,
      6,
    );
  });

  it('takes its ingredients off the list, and all its work but taking it out', () => {
    const without = planQuickly({ ...evening, pantry: [] });
    const withJar = planQuickly({ ...evening, pantry: PASTE });
    const need = (plan: typeof without, id: string) => plan.shopping.find((one) => one.ingredientId === id)?.needG ?? 0;
    for (const part of without.liquids.find((one) => one.id === 'satayPaste')!.ingredients) {
      expect(need(withJar, part.ingredientId)).toBeLessThan(need(without, part.ingredientId));
    }
    const work = (plan: typeof without) => plan.prep.tasks.filter((task) => task.subjectId === 'satayPaste');
    expect(work(without).length).toBeGreaterThan(1);
    expect(work(withJar)).toHaveLength(1);
    expect(work(withJar)[0]).toMatchObject({ attended: true, dayBefore: false });
    expect(withJar.prep.attendedS).toBeLessThan(without.prep.attendedS);
  });

  it('serves a dip as well', () => {
    const [dip] = planPot(evening).liquids.filter((one) => one.kind === 'sauce');
    const jarred = liquid(dip!.id, [stock(dip!.formulaId, 1000, '2026-12-08')]);
    expect(jarred.jar!.needG).toBeCloseTo(dip!.finishedMl, 6);
    expect(jarred.steps.filter((step) => !step.whenServed)).toHaveLength(1);
  });

  it('is left shut where tonight asks for something else than is in it', () => {
    const [part] = liquid('satayPaste', []).ingredients;
    for (const choices of [
      { fresh: ['satayPaste'] },
      { batches: { satayPaste: 2 } },
      { taste: { satayPaste: { heat: 1 } } },
      { leaveOut: [part!.ingredientId] },
    ]) {
      expect(liquid('satayPaste', PASTE, choosing(choices)).jar).toBeUndefined();
    }
  });

  it('is named with those who cannot eat everything', () => {
    const careful = { diners: evening.diners.map((diner, index) => (index ? diner : { ...diner, avoids: ['milk'] })) };
    const caution = (more: Partial<Evening>, pantry = PASTE) =>
      planPot({ ...evening, ...more, pantry }).cautions.find((one) => one.id === 'otherTablesJar');
    expect(caution(careful)!.because).toContain(evening.diners[0]!.name);
    expect(caution(careful, [])).toBeUndefined();
    expect(caution({ diners: evening.diners.map((diner) => ({ ...diner, avoids: [], diets: [] })) })).toBeUndefined();
  });
});

describe('the shopping put away, and what was eaten taken out', () => {
  const days = { today: '2026-11-24', evening: EVENING.sitDownAt.slice(0, 10) };
  const dated = (counts: ReadonlyArray<Omit<PantryItem, 'changedAt'>>) =>
    counts.map((count) => ({ ...count, changedAt: AT }));

  it('once it is away, nothing is left to buy; once it is eaten, what was left over is there', () => {
    const away = dated(putAway(shopping, () => true, [], days));
    const after = shoppingList(EVENING, amounts, away);
    expect(after.filter((one) => one.buy.count > 0)).toEqual([]);
    const eaten = mergePantry(
      away,
      takenOut({ shopping: after, liquids: [] }, away, days.evening).map((count) => ({
        ...count,
        changedAt: '2026-11-25T10:00:00Z',
      })),
    );
    for (const one of shopping) {
      const left = eaten.filter(({ itemId }) => itemId === one.ingredientId).reduce((sum, { massG }) => sum + massG, 0);
      expect(Math.abs(left - one.leftG)).toBeLessThanOrEqual(2);
    }
  });

  it('takes only what is ticked, adds to what is there, and dates what is fresh', () => {
    const cabbage = item(shopping, 'napaCabbage');
    const kelp = item(shopping, 'kelp');
    const isBought = (id: string) => id === 'napaCabbage' || id === 'kelp';
    const [first, second] = putAway(shopping, isBought, [stock('kelp', 7)], days).sort((a, b) =>
      b.itemId.localeCompare(a.itemId),
    );
    expect(first).toEqual({
      itemId: 'napaCabbage',
      bestBefore: '2026-11-29',
      massG: Math.round(cabbage.needG + cabbage.leftG),
    });
    expect(second).toEqual({ itemId: 'kelp', bestBefore: undefined, massG: Math.round(7 + kelp.needG + kelp.leftG) });
    expect(putAway(shopping, () => false, [], days)).toEqual([]);
    const later = putAway(shopping, isBought, [], { ...days, evening: '2026-12-24' });
    expect(later.find((one) => one.itemId === 'napaCabbage')!.bestBefore).toBe('2026-12-24');
  });

  it('is taken from the earliest day first, and never from what is past', () => {
    const needs = { shopping: [{ ...item(shopping, 'kelp'), needG: 30 }], liquids: [] };
    const pantry = [
      stock('kelp', 50),
      stock('kelp', 20, '2026-12-08'),
      stock('kelp', 10, '2026-11-01'),
      stock('salt', 100),
    ];
    expect(takenOut(needs, pantry, days.evening)).toEqual([
      { itemId: 'kelp', bestBefore: '2026-12-08', massG: 0 },
      { itemId: 'kelp', bestBefore: undefined, massG: 40 },
    ]);
  });

  it('takes the jars too', () => {
    const dip = planPot(EVENING).liquids.find((one) => one.kind === 'sauce')!;
    const pantry = [stock(dip.formulaId, 1000, '2027-01-01')];
    const plan = planPot({ ...EVENING, pantry });
    expect(takenOut(plan, pantry, days.evening)).toEqual([
      { itemId: dip.formulaId, bestBefore: '2027-01-01', massG: Math.round(1000 - dip.finishedMl) },
    ]);
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
