import type { PantryItem } from '@elixa/contract';
import fc from 'fast-check';
import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
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
  const { shopping } = planPot(suited(eveningFor(3, { pantry }), styleId));
  return fromTheHouse(CATALOGUE, shopping, pantry, DAY);
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
