import { act, renderHook } from '@testing-library/react-native';
import { useTurns } from './useTurns';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const turn = () => act(async () => void (await jest.advanceTimersByTimeAsync(1)));

test('one part more in each turn, and no more than there are', async () => {
  const { result } = await renderHook(() => useTurns(2, true));
  const seen = [result.current];
  for (let n = 0; n < 4; n += 1) {
    await turn();
    seen.push(result.current);
  }
  expect(seen).toEqual([0, 1, 2, 2, 2]);
});

test('nothing is drawn before there is something to draw', async () => {
  const { result, rerender } = await renderHook(({ isReady }: { isReady: boolean }) => useTurns(1, isReady), {
    initialProps: { isReady: false },
  });
  await turn();
  expect(result.current).toBe(0);
  await rerender({ isReady: true });
  await turn();
  expect(result.current).toBe(1);
});
