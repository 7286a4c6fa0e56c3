import { hasIngredient, ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { eveningFor, guests, suited } from '../testing/household';
import { applyEdit } from './edits/applyEdit';
import { lackingIn } from './lacking';

const without = (styleId: string, ids: readonly string[]) =>
  ids.reduce(
    (evening, ingredientId) => applyEdit(evening, { kind: 'leftOut', ingredientId }),
    suited(eveningFor(4), styleId),
  );
const lacks = (...given: Parameters<typeof lackingIn>) => lackingIn(...given).map(({ id }) => id);

describe('what a pot lacks', () => {
  it.each(STYLES.map(({ id }) => id))('is nothing in %s as it comes', (styleId) => {
    expect(lackingIn(suited(eveningFor(4), styleId))).toEqual([]);
  });

  it('is something green once its greens are left out, until one is put in: a pale cabbage or a long onion is none', () => {
    const bare = without('clearChicken', ['mizuna']);
    expect(lacks(bare)).toEqual(['green']);
    expect(lacks(applyEdit(bare, { kind: 'putIn', ingredientId: 'whiteCabbage' }))).toEqual(['green']);
    for (const id of lackingIn(bare)[0]!.offers) {
      expect([id, lacks(applyEdit(bare, { kind: 'putIn', ingredientId: id }))]).toEqual([id, []]);
    }
  });

  it('is something that takes up broth once the tofu is gone, and something that fills without meat as well', () => {
    const dry = without('clearChicken', ['firmTofu']);
    expect(lacks(dry)).toEqual(['drinks']);
    expect(lacks(applyEdit(dry, { kind: 'leftOut', ingredientId: 'chickenThigh' }))).toEqual(['fills', 'drinks']);
    // Stacked leaves take up the broth themselves.
    expect(lacks(without('layeredBeefCabbage', []))).toEqual([]);
  });

  it('offers what the house has first, what there is, and nothing that a guest may not eat', () => {
    const dry = without('clearChicken', ['firmTofu', 'mizuna']);
    const [green, drinks] = lackingIn(dry, new Set(['watercress']));
    expect(green!.offers[0]).toBe('watercress');
    for (const { offers } of [green!, drinks!]) for (const id of offers) expect(hasIngredient(id)).toBe(true);
    const allergic = { ...dry, diners: guests(4).map((one) => ({ ...one, avoids: ['soy' as const] })) };
    const safe = lackingIn(allergic).find(({ id }) => id === 'drinks')!.offers;
    expect(safe.length).toBeGreaterThan(0);
    for (const id of safe) expect(ingredientById(id).allergens).not.toContain('soy');
  });
});
