import { ENOUGH_MIN } from '../doneness/cookValue';
import { menuOrThrow } from '../evening/resolveMenu';
import { rehearsedPot } from '../planEvening/rehearsed';
import { minutesToSafe } from '../testing/brickApart';
import { eveningFor, suited } from '../testing/household';
import { timesTable } from './timesTable';

describe('what was boiled in the stock', () => {
  const { plan } = rehearsedPot(menuOrThrow(suited(eveningFor(4), 'mushroomPot')), timesTable);
  const chicken = plan.simmer.pieces.filter(
    (piece) => piece.cut === 'fromStock' && piece.ingredientId === 'chickenBoneIn',
  );
  const goesIn = plan.program.acts.flatMap(({ act }) => (act.is === 'added' && act.cut === 'fromStock' ? [act] : []));

  it('goes in hot, and from the fridge where it waits for a later filling', () => {
    const rounds = new Map(plan.simmer.pieces.map((piece) => [piece.id, piece.round]));
    expect(new Set(goesIn.map((act) => rounds.get(act.pieceId)))).toEqual(new Set([1, 2]));
    for (const act of goesIn)
      expect([act.pieceId, act.tempC]).toEqual([act.pieceId, rounds.get(act.pieceId) === 1 ? undefined : 5]);
  });

  it('is heated through each time, sooner from hot than from cold, by a brick apart too', () => {
    const minutes = chicken.map((piece) => (piece.outAtS - piece.inAtS) / 60);
    expect(minutes[0]!).toBeLessThan(minutes[1]! - 3);
    for (const { largestCentreTempC, lethalityMin } of chicken)
      expect(Math.max(largestCentreTempC! / 74, lethalityMin! / ENOUGH_MIN)).toBeGreaterThanOrEqual(1);
    const { boilingPointC } = plan.simmer;
    expect(minutes[0]!).toBeGreaterThan(minutesToSafe('chickenBoneIn/fromStock', boilingPointC));
    expect(minutes[1]!).toBeGreaterThan(minutesToSafe('chickenBoneIn/chopped', boilingPointC) * 0.95);
    // Half an hour once more on top of fifty minutes in the stock was too much.
    expect(minutes[0]!).toBeLessThan(16);
  });
});
