import { eveningFor, suited } from '../testing/household';
import { CATALOGUE } from '../catalogue/catalogue';
import { liveLogSchema } from '@elixa/contract';
import { rehearsedOf } from '../planEvening/rehearsed';
import { MISHAPS } from './mishaps';
import { seenOf, truthAt } from './byHand';
import { makeRehearsing, rehearsalAt } from './rehearsing';
import { beliefOff, watchTonight } from './watchTonight';

const evening = suited(eveningFor(2), 'clearChicken');
const rehearse = (...mishaps: Array<(typeof MISHAPS)[number]>) =>
  [...makeRehearsing()({ evening, seed: 5, mishaps })].flatMap((said) => said?.rehearsed ?? [])[0]!;

describe('a rehearsal that is looked at again', () => {
  const gone = rehearse('forgotten', 'wind');

  it('is a log like any other, of its own phone, with the plans that it names', () => {
    expect(liveLogSchema.safeParse(JSON.parse(JSON.stringify(gone.log))).success).toBe(true);
    expect(new Set(gone.log.events.map(({ device }) => device)).size).toBe(1);
  });

  it('can be stopped at any moment and taken back: what was told later is not there', () => {
    const half = rehearsalAt(gone, gone.endsAtS / 2);
    const whole = rehearsalAt(gone, gone.endsAtS);
    expect(half.state.taps.length).toBeGreaterThan(1);
    expect(whole.state.taps.length).toBeGreaterThan(half.state.taps.length);
    expect(Math.max(...half.state.taps.map(({ atS }) => atS))).toBeLessThanOrEqual(gone.endsAtS / 2);
    expect(half.look!.atS).toBeLessThanOrEqual(gone.endsAtS / 2);
    expect(rehearsalAt(gone, 0).state.status).toBe('running');
  });
});

describe('a rehearsal by hand', () => {
  const gone = rehearse('wind');
  const pot = rehearsedOf(evening);
  const truth = (atS: number) => truthAt(pot, gone, rehearsalAt(gone, atS).state, atS);

  it('has the same stove as one that goes by itself, where the same is tapped', () => {
    for (const share of [0.05, 0.3, 0.8]) {
      const atS = gone.endsAtS * share;
      const before = gone.course.findLast((one) => one.atS <= atS)!;
      const after = gone.course.find((one) => one.atS >= atS)!;
      const { tempC } = truth(atS);
      expect(tempC).toBeGreaterThan(Math.min(before.tempC, after.tempC) - 4);
      expect(tempC).toBeLessThan(Math.max(before.tempC, after.tempC) + 4);
    }
    expect(truth(gone.endsAtS + 1).lifted.length).toBe(gone.score.lifted);
    expect(truth(gone.endsAtS + 1).lifted.filter(({ isSafe }) => !isSafe)).toEqual([]);
  });

  it('shows what a cook sees', () => {
    expect(seenOf(truth(20))).toMatch(/still/);
    expect(seenOf({ boils: true, tempC: 96 })).toBe('It bubbles all over.');
    expect(seenOf({ boils: false, tempC: 90 })).toMatch(/at the edge/);
    expect(seenOf({ boils: false })).toMatch(/nothing in the pot/);
  });
});

describe('what is to be watched tonight', () => {
  const { plan } = rehearsedOf(evening);

  it.each(MISHAPS.map((one) => [one]))(
    'of %s is said as what happened and what to do, three things at most',
    (mishap) => {
      const quiet = { seed: 1, course: [], estimates: [], said: [] };
      const [piece] = plan.simmer.pieces;
      const score = { unsafeCalledReady: [], outOfWindow: [piece!.id], lifted: 9, lateS: 400, hurried: 0 };
      const watched = watchTonight(CATALOGUE, plan, { ...quiet, mishaps: [mishap], score });
      expect(watched).toHaveLength(3);
      expect(
        watched.every(({ happened, tonight }) => /^[A-Z].*\.$/.test(happened) && /^[A-Z].*\.$/.test(tonight)),
      ).toBe(true);
      expect(watched[2]!.happened).toBe('People ate 6½ min later than planned.');
    },
  );

  it('is nothing where nothing went wrong', () => {
    const score = { unsafeCalledReady: [], outOfWindow: [], lifted: 9, lateS: 20, hurried: 0 };
    expect(watchTonight(CATALOGUE, plan, { seed: 1, mishaps: [], course: [], estimates: [], said: [], score })).toEqual(
      [],
    );
  });

  it('says how far the belief was from the truth', () => {
    const one = (tempC: number, truthC: number) => ({ atS: 0, tempC, sd: 1, truthC });
    expect(beliefOff({ estimates: [one(90, 91), one(90, 94), one(90, 92)] })).toEqual({ medianK: 2, mostK: 4 });
    expect(beliefOff({ estimates: [] })).toEqual({ medianK: 0, mostK: 0 });
  });
});
