import { planEvening, prepFromNow, shiftIso } from '@elixa/core';
import { screen, userEvent } from '@testing-library/react-native';
import { render } from '@testing-library/react-native';
import { practice } from '@/testing/household';
import { NowCard } from './NowCard';
import { changed, handTasks, howsOf, inGoes, lastTicked, nowTasks, standing } from './prepWords';
import { isBehind } from '@/features/evening/usePlanning';
import { WorkingAlone } from './WorkingAlone';
import { laterRounds } from './laterRounds';

const evening = practice();
const { prep } = planEvening(evening);
const SIT = Date.parse(evening.sitDownAt);
const begins = Date.parse(handTasks(prep)[0]!.startsAt);

describe('what is to be done now', () => {
  it('is the next thing alone before it is time, and what has begun after that', () => {
    expect(nowTasks(prep, begins - 3_600_000).map((task) => task.id)).toEqual([handTasks(prep)[0]!.id]);
    expect(nowTasks(prep, SIT)).toHaveLength(1);
    const helped = prepFromNow(
      { ...evening, cooks: 2 },
      { now: shiftIso(evening.sitDownAt, -86_400), ticks: new Map() },
    );
    expect(nowTasks(helped, SIT)).toHaveLength(2);
  });

  it('stays what was begun, whatever the plan would now begin with', () => {
    const later = handTasks(prep)[4]!;
    expect(nowTasks(prep, begins, { [later.id]: begins - 120_000 })[0]!.id).toBe(later.id);
  });

  it('is told with amount, way and reason, begun and done with one tap each', async () => {
    const onDone = jest.fn();
    const onBegin = jest.fn();
    const cut = prep.tasks.find((task) => task.id === 'carrot.cut')!;
    const now = Date.parse(cut.startsAt);
    const card = (begun: Record<string, number>) => (
      <NowCard prep={{ ...prep, tasks: [cut] }} now={now} begun={begun} onBegin={onBegin} onDone={onDone} />
    );
    const { rerender } = await render(card({}));
    await userEvent.press(screen.getByRole('button', { name: 'Begin: carrot, Peel, cut rounds' }));
    expect(onBegin).toHaveBeenCalledWith('carrot.cut', true);
    await rerender(card({ 'carrot.cut': now }));
    expect(screen.getByText(/^In hand since/)).toBeTruthy();
    await rerender(card({}));
    expect(screen.getByText('Now')).toBeTruthy();
    expect(screen.getByRole('heading')).toHaveTextContent('Peel, cut rounds');
    expect(screen.getByText('1½ carrots')).toBeTruthy();
    expect(screen.getByText('Vegetables first, while the board is clean.')).toBeTruthy();
    await userEvent.press(screen.getByRole('button', { name: 'Done: carrot, Peel, cut rounds' }));
    expect(onDone).toHaveBeenCalledWith('carrot.cut');
  });
});

describe('what works by itself', () => {
  it('stands there with its clock only once it was started', async () => {
    const soak = prep.tasks.find((task) => task.id === 'cookedRice.before2')!;
    const now = Date.parse(soak.startsAt) + 600_000;
    jest.useFakeTimers({ now });
    const { rerender } = await render(<WorkingAlone prep={prep} />);
    expect(screen.queryByText('Working by itself')).toBeNull();
    const tasks = prep.tasks.map((task) => (task === soak ? { ...task, running: true } : task));
    await rerender(<WorkingAlone prep={{ ...prep, tasks }} />);
    expect(screen.getByText('20:00')).toBeTruthy();
    jest.useRealTimers();
  });
});

describe('how it stands', () => {
  it('is said in a sentence', () => {
    expect(standing(prep, evening.sitDownAt, begins - 30 * 60_000)).toBe('30 min in hand before the next thing.');
    expect(standing(prep, evening.sitDownAt, begins)).toMatch(/^On time for \d{1,2}:\d\d/);
    expect(standing({ ...prep, late: 600 }, evening.sitDownAt, begins)).toBe('');
    expect(standing({ ...prep, tasks: [] }, evening.sitDownAt, begins)).toBe('Everything is ready.');
  });

  it('tells what a change cost or made good', () => {
    expect(changed(undefined, prep)).toBeUndefined();
    expect(changed(prep, prep)).toBeUndefined();
    expect(changed(prep, { ...prep, late: 240 })).toBe('That cost 4 min.');
    expect(changed({ ...prep, late: 240 }, prep)).toBe('4 min made good: on time again.');
    expect(changed({ ...prep, late: 60 }, prep)).toBeUndefined();
    expect(changed({ ...prep, late: 240 }, { ...prep, late: 60 })).toBe('3 min made good.');
  });

  it('knows what went with the last tap', () => {
    expect(lastTicked({ a: 1000, b: 9000, c: 9003 })).toEqual(['b', 'c']);
  });

  it('is behind once something should have begun more than a minute ago', () => {
    expect(isBehind(prep, begins)).toBe(false);
    expect(isBehind(prep, begins + 61_000)).toBe(true);
    expect(isBehind(undefined, begins)).toBe(false);
  });
});

describe('pieces of work that follow one another', () => {
  it('are told as sentences, one for each', () => {
    const [task] = handTasks(prep);
    const parts = ['Knead it.', 'Wash hands'].map((how) => ({ ...task!, how }));
    expect(howsOf(parts)).toBe('Knead it. Wash hands');
  });

  it('stand in one row, and no piece is lost', () => {
    const groups = inGoes(handTasks(prep));
    expect(groups.flatMap((group) => group.tasks)).toEqual(handTasks(prep));
    expect(groups.length).toBeLessThan(handTasks(prep).length);
  });
});

it('says of the rounds after the first what a cook would say', () => {
  expect([1, 2, 3].map(laterRounds)).toEqual([
    [],
    ['The second round in the same order.'],
    ['The other 2 rounds in the same order.'],
  ]);
});
