import { waitFor } from '@testing-library/react-native';
import type { LiveEvent, StoredEvening } from '@elixa/contract';
import { practice } from '@/testing/household';
import { json, serverThat, taking } from '@/testing/serverThat';
import { makeStore, type AppStore } from '@/state';
import { edited, eveningArrived, eveningMade, sendAgain } from './drafts';
import { eventRecorded } from './log';
import { timerStarted } from './timers';
import * as reading from './reading';
import { recall, recallEvening, recallUnsent, sendWhatIsLeft as sendWith, waitMs } from './sync';

const readers = async () => reading;
const sendWhatIsLeft = (store: AppStore) => sendWith(store, readers);

const mockKept = new Map<string, unknown>();
let mockHeld: Promise<void> | undefined;
jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: {
    read: async (key: string) => {
      const value = mockKept.get(key);
      await mockHeld;
      return value;
    },
    write: async (key: string, value: unknown) => void mockKept.set(key, value),
    remove: async (key: string) => void mockKept.delete(key),
    all: async (prefix: string) =>
      [...mockKept].filter(([key]) => key.startsWith(prefix)).map(([key, value]) => [key.slice(prefix.length), value]),
  },
}));

const evening = practice();
const event = (n: number): LiveEvent => ({
  id: `00000000-0000-4000-8000-00000000000${n}`,
  v: 3,
  at: '2026-11-24T19:00:00+00:00',
  device: 'this-phone',
  clock: n,
  type: 'noted',
  text: `Note ${n}`,
});
const stored: StoredEvening = { version: 1, status: 'planned', updatedAt: '2026-11-24T12:00:00Z', evening };

async function settled() {
  await new Promise((resolve) => setTimeout(resolve, 20));
}

async function storeWithWork(): Promise<AppStore> {
  const store = makeStore();
  store.dispatch(eveningMade(evening));
  store.dispatch(eventRecorded({ eveningId: evening.id, event: event(1) }));
  store.dispatch(eventRecorded({ eveningId: evening.id, event: event(2) }));
  await settled();
  return store;
}

beforeEach(() => {
  mockKept.clear();
  mockHeld = undefined;
});

describe('sending', () => {
  it('keeps everything on the device before anything is sent', async () => {
    const asked = serverThat(() => json(500, {}));
    await storeWithWork();
    expect(asked).toEqual([]);
    expect(mockKept.get(`draft:${evening.id}`)).toMatchObject({ unsaved: true });
    expect(mockKept.get(`live:${evening.id}`)).toMatchObject({ unsent: [event(1).id, event(2).id] });
  });

  it('sends the evening before its events, and owes nothing afterwards', async () => {
    const asked = serverThat(taking);
    const store = await storeWithWork();
    await sendWhatIsLeft(store);
    expect(asked.filter((one) => one.startsWith('POST'))).toEqual([
      'POST /api/evenings',
      `POST /api/evenings/${evening.id}/events`,
    ]);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: false, baseVersion: 1 });
    expect(store.getState().live[evening.id]?.unsent).toEqual([]);
  });

  it('loses nothing while nobody answers, and sends it all when somebody does', async () => {
    serverThat(() => {
      throw new TypeError('Failed to fetch');
    });
    const store = await storeWithWork();
    await sendWhatIsLeft(store);
    expect(store.getState().connection.trouble).toBe('noAnswer');
    expect(store.getState().drafts[evening.id]?.unsaved).toBe(true);
    expect(store.getState().live[evening.id]?.unsent).toHaveLength(2);

    serverThat((request) =>
      request.url.endsWith('/events')
        ? json(200, { accepted: [event(1).id], alreadyHad: [event(2).id] })
        : json(201, stored),
    );
    await sendWhatIsLeft(store);
    expect(store.getState().connection.trouble).toBeUndefined();
    expect(store.getState().live[evening.id]?.unsent).toEqual([]);
  });

  it.each([500, 502, 504, 429, 408])('tries again by itself after an answer of %d', async (status) => {
    serverThat(() => json(status, {}));
    const store = await storeWithWork();
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: true });
    expect(store.getState().drafts[evening.id]?.problem).toBeUndefined();
    serverThat(taking);
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: false });
    expect(store.getState().live[evening.id]?.unsent).toEqual([]);
  });

  it('waits longer after each try that failed, and never longer than a minute', () => {
    const waits = [0, 1, 2, 3, 10, 1000].map(waitMs);
    expect([...waits].sort((a, b) => a - b)).toEqual(waits);
    expect(waits[1]).toBeGreaterThan(waits[0]!);
    expect(waits.at(-1)).toBe(60_000);
  });

  it('keeps what it saved as the answer to the next reading', async () => {
    serverThat((request) =>
      request.url.endsWith('/events')
        ? json(200, { accepted: [event(1).id, event(2).id], alreadyHad: [] })
        : json(201, { ...stored, version: 5 }),
    );
    await sendWhatIsLeft(await storeWithWork());
    expect(mockKept.get(`answer:/evenings/${evening.id}`)).toMatchObject({ version: 5 });
  });

  it('takes no conflict from an answer that was lost on the way', async () => {
    let lost = true;
    let there: StoredEvening | undefined;
    serverThat(async (request) => {
      const { evening: sent } = (await request.clone().json()) as { evening: StoredEvening['evening'] };
      const isNew = request.method === 'POST';
      if (isNew && there) return json(409, { type: 't', title: 'Taken', status: 409, detail: 'd', current: there });
      there = { ...stored, version: (there?.version ?? 0) + 1, evening: sent };
      if (lost) throw new TypeError('Failed to fetch');
      return json(200, there);
    });
    const store = makeStore();
    store.dispatch(eveningMade(evening));
    await sendWhatIsLeft(store);
    lost = false;
    store.dispatch(edited({ id: evening.id, kind: 'titled', evening: { ...evening, title: 'Later' } }));
    await sendWhatIsLeft(store);
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: false, baseVersion: 2 });
    expect(store.getState().drafts[evening.id]?.conflict).toBeUndefined();
    expect(there?.evening.title).toBe('Later');
  });

  it('keeps both when somebody else changed the evening, and does not send again until one is chosen', async () => {
    const current = { ...stored, version: 4, evening: { ...evening, title: 'Theirs' } };
    const asked = serverThat(() =>
      json(409, { type: 't', title: 'Changed meanwhile', status: 409, detail: 'd', current }),
    );
    const store = makeStore();
    store.dispatch(eveningMade(evening));
    await sendWhatIsLeft(store);
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]?.conflict?.version).toBe(4);
    expect(asked.filter((one) => one.startsWith('POST'))).toHaveLength(1);
  });
});

describe('what is refused', () => {
  const refusal = { type: 't', title: 'Some fields need another value', status: 422, detail: 'sitDownAt: past' };

  it.each([422, 404, 413])('is told and not sent again by itself: an evening after an answer of %d', async (status) => {
    const asked = serverThat(() => json(status, { ...refusal, status }));
    const store = makeStore();
    store.dispatch(eveningMade(evening));
    await sendWhatIsLeft(store);
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: true, problem: { status } });
    expect(asked.filter((one) => one.startsWith('POST'))).toHaveLength(1);
    store.dispatch(sendAgain(evening.id));
    await sendWhatIsLeft(store);
    expect(asked.filter((one) => one.startsWith('POST'))).toHaveLength(2);
  });

  it('is told of what was done at the stove too, and lost by nobody', async () => {
    const asked = serverThat((request) => (request.url.endsWith('/events') ? json(404, refusal) : json(201, stored)));
    const store = await storeWithWork();
    await sendWhatIsLeft(store);
    await sendWhatIsLeft(store);
    const log = store.getState().live[evening.id];
    expect(log).toMatchObject({ refused: { title: refusal.title }, unsent: [event(1).id, event(2).id] });
    expect(asked.filter((one) => one.endsWith('/events'))).toHaveLength(1);
    store.dispatch(eventRecorded({ eveningId: evening.id, event: event(3) }));
    await sendWhatIsLeft(store);
    expect(asked.filter((one) => one.endsWith('/events'))).toHaveLength(2);
  });

  it('keeps nothing else from being sent', async () => {
    const asked = serverThat((request) =>
      request.url.endsWith('/api/evenings') && request.method === 'POST'
        ? json(503, {})
        : json(200, { ...stored, version: 8 }),
    );
    const store = makeStore();
    store.dispatch(eveningMade({ ...evening, id: 'busy' }));
    store.dispatch(eveningArrived({ ...stored, version: 7 }));
    store.dispatch(edited({ id: evening.id, kind: 'titled', evening: { ...evening, title: 'Later' } }));
    await sendWhatIsLeft(store);
    expect(asked).toContain(`PUT /api/evenings/${evening.id}`);
    expect(store.getState().drafts[evening.id]?.unsaved).toBe(false);
    expect(store.getState().drafts.busy?.unsaved).toBe(true);
  });

  it('waits for somebody to sign in, and is then sent as it was', async () => {
    serverThat(() => json(401, { title: 'Who is there?' }));
    const store = await storeWithWork();
    await sendWhatIsLeft(store);
    expect(store.getState().connection.trouble).toBe('signIn');
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: true });
    expect(store.getState().drafts[evening.id]?.problem).toBeUndefined();
    serverThat(taking);
    await sendWhatIsLeft(store);
    expect(store.getState().drafts[evening.id]?.unsaved).toBe(false);
    expect(store.getState().connection.trouble).toBeUndefined();
  });
});

describe('a reload', () => {
  it('brings back an evening when it is opened, whether or not it was sent', async () => {
    mockKept.set(`draft:${evening.id}`, { evening, baseVersion: 3, unsaved: false });
    const store = makeStore();
    await recall(store);
    await recallUnsent(store, readers);
    expect(store.getState().drafts).toEqual({});
    await recallEvening(store, evening.id, readers);
    expect(store.getState().drafts[evening.id]).toMatchObject({ baseVersion: 3, evening });
  });

  it('loses nothing of what is unsent where the device answers late, whatever the server sent meanwhile', async () => {
    const id = 'late';
    const unsaved = { ...evening, id, title: 'Typed on the way' };
    mockKept.set(`draft:${id}`, { evening: unsaved, baseVersion: 1, unsaved: true });
    mockKept.set(`live:${id}`, { events: [event(1)], unsent: [event(1).id] });
    let answers: () => void = () => undefined;
    mockHeld = new Promise((resolve) => (answers = resolve));
    const store = makeStore();
    const recalled = recallEvening(store, id, readers);
    store.dispatch(eveningArrived({ ...stored, version: 2, evening: { ...evening, id } }));
    store.dispatch(eventRecorded({ eveningId: id, event: event(2) }));
    answers();
    await recalled;
    expect(store.getState().drafts[id]).toMatchObject({ evening: unsaved, baseVersion: 1, unsaved: true });
    const both = [event(2).id, event(1).id];
    expect(store.getState().live[id]!.unsent).toEqual(both);
    await waitFor(() => expect(mockKept.get(`live:${id}`)).toMatchObject({ unsent: both }));
  });

  it('reads nothing of evenings where nothing is owed', async () => {
    mockKept.set(`draft:${evening.id}`, { evening, baseVersion: 3, unsaved: false });
    const load = jest.fn(readers);
    await recallUnsent(makeStore(), load);
    expect(load).not.toHaveBeenCalled();
  });

  it('brings back drafts, logs and settings from the device', async () => {
    serverThat(() => json(500, {}));
    const before = await storeWithWork();
    before.dispatch(timerStarted({ id: 'kelp', eveningId: evening.id, says: 'Kelp in', endsAtMs: 5 }));
    await settled();
    const after = makeStore();
    await recall(after);
    await recallUnsent(after, readers);
    expect(after.getState().drafts).toEqual(before.getState().drafts);
    expect(after.getState().live).toEqual(before.getState().live);
    expect(after.getState().timers.kelp?.endsAtMs).toBe(5);
  });
});
