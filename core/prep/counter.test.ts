import { planEvening, prepFromNow } from '../planEvening/planEvening';
import { planPot } from '../planEvening/planPot';
import { eveningFor, example } from '../testing/household';
import { counterList, onCounterByPrep } from './counter';
import { lanesOf } from './lanes';

describe('what stands on the counter', () => {
  const plan = planPot(example('practice-night'));
  const items = counterList(plan);

  it('is all that the first round takes, from first in to last, each once', () => {
    const food = items.filter((item) => item.kind === 'food' && item.ingredientId);
    const first = plan.simmer.pieces.filter((piece) => piece.round === 1);
    expect(food).toHaveLength(first.length);
    const inAt = food.map(
      (item) => first.find((piece) => piece.ingredientId === item.ingredientId && piece.cut === item.cut)!.inAtS,
    );
    expect(inAt).toEqual([...inAt].sort((a, b) => a - b));
    expect(new Set(items.map((item) => item.id)).size).toBe(items.length);
  });

  it('has the broth, its reserve, the dip, the finish and the tools', () => {
    const ids = items.map((item) => item.id);
    expect(ids).toEqual(
      expect.arrayContaining([
        'liquid-clearDashi',
        'reserve',
        'liquid-soyScallion',
        'finish-cookedRice',
        'ladle',
        'rawChopsticks',
      ]),
    );
    expect(ids).toContain('laterRounds');
    expect(counterList(planPot(eveningFor(1))).map((item) => item.id)).not.toContain('laterRounds');
  });

  it('names what belongs to the small pan', () => {
    const swaps = [{ ingredientId: 'chickenThigh', withIngredientId: 'codFillet', scope: 'aside' as const }];
    const evening = example('muffled-peal');
    const aside = counterList(planPot({ ...evening, choices: { swaps, leaveOut: [] } }));
    expect(aside.some((item) => item.name.endsWith(' (small pan)'))).toBe(true);
  });
});

describe('lanes against the clock', () => {
  it.each([1, 2])('never let two things overlap on a line, and lose none: %i cooks', (cooks) => {
    const { prep } = planEvening({ ...example('practice-night'), cooks });
    const lanes = lanesOf(prep);
    for (const { tasks } of lanes) {
      tasks
        .slice(1)
        .forEach((task, index) =>
          expect(Date.parse(task.startsAt)).toBeGreaterThanOrEqual(Date.parse(tasks[index]!.endsAt)),
        );
    }
    expect(new Set(lanes.flatMap((lane) => lane.tasks.map((task) => task.id))).size).toBe(prep.tasks.length);
    expect(lanes.filter((lane) => lane.id.startsWith('hands'))).toHaveLength(cooks);
  });
});

describe('ticks of the preparation', () => {
  it('fill the counter once all work on a thing is done', () => {
    const evening = example('practice-night');
    const plan = planPot(evening);
    const items = counterList(plan);
    const prep = prepFromNow(evening, { now: evening.sitDownAt.replace('T19', 'T12'), ticks: new Map() });
    expect(onCounterByPrep(items, prep, {}).size).toBe(0);
    const ticks = Object.fromEntries(
      prep.tasks.filter((task) => task.subjectId === 'carrot').map((task) => [task.id, Date.parse(evening.sitDownAt)]),
    );
    const left = { tasks: prep.tasks.filter((task) => ticks[task.id] === undefined) };
    expect([...onCounterByPrep(items, left, ticks)]).toEqual(['main-carrot-round']);
  });
});
