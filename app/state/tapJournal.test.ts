import { planHashOf, planPot } from '@elixa/core';
import { practice } from '@/testing/household';
import { keepLogs, keptLog, unsentLogs } from './keptLogs';
import { eventRecorded, liveReducer, type LiveLogs } from './log';
import { readLog } from './reading';
import { keptForGood, saidJustNow, saidOn, sayAtOnce } from './tapJournal';

/** The browser's small store, as it is in a browser. */
class Small {
  private readonly rows = new Map<string, string>();
  get length() {
    return this.rows.size;
  }
  key = (index: number) => [...this.rows.keys()][index] ?? null;
  getItem = (key: string) => this.rows.get(key) ?? null;
  setItem = (key: string, value: string) => void this.rows.set(key, value);
  removeItem = (key: string) => void this.rows.delete(key);
}

const evening = practice();
const plan = planPot(evening);
const base = (n: number) => ({
  id: `00000000-0000-4000-8000-00000000000${n}`,
  at: evening.sitDownAt,
  device: 'this-phone',
});
const lit = (logs: LiveLogs, n: number) =>
  liveReducer(
    logs,
    eventRecorded({
      eveningId: 'e',
      event: { ...base(n), type: 'planAdopted', evening, planHash: planHashOf(plan) },
      plan,
    }),
  );
const noted = (logs: LiveLogs, n: number, text = 'More tofu') =>
  liveReducer(logs, eventRecorded({ eveningId: 'e', event: { ...base(n), type: 'noted', text } }));

describe('a tap that is followed at once by a reload', () => {
  beforeEach(() => {
    Object.defineProperty(globalThis, 'localStorage', { value: new Small(), configurable: true });
  });

  it('is there when the page comes back, with the plan that it named, though the device’s store never had it', async () => {
    const first = lit({}, 1);
    sayAtOnce({}, first);
    const second = noted(first, 2);
    sayAtOnce(first, second);
    const log = readLog((await keptLog('e'))!);
    expect(log.events.map((event) => event.id)).toEqual([base(1).id, base(2).id]);
    expect(log.unsent).toEqual([base(1).id, base(2).id]);
    expect(log.plans).toEqual({ [planHashOf(plan)]: plan });
    expect([...(await unsentLogs()).keys()]).toEqual(['e']);
  });

  it('comes after what the store has, each once, and is forgotten once it is kept', async () => {
    const first = lit({}, 1);
    sayAtOnce({}, first);
    await keepLogs({}, first);
    keptForGood({}, first);
    expect(saidOn()).toEqual([]);
    const second = noted(first, 2);
    sayAtOnce(first, second);
    sayAtOnce(first, second);
    expect(saidJustNow('e').events.map((event) => event.id)).toEqual([base(2).id]);
    expect((await keptLog('e'))!.events.map((event) => event.id)).toEqual([base(1).id, base(2).id]);
    // A tap that came while the store was writing is not forgotten with the others.
    const third = noted(second, 3);
    sayAtOnce(second, third);
    await keepLogs(first, second);
    keptForGood(first, second);
    expect(saidJustNow('e').events.map((event) => event.id)).toEqual([base(3).id]);
    await keepLogs(second, {});
    keptForGood(second, {});
    expect(saidOn()).toEqual([]);
    expect(await keptLog('e')).toBeUndefined();
  });

  it('asks nothing of a browser that has no such store, or of one that is full', () => {
    Object.defineProperty(globalThis, 'localStorage', { value: undefined, configurable: true });
    expect(() => sayAtOnce({}, lit({}, 1))).not.toThrow();
    expect(saidOn()).toEqual([]);
    const full = new Small();
    full.setItem = () => {
      throw new Error('QuotaExceededError');
    };
    const warn = jest.spyOn(console, 'warn').mockImplementation(() => undefined);
    Object.defineProperty(globalThis, 'localStorage', { value: full, configurable: true });
    expect(() => sayAtOnce({}, lit({}, 1))).not.toThrow();
    expect(warn).toHaveBeenCalled();
    warn.mockRestore();
  });
});
