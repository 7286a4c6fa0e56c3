import type { LiveEvent } from '@elixa/contract';
import { planHashOf, planPot } from '@elixa/core';
import { practice } from '@/testing/household';
import { keepLogs, keptLog, unsentLogs } from './keptLogs';
import { localStore } from './localStore';
import { eventRecorded, eventsStored, liveReducer, type LiveLogs } from './log';
import { readLog } from './reading';

const evening = practice();
const plan = planPot(evening);
const planHash = planHashOf(plan);
const base = (n: number) => ({
  id: `00000000-0000-4000-8000-00000000000${n}`,
  at: evening.sitDownAt,
  device: 'this-phone',
});
const adopted = (logs: LiveLogs, n: number, over?: string) =>
  liveReducer(
    logs,
    eventRecorded({ eveningId: 'e', event: { ...base(n), type: 'planAdopted', evening, planHash, over }, plan }),
  );
const noted = (logs: LiveLogs, n: number) =>
  liveReducer(logs, eventRecorded({ eveningId: 'e', event: { ...base(n), type: 'noted', text: 'More tofu' } }));

/** What was written to the device meanwhile. */
async function written(work: () => Promise<void>): Promise<string[]> {
  const write = jest.spyOn(localStore, 'write');
  await work();
  const keys = write.mock.calls.map(([key]) => key);
  write.mockRestore();
  return keys;
}

describe('a log on this device', () => {
  const lit = adopted({}, 1);
  const tapped = noted(lit, 2);
  const again = adopted(tapped, 3, base(1).id);

  it('keeps a plan once, before what names it, and never again with a tap or when it is adopted anew', async () => {
    expect(await written(() => keepLogs({}, lit))).toEqual([`plan:e:${planHash}`, 'live:e']);
    expect(await written(() => keepLogs(lit, tapped))).toEqual(['live:e']);
    expect(await written(() => keepLogs(tapped, again))).toEqual(['live:e']);
    expect(await localStore.read('live:e')).not.toHaveProperty('plans');
  });

  it('comes back whole, and only what was never sent is looked for', async () => {
    expect(readLog((await keptLog('e'))!)).toMatchObject({ ...again.e, refused: undefined });
    expect([...(await unsentLogs()).keys()]).toEqual(['e']);
    const ids = again.e!.events.map(({ id }: LiveEvent) => id);
    const sent = liveReducer(again, eventsStored({ eveningId: 'e', ids }));
    await keepLogs(again, sent);
    expect((await unsentLogs()).size).toBe(0);
  });

  it('is gone with its plans when it is let go', async () => {
    await keepLogs(again, {});
    expect(await keptLog('e')).toBeUndefined();
    expect(await localStore.read(`plan:e:${planHash}`)).toBeUndefined();
  });
});
