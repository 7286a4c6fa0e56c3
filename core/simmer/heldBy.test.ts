import type { Diner } from '@elixa/contract';
import { CATALOGUE } from '../catalogue/catalogue';
import { ingredientById } from '../catalogue/ingredients';
import { STYLES } from '../catalogue/styles';
import { whyNot } from '../diners/whyNot';
import { planPot } from '../planEvening/planPot';
import { minutesToSafe, WATCHED } from '../testing/brickApart';
import { eveningFor, guests, suited } from '../testing/household';
import { heldSeconds, heldWords } from './heldSeconds';
import { swished } from './swished';

const [plain] = guests(1) as [Diner];
const table: Diner[] = [
  plain,
  { ...plain, name: 'Tove', diets: ['pescatarian'] },
  { ...plain, name: 'Noor', diets: ['noPork', 'noBeef'] },
  { ...plain, name: 'Pim', child: true, years: 8 },
  { ...plain, name: 'Ines', expecting: true },
];

/**
 * Seconds until the middle of a slice is at 71 °C, by the first term of Fourier's series for a plate in a bath, with a
 * surface that lets heat over slowly: a closed form that shares nothing with the cells of the planner.
 */
function plateS(thicknessMm: number, fromC: number, bathC: number, h: number): number {
  const { k, rho, cp } = { k: 0.48, rho: 1060, cp: 3500 };
  const half = thicknessMm / 2000;
  const bi = (h * half) / k;
  let [low, high] = [1e-6, Math.PI / 2 - 1e-6];
  for (let i = 0; i < 60; i += 1) {
    const at = (low + high) / 2;
    if (at * Math.tan(at) < bi) low = at;
    else high = at;
  }
  const c = (4 * Math.sin(low)) / (2 * low + Math.sin(2 * low));
  return ((Math.log((c * (bathC - fromC)) / (bathC - 71)) / low ** 2) * half ** 2 * rho * cp) / k;
}

/** Slices that are held in the broth, and how long cooks hold them at most, in s, until the sign. */
const SLICES: Array<[string, number]> = [
  ['beefSlice/thin', 20],
  ['lambSlice/thin', 30],
  ['duckBreast/slice', 40],
  ['porkLoin/thin', 45],
  ['porkBelly/thin', 45],
  ['chickenThigh/thin', 90],
  ['salmonFillet/thin', 40],
];

describe('who holds a slice, and for how long', () => {
  const swish = STYLES.filter((style) => style.services.includes('swish'));
  it.each(swish)('only those who eat it hold it, the delicate until no pink is left: $name', ({ id }) => {
    const { simmer } = planPot({ ...suited(eveningFor(table.length), id), service: 'swish', diners: table });
    const held = simmer.pieces.filter((one) => one.way === 'swished');
    expect(held.length).toBeGreaterThan(0);
    for (const piece of held) {
      const what = ingredientById(piece.ingredientId);
      const names = piece.heldBy!.map((one) => one.diner);
      for (const diner of table) {
        if (whyNot(diner, what)) expect([what.id, names]).not.toEqual([what.id, expect.arrayContaining([diner.name])]);
      }
      expect(names).toContain(plain.name);
      for (const { diner, seconds } of piece.heldBy!) {
        if (diner === plain.name || diner === 'Noor' || diner === 'Tove') expect(seconds).toBe(heldSeconds(piece));
        else {
          const { throughS, largestC } = swished(CATALOGUE, piece, simmer.boilingPointC, seconds);
          expect(throughS).toBeLessThanOrEqual(seconds);
          expect(largestC).toBeGreaterThanOrEqual(71);
        }
      }
      const action = simmer.actions.find((one) => one.pieceId === piece.id && one.kind === 'swish')!;
      expect(action.says).toContain(heldWords(piece));
    }
  });

  it.each(SLICES)(
    'is as long as cooks hold it, and safe for one cut a third thicker by the brick apart: %s',
    (key, atMost) => {
      const [ingredientId, cut] = key.split('/') as [string, string];
      for (const boilingC of [100, 96.1, 90]) {
        const { bestS } = swished(CATALOGUE, { ingredientId, cut }, boilingC, 0);
        const [thin, ...others] = WATCHED[key]!.sides;
        const mm = ingredientById(ingredientId).cuts[cut]!.thicknessMm;
        expect(thin * 1000).toBeGreaterThan(mm);
        // It is held two degrees below the boil and washed by the broth, which the brick's slower film leaves a margin for.
        const needsS = minutesToSafe(key, boilingC - 2, [(mm * 1.33) / 1000, others[0]!, others[1]!], 1300) * 60;
        expect(heldSeconds({ bestS })).toBeGreaterThanOrEqual(needsS);
        if (boilingC === 100) expect(heldSeconds({ bestS })).toBeLessThanOrEqual(atMost);
      }
    },
  );

  it('is as long as a plate of that thickness takes by a closed form', () => {
    for (const thicknessMm of [2, 3, 4]) {
      const { throughS } = swished(CATALOGUE, { ingredientId: 'beefSlice', cut: 'thin', thicknessMm }, 96, 0);
      // The largest slice is thicker than the mean one, and its surface lets heat over a little worse.
      const bounds = [plateS(thicknessMm, 5, 94, 2500), plateS(thicknessMm * 1.5, 3, 94, 500)];
      expect(throughS).toBeGreaterThan(bounds[0]!);
      expect(throughS).toBeLessThan(bounds[1]!);
    }
  });
});
