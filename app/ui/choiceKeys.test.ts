import { movedTo, tickedBySpace } from './choiceKeys';

describe('keys within a group of choices', () => {
  it.each([
    ['ArrowRight', 0, 1],
    ['ArrowDown', 2, 0],
    ['ArrowLeft', 0, 2],
    ['ArrowUp', 1, 0],
    ['Home', 2, 0],
    ['End', 0, 2],
    ['ArrowRight', -1, 1],
  ])('%s at %d of three moves to %d', (key, at, to) => expect(movedTo(key, at, 3)).toBe(to));

  it('leaves every other key alone', () => {
    for (const key of ['Enter', ' ', 'Tab', 'a']) expect(movedTo(key, 0, 3)).toBeUndefined();
    expect(movedTo('ArrowRight', 0, 0)).toBeUndefined();
  });
});

it('ticks with the space bar, and only with it: Enter presses already', () => {
  const presses: string[] = [];
  const { onKeyDown } = tickedBySpace(() => presses.push('ticked')) as { onKeyDown(press: object): void };
  for (const key of ['Enter', 'a', ' ']) onKeyDown({ key, preventDefault: () => presses.push(`kept ${key}`) });
  expect(presses).toEqual(['kept  ', 'ticked']);
});
