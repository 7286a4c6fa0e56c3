import { CATALOGUE } from '../catalogue/catalogue';
import { isCutByThickness } from '../catalogue/cutThickness';
import { ingredientById } from '../catalogue/ingredients';
import { applyEdit } from '../evening/edits/applyEdit';
import { checkEvening } from '../evening/resolveMenu';
import { rehearsedPlan } from '../planEvening/rehearsed';
import { minutesToSafe, servedAs, WATCHED } from '../testing/brickApart';
import { eveningFor } from '../testing/household';
import { usualPan } from '../testing/usualPan';
import { asCut } from './asCut';
import { timesTable } from './timesTable';

const TIMES = [0.5, 0.75, 1.5, 2, 2.5];
const cutOf = (key: string) => {
  const [ingredientId, cut] = key.split('/') as [string, string];
  return { ingredientId, cut, found: ingredientById(ingredientId).cuts[cut]! };
};
const CUT = Object.keys(WATCHED).filter((key) => isCutByThickness(cutOf(key).found));

/** The largest piece when it is cut so many times as thick: the least of its sides grows, and no other stays below it. */
function sidesTimes(key: string, times: number) {
  const [thin, wide, long] = WATCHED[key]!.sides;
  const thick = thin * times;
  if (cutOf(key).found.ball) return [thick, thick, thick] as const;
  return [thick, Math.max(wide, thick), Math.max(long, thick)] as const;
}

/** An evening on which a thing is cut so thick. */
const thick = (key: string, mm: number) => {
  const { ingredientId, cut } = cutOf(key);
  return { ...eveningFor(4), overrides: { thicknessMm: { [ingredientId]: { [cut]: mm } } } };
};

describe('a thickness of the cook’s own', () => {
  it.each(CUT)('is safe for the largest piece of %s by another model, thinner or thicker', (key) => {
    const { ingredientId, cut, found } = cutOf(key);
    const short = TIMES.flatMap((times) => {
      const mm = Math.min(80, found.thicknessMm * times);
      const evening = thick(key, mm);
      const window = asCut(timesTable, { evening, catalogue: CATALOGUE }).cookWindow(ingredientId, cut, usualPan());
      const needsMin = minutesToSafe(key, 100, sidesTimes(key, mm / found.thicknessMm));
      return window.safeS / 60 < needsMin ? [{ mm, safeMin: window.safeS / 60, needsMin }] : [];
    });
    expect(short).toEqual([]);
  });

  it.each([
    ['chickenMince/ball', 60],
    ['chickenThigh/chunk', 50],
    ['salmonFillet/slice', 30],
  ])('plans %s of %i mm until its largest piece is done, by another model too', (key, mm) => {
    const { ingredientId, cut, found } = cutOf(key);
    const own = thick(key, mm);
    const evening = own.choices.added?.includes(ingredientId)
      ? own
      : applyEdit(own, { kind: 'putIn', ingredientId, grams: 60 });
    expect(checkEvening(evening)).toEqual([]);
    const plan = rehearsedPlan(evening);
    const pieces = plan.simmer.pieces.filter((one) => one.ingredientId === ingredientId && one.cut === cut);
    expect(pieces.length).toBeGreaterThan(0);
    for (const piece of pieces) {
      const { centreC, at70Min } = servedAs(evening, plan, piece, sidesTimes(key, mm / found.thicknessMm));
      expect({ safe: piece.safe, isHot: centreC >= WATCHED[key]!.safeC || at70Min >= 2 }).toEqual({
        safe: true,
        isHot: true,
      });
    }
  });
});

describe('a piece that would weigh more than there is of it', () => {
  const balls = (mm: number, grams: number) => {
    const evening = thick('chickenMince/ball', mm);
    return checkEvening(applyEdit(evening, { kind: 'putIn', ingredientId: 'chickenMince', grams }));
  };

  it('is refused with the thickest that can be cut, and that is taken', () => {
    const [fault, ...more] = balls(80, 60);
    expect(more).toEqual([]);
    expect(fault!.field).toBe('overrides.thicknessMm.chickenMince.ball');
    const [, weighsG, thereG] = /weighs (\d+) g, and there are (\d+) g/.exec(fault!.message)!.map(Number);
    expect(weighsG).toBeGreaterThan(thereG!);
    const most = Number(/no thicker than (\d+) mm/.exec(fault!.fix)![1]);
    expect([balls(most, 60), balls(most + 1, 60)].map((faults) => faults.length)).toEqual([0, 1]);
  });

  it('is taken where more of it goes in', () => {
    expect(balls(80, 60).length).toBe(1);
    expect(balls(80, 250)).toEqual([]);
  });
});
