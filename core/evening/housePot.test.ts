import { readHousePot, type Evening, type HousePot } from '@elixa/contract';
import fc from 'fast-check';
import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, guests, suited } from '../testing/household';
import { applyEdit } from './edits/applyEdit';
import { differsFromKept, housePotOf, housePotSays } from './housePot';
import { keptPots, mergePots } from './keptPots';
import { checkEvening } from './resolveMenu';

const as = { id: 'pot-1', name: 'Belfry pot', changedAt: '2026-11-20T10:00:00.000Z' };
const throughFile = (pot: HousePot): HousePot => readHousePot(JSON.parse(JSON.stringify(pot))).pot!;

const composed = (styleId: string): Evening => {
  const evening = suited(eveningFor(4), styleId);
  return applyEdit(applyEdit(evening, { kind: 'putIn', ingredientId: 'nameko' }), {
    kind: 'ownMade',
    thing: { name: 'rope-end noodles', likeId: 'udon', saltPct: 0.4 },
  });
};

describe('a pot of the house', () => {
  it.each(STYLES.map((style) => style.id))('is the same pot in another evening, through a file: %s', (styleId) => {
    const evening = composed(styleId);
    const pot = throughFile(housePotOf(evening, as));
    const other = applyEdit({ ...eveningFor(4), vessel: evening.vessel }, { kind: 'housePotChosen', pot });
    expect(checkEvening(other)).toEqual([]);
    expect(planPot(other).amounts).toEqual(planPot(evening).amounts);
    expect(other.housePot).toEqual({ id: 'pot-1', name: 'Belfry pot' });
    expect(differsFromKept(other, pot)).toBe(false);
    const changed = applyEdit(other, { kind: 'leftOut', ingredientId: 'nameko' });
    expect(differsFromKept(changed, pot)).toBe(true);
  });

  it('is cooked for other guests: nothing of those whom it was kept from comes along', () => {
    const diners = guests(3).map((diner, seat) => (seat === 0 ? { ...diner, avoids: ['enoki'] } : diner));
    const evening: Evening = {
      ...eveningFor(3, { diners }),
      choices: {
        swaps: [{ ingredientId: 'enoki', withIngredientId: 'shimeji', scope: 'aside' }],
        leaveOut: ['carrot'],
        bought: ['shiitake'],
        batches: { soyScallion: 2 },
      },
    };
    const { choices } = housePotOf(evening, as);
    expect(choices).toEqual({ swaps: [], leaveOut: ['carrot'] });
    const guest = applyEdit(eveningFor(7), { kind: 'housePotChosen', pot: housePotOf(evening, as) });
    expect([guest.diners, guest.pantry, guest.sitDownAt]).toEqual([
      eveningFor(7).diners,
      eveningFor(7).pantry,
      eveningFor(7).sitDownAt,
    ]);
  });

  it('is told by what makes it its own', () => {
    const says = housePotSays(housePotOf(composed('clearChicken'), as));
    expect(says).toEqual(['Clear chicken pot', 'with nameko', 'with rope-end noodles']);
  });

  it('is forgotten with another pot', () => {
    const evening = applyEdit(eveningFor(4), { kind: 'potKept', id: as.id, name: as.name });
    expect(applyEdit(evening, { kind: 'styleChosen', styleId: 'satayPot' }).housePot).toBeUndefined();
  });

  it('of two the later one holds, in whatever order they meet, and one that was thrown away stays so', () => {
    const pot = housePotOf(eveningFor(2), as);
    const at = (minute: number, more: Partial<HousePot> = {}): HousePot => ({
      ...pot,
      changedAt: `2026-11-20T10:${String(minute).padStart(2, '0')}:00.000Z`,
      ...more,
    });
    const some = fc.array(
      fc
        .record({ minute: fc.nat(50), id: fc.constantFrom('pot-1', 'pot-2') })
        .map(({ minute, id }) => at(minute, { id, name: `at ${minute}` })),
      { maxLength: 6 },
    );
    fc.assert(
      fc.property(some, some, (a, b) => {
        expect(mergePots(a, b)).toEqual(mergePots(b, a));
        expect(mergePots(mergePots(a, b), b)).toEqual(mergePots(a, b));
      }),
    );
    expect(keptPots(mergePots([at(3, { gone: true })], [at(1)]))).toEqual([]);
  });

  it('is refused where it is of a newer program or says what nobody knows', () => {
    const pot = housePotOf(eveningFor(2), as);
    expect(readHousePot({ ...pot, schemaVersion: 2 }).faults[0]).toMatchObject({ field: 'schemaVersion' });
    expect(readHousePot({ ...pot, colour: 'red' }).faults.length).toBeGreaterThan(0);
    expect(readHousePot(null).faults.length).toBeGreaterThan(0);
  });
});
