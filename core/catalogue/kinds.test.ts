import { INGREDIENTS, ingredientById } from './ingredients';
import { isHeatedThrough, isMeatOrFish } from './kinds';

describe('what a thing is of', () => {
  it.each(
    ['sake', 'honey', 'cheeseSlice', 'milk', 'tofu', 'salt'].filter((id) => INGREDIENTS.some((one) => one.id === id)),
  )('%s goes to a side without meat, and need not get hot in the middle', (id) => {
    expect(isMeatOrFish(ingredientById(id))).toBe(false);
    expect(isHeatedThrough(ingredientById(id))).toBe(false);
  });

  it('an egg is no meat, and is heated through; meat and fish are both, in whatever they are', () => {
    const eggs = INGREDIENTS.filter(({ kinds }) => kinds.length === 1 && kinds[0] === 'egg');
    expect(eggs.length).toBeGreaterThan(0);
    for (const egg of eggs) expect([egg.id, isMeatOrFish(egg), isHeatedThrough(egg)]).toEqual([egg.id, false, true]);
    for (const id of ['chickenThigh', 'salmonFillet', 'fishCake', 'porkBelly'])
      expect([id, isMeatOrFish(ingredientById(id)), isHeatedThrough(ingredientById(id))]).toEqual([id, true, true]);
  });

  it('whatever must be cooked through is heated through', () => {
    for (const { id, perils, kinds } of INGREDIENTS.filter((one) => !one.kinds.every((kind) => kind === 'plant')))
      if (perils.includes('cookThrough')) expect([id, isHeatedThrough({ kinds })]).toEqual([id, true]);
  });
});
