import type { LiveEvent } from '@elixa/contract';
import { eventRecorded, eventsStored, liveReducer, logArrived, logFound, type LiveLogs } from './log';

const event = (n: number, device = 'this-phone'): LiveEvent => ({
  v: 3,
  id: `00000000-0000-4000-8000-00000000000${n}`,
  at: '2026-11-24T19:00:00Z',
  device,
  clock: n,
  type: 'noted',
  text: `Note ${n}`,
});
const record = (state: LiveLogs, n: number) => liveReducer(state, eventRecorded({ eveningId: 'e', event: event(n) }));
const ids = (...numbers: number[]) => numbers.map((n) => event(n).id);

describe('the log on this device', () => {
  it('knows what the server does not have yet', () => {
    const state = record(record({}, 1), 2);
    expect(state.e?.unsent).toEqual(ids(1, 2));
    expect(liveReducer(state, eventsStored({ eveningId: 'e', ids: ids(1) })).e?.unsent).toEqual(ids(2));
  });

  it('joins the server’s events with its own, each once', () => {
    const state = liveReducer(
      record({}, 2),
      logArrived({ eveningId: 'e', log: { plans: {}, events: [event(1), event(2)] } }),
    );
    expect(state.e?.events.map((one) => one.id).sort()).toEqual(ids(1, 2));
    expect(state.e?.unsent).toEqual([]);
  });

  it('places what is said here after all that it has seen, and remembers what it saw last of another', () => {
    const heard = liveReducer(
      {},
      logArrived({ eveningId: 'e', log: { plans: {}, events: [event(5, 'that-phone'), event(3, 'that-phone')] } }),
    );
    const [, , said] = record(heard, 1).e!.events;
    expect(said).toMatchObject({ id: event(1).id, clock: 6, after: event(5).id, v: 3 });
  });

  it('still owes what an earlier visit could not send, even when a tap came first', () => {
    const kept = { plans: {}, events: [event(1)], unsent: ids(1) };
    const state = liveReducer(record({}, 2), logFound({ eveningId: 'e', log: kept }));
    expect(state.e?.events).toHaveLength(2);
    expect([...(state.e?.unsent ?? [])].sort()).toEqual(ids(1, 2));
  });
});
