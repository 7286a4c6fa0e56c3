import { inTurns } from './inTurns';

test('things are done in order, and what comes in between is done in between', async () => {
  const done: string[] = [];
  const running = inTurns([
    () => {
      done.push('first');
      setTimeout(() => done.push('a tap'));
    },
    () => done.push('second'),
  ]);
  expect(done).toEqual([]);
  await running;
  expect(done).toEqual(['first', 'a tap', 'second']);
});

test('where one fails, the failure is told and the rest is not begun', async () => {
  const last = jest.fn();
  const failing = () => {
    throw new Error('no such part');
  };
  await expect(inTurns([failing, last])).rejects.toThrow('no such part');
  expect(last).not.toHaveBeenCalled();
});
