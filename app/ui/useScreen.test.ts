import { roomFor } from './useScreen';

const rooms = (width: number, height: number, px: number) =>
  Object.entries(roomFor(width, height, px))
    .filter(([, has]) => has)
    .map(([name]) => name);

it.each([
  [1280, 800, 16, ['wide']],
  [1920, 1080, 16, ['wide', 'vast']],
  [390, 844, 16, []],
  [844, 390, 16, ['short', 'low']],
  [320, 640, 16, ['low']],
  [390, 400, 16, ['short', 'low', 'tight']],
])('a screen of %d by %d with letters of %d is %p', (width, height, px, expected) => {
  expect(rooms(width, height, px)).toEqual(expected);
});

it('counts twice the text as half the screen', () => {
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
    [2200, 1300],
  ] as const)
    expect(roomFor(width, height, 32)).toEqual(roomFor(width / 2, height / 2, 16));
});

it.each([0, NaN, -4])('takes the usual letter where the page says %p', (px) => {
  expect(roomFor(1280, 800, px)).toEqual(roomFor(1280, 800, 16));
});
