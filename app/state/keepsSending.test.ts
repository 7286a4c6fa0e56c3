import type { LiveEvent, StoredEvening } from '@elixa/contract';
import { practice } from '@/testing/household';
import { json, serverThat, taking } from '@/testing/serverThat';
import { makeStore, type AppStore } from '@/state';
import { api } from './api';
import { edited, eveningArrived } from './drafts';
import { eventRecorded } from './log';
import * as reading from './reading';
import { startSync } from './sync';

jest.mock('@/state/localStore', () => ({
  ...jest.requireActual<object>('@/state/localStore'),
  localStore: { read: async () => undefined, write: async () => {}, remove: async () => {}, all: async () => [] },
}));

const evening = practice();
const stored: StoredEvening = { version: 1, status: 'planned', updatedAt: '2026-11-24T12:00:00Z', evening };
const tap = (n: number): { eveningId: string; event: LiveEvent } => ({
  eveningId: evening.id,
  event: {
    id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
    v: 3,
    at: '2026-11-24T19:00:00+00:00',
    device: 'this-phone',
    clock: n,
    type: 'noted',
    text: `Note ${n}`,
  },
});
const typed = (title: string) => edited({ id: evening.id, kind: 'titled', evening: { ...evening, title } });

const silent = () => {
  throw new TypeError('Failed to fetch');
};

const seconds = (s: number) => jest.advanceTimersByTimeAsync(s * 1000);
const page = { hasFocus: true };
let store: AppStore;
let stop: () => void;

beforeEach(async () => {
  jest.useFakeTimers();
  page.hasFocus = true;
  Object.assign(globalThis, { document: { hasFocus: () => page.hasFocus } });
  Object.assign(window, { addEventListener: jest.fn(), removeEventListener: jest.fn() });
  serverThat(taking);
  store = makeStore();
  store.dispatch(eveningArrived(stored));
  stop = startSync(store, async () => reading);
  await seconds(1);
});
afterEach(async () => {
  serverThat(taking);
  store.dispatch(eventRecorded(tap(99)));
  await seconds(120);
  stop();
  jest.useRealTimers();
});

const sends = (asked: readonly string[]) => asked.filter((one) => !one.startsWith('GET'));

describe('while the application is open', () => {
  it('a tap is sent at once, and an idle application asks nothing', async () => {
    const asked = serverThat(taking);
    await seconds(60);
    expect(asked).toEqual([]);
    store.dispatch(eventRecorded(tap(1)));
    await seconds(0.3);
    expect(sends(asked)).toEqual([`POST /api/evenings/${evening.id}/events`]);
    await seconds(60);
    expect(sends(asked)).toHaveLength(1);
  });

  it('a tap that comes while another is on its way does not wait for anything', async () => {
    const asked = serverThat(async (request) => {
      await new Promise((resolve) => setTimeout(resolve, 500));
      return taking(request);
    });
    store.dispatch(eventRecorded(tap(2)));
    await seconds(0.3);
    store.dispatch(eventRecorded(tap(3)));
    await seconds(1.2);
    expect(sends(asked)).toHaveLength(2);
    expect(store.getState().live[evening.id]?.unsent).toEqual([]);
  });

  it('letters typed one by one are not sent one by one', async () => {
    const asked = serverThat(taking);
    for (const title of ['P', 'Pr', 'Pra', 'Prac']) {
      store.dispatch(typed(title));
      await seconds(0.1);
    }
    await seconds(2);
    expect(sends(asked)).toHaveLength(1);
    expect(store.getState().drafts[evening.id]).toMatchObject({ unsaved: false, evening: { title: 'Prac' } });
  });

  it('a page behind another leaves it to the one in front for a while', async () => {
    page.hasFocus = false;
    const asked = serverThat(taking);
    store.dispatch(typed('Behind'));
    await seconds(2);
    expect(sends(asked)).toEqual([]);
    await seconds(1);
    expect(sends(asked)).toHaveLength(1);
  });
});

describe('while nothing gets through', () => {
  it('taps do not make it ask more often', async () => {
    const asked = serverThat(silent);
    for (let n = 10; n < 40; n += 1) {
      store.dispatch(eventRecorded(tap(n)));
      await seconds(1);
    }
    expect(sends(asked).length).toBeLessThan(6);
  });

  it('an ill server is left alone too, though it answers other things', async () => {
    const asked = serverThat((request) => (request.method === 'GET' ? json(200, stored) : json(503, {})));
    store.dispatch(eventRecorded(tap(40)));
    for (let s = 0; s < 30; s += 2) {
      void store.dispatch(api.endpoints.readEvening.initiate(evening.id, { forceRefetch: true, subscribe: false }));
      await seconds(2);
    }
    expect(sends(asked).length).toBeLessThan(6);
  });

  it('the first answer to anything sends what is left at once', async () => {
    serverThat(silent);
    store.dispatch(eventRecorded(tap(50)));
    await seconds(60);
    expect(store.getState().live[evening.id]?.unsent).toHaveLength(1);
    serverThat(taking);
    void store.dispatch(api.endpoints.readEvening.initiate(evening.id, { forceRefetch: true, subscribe: false }));
    await seconds(0.3);
    expect(store.getState().live[evening.id]?.unsent).toEqual([]);
  });
});
