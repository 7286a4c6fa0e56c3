import type { SimmerPiece } from '@elixa/contract';
import { INGREDIENTS } from '../catalogue/ingredients';
import { goesInFrozen } from '../catalogue/kinds';
import { POT_FOOD, potCutsOf } from '../catalogue/kin';
import { menuOrThrow } from '../evening/resolveMenu';
import { eveningFor } from '../testing/household';
import { problemsOf } from './problems';

/** Lifted out long before it has had the time that it wants. */
const tooSoon = (ingredientId: string, cut: string, safe = true): SimmerPiece => ({
  id: ingredientId,
  ingredientId,
  cut,
  round: 1,
  pan: 'main',
  massG: 100,
  way: 'simmered',
  inAtS: 0,
  countsFromS: 0,
  outAtS: 60,
  cookS: 60,
  leastS: 300,
  bestS: 400,
  mostS: 900,
  safeS: 0,
  inWindow: false,
  safe,
  sign: '',
  cookValueMin: 0.1,
  readyAtS: 300,
});

describe('what is wrong with a piece when it is lifted out', () => {
  const menu = menuOrThrow(eveningFor(2));
  const wrongOf = (piece: SimmerPiece) => problemsOf(menu, { pieces: [piece] }).map((one) => one.id);

  it('is never that it is not done, of anything that may be eaten as it is; of all else it is', () => {
    for (const what of POT_FOOD) {
      const cut = potCutsOf(what)[0]!;
      expect([what.id, wrongOf(tooSoon(what.id, cut))]).toEqual([what.id, what.asItIs ? [] : ['late']]);
    }
  });

  it('is that it is raw, whatever it is', () => {
    for (const id of ['kimchi', 'chickenThigh', 'fishCake']) {
      const what = POT_FOOD.find((one) => one.id === id)!;
      expect(wrongOf(tooSoon(id, potCutsOf(what)[0]!, false))).toEqual(['raw']);
    }
  });

  it('nothing that has to be cooked through is called good as it is, and herbs and leaves are not put in frozen', () => {
    const raw = INGREDIENTS.filter(
      (one) => one.asItIs && one.perils.some((peril) => peril === 'cookThrough' || peril === 'minced'),
    );
    expect(raw.map((one) => one.id)).toEqual([]);
    const herbs = INGREDIENTS.filter((one) => ['leaf', 'allium', 'seasoning'].includes(one.family));
    expect(herbs.filter(goesInFrozen)).toEqual([]);
    expect(INGREDIENTS.filter((one) => one.kept === 'freezer').every(goesInFrozen)).toBe(true);
  });
});
