import { CATALOGUE } from '../catalogue/catalogue';
import { STYLES } from '../catalogue/styles';
import { planPot } from '../planEvening/planPot';
import { eveningFor, suited } from '../testing/household';
import { some } from '../testing/runs';
import { liveSteps } from './liveSteps';
import { cueMoment, saidAloud, spokenCue } from './spoken';

describe('what is said at the stove', () => {
  it('says measures as people do', () => {
    expect(saidAloud('300 g')).toBe('300 grams');
    expect(saidAloud('1½ tbsp + ½ tsp')).toBe('1 and a half tablespoons + a half teaspoons');
    expect(saidAloud('190 ml of hot water, 1.2 l, 95 °C, 5 min')).toBe(
      '190 millilitres of hot water, 1.2 litres, 95 degrees, 5 minutes',
    );
    // Words stay words.
    expect(saidAloud('daikon grated, mild')).toBe('daikon grated, mild');
  });

  it('is said before the hands are needed, when it is due, and once more; a boil is never announced', () => {
    expect([30, 10, 0, -30, -60].map((dueInS) => cueMoment({ kind: 'add', dueInS }))).toEqual([
      undefined,
      'soon',
      'now',
      'now',
      'again',
    ]);
    expect(cueMoment({ kind: 'boil', dueInS: 5 })).toBeUndefined();
    expect(cueMoment({ kind: 'boil', dueInS: 0 })).toBe('now');
  });

  it.each(some(STYLES, 4).map(({ id }) => [id]))(
    'is a sentence for every step of %s, with the amounts, and no sign for the eye',
    (id) => {
      const plan = planPot(suited(eveningFor(4), id));
      for (const step of liveSteps(CATALOGUE, plan.simmer)) {
        for (const moment of ['soon', 'now', 'again'] as const) {
          const said = spokenCue(CATALOGUE, { ...step, dueInS: 0 }, moment);
          expect(said).toMatch(/^[A-Z].*[.?]$/);
          expect(said).not.toMatch(/[½⅓⅔¼¾°]|\d (g|ml|l)\b|undefined/);
        }
        const measured = step.actions.filter(({ ingredientId, shownText }) => ingredientId && shownText);
        const before = spokenCue(CATALOGUE, { ...step, dueInS: 5 }, 'soon');
        expect(before.split(' of ').length).toBeGreaterThan(measured.length);
      }
    },
  );
});
