import { renderHook } from '@testing-library/react-native';
import { GUARD_MS, useGuard } from './useGuard';

jest.mock('./clock', () => ({ deviceMs: () => mockMs }));
let mockMs = 0;

describe('a button that changes its meaning', () => {
  const shown = (done: (what: string) => void) =>
    renderHook(({ meaning }: { meaning: string }) => useGuard(meaning, () => done(meaning)), {
      initialProps: { meaning: 'boils' },
    });

  it('is deaf for a second after it changed, for whatever presses it, and does what it means then', async () => {
    const done: string[] = [];
    mockMs = 10_000;
    const { result, rerender } = await shown((what) => done.push(what));
    result.current();
    expect(done).toEqual([]);
    mockMs += GUARD_MS;
    result.current();
    expect(done).toEqual(['boils']);
    await rerender({ meaning: 'in' });
    // The second strike of a wet thumb.
    mockMs += 120;
    result.current();
    mockMs += GUARD_MS - 121;
    result.current();
    expect(done).toEqual(['boils']);
    mockMs += 1;
    result.current();
    expect(done).toEqual(['boils', 'in']);
  });

  it('is awake at once where no other button stood before', async () => {
    const done = jest.fn();
    mockMs = 90_000;
    const { result } = await renderHook(() => useGuard('light', done, false));
    result.current();
    expect(done).toHaveBeenCalledTimes(1);
  });

  it('stays awake while it means the same, however often it is drawn', async () => {
    const done: string[] = [];
    mockMs = 50_000;
    const { result, rerender } = await shown((what) => done.push(what));
    mockMs += GUARD_MS;
    for (let draw = 0; draw < 3; draw += 1) {
      await rerender({ meaning: 'boils' });
      result.current();
    }
    expect(done).toHaveLength(3);
  });
});
