import { act, renderHook } from '@testing-library/react-native';
import { useOnceReady } from './useOnceReady';

describe('a press that comes early', () => {
  const shown = (done: () => void) =>
    renderHook((props: { isReady: boolean; run: () => void }) => useOnceReady(props.isReady, props.run), {
      initialProps: { isReady: false, run: done },
    });

  it('is done once what it needs is there, by what holds then, and only once', async () => {
    const before = jest.fn();
    const after = jest.fn();
    const { result, rerender } = await shown(before);
    await act(() => result.current.ask());
    expect(result.current.isAsked).toBe(true);
    await rerender({ isReady: true, run: after });
    await rerender({ isReady: true, run: jest.fn() });
    expect(before).not.toHaveBeenCalled();
    expect(after).toHaveBeenCalledTimes(1);
    expect(result.current.isAsked).toBe(false);
  });

  it('is not invented where nobody pressed, and does not wait where all is ready', async () => {
    const done = jest.fn();
    const { result, rerender } = await shown(done);
    await rerender({ isReady: true, run: done });
    expect(done).not.toHaveBeenCalled();
    await act(() => result.current.ask());
    expect(done).toHaveBeenCalledTimes(1);
  });
});
