import type { Photo } from '@elixa/contract';
import { fitted } from '@/features/photo/sizedDown';
import { putAt, whereOf } from '@/features/photo/shownPhoto';
import { practice } from '@/testing/household';
import { json, serverThat, taking } from '@/testing/serverThat';
import { makeStore, type AppStore } from '@/state';
import { eveningMade } from './drafts';
import { localStore } from './localStore';
import { photoBytes, photoKept, unsentPhotos } from './photos';
import * as reading from './reading';
import { recall, sendWhatIsLeft } from './sync';

const evening = practice();
const { id } = evening;
const [first, second] = ['2026-11-24T19:00:00.000Z', '2026-11-24T19:05:00.000Z'];
const bytesOf = (which: string, changedAt = first) => ({ changedAt, jpeg: `${which}-large`, small: `${which}-small` });

/** A server that takes pictures, and what it was sent of them. */
function takingPictures(): Photo[] {
  const sent: Photo[] = [];
  serverThat(async (request) => {
    if (!request.url.endsWith('/photo')) return taking(request);
    sent.push((await request.json()) as Photo);
    return json(200, { photoAt: sent.at(-1)!.changedAt });
  });
  return sent;
}
const send = (store: AppStore) => sendWhatIsLeft(store, async () => reading);
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

async function putIn(store: AppStore, which: string, changedAt: string): Promise<void> {
  await photoBytes.keep(id, bytesOf(which, changedAt));
  store.dispatch(photoKept({ id, changedAt }));
  await settled();
}

afterEach(async () => {
  await settled();
  await photoBytes.drop(id);
});

describe('the picture of an evening on a device', () => {
  it('is sent once, and then lies with the server alone', async () => {
    const sent = takingPictures();
    const store = makeStore();
    await putIn(store, 'pot', first);
    expect(await localStore.read(`photo:${id}`)).toEqual(bytesOf('pot'));
    await send(store);
    await send(store);
    expect(sent).toEqual([bytesOf('pot')]);
    await settled();
    expect(await localStore.read(`photo:${id}`)).toBeUndefined();
    expect(await localStore.read('photos')).toEqual({});
    // This visit still shows it without asking.
    expect(await photoBytes.read(id)).toEqual(bytesOf('pot'));
  });

  it('waits for its evening, and outlasts a visit while nobody answers', async () => {
    serverThat(() => {
      throw new TypeError('Failed to fetch');
    });
    const store = makeStore();
    store.dispatch(eveningMade(evening));
    await putIn(store, 'pot', first);
    await send(store);
    const later = makeStore();
    await recall(later);
    expect(later.getState().photos).toEqual({ [id]: { changedAt: first, unsent: true } });
    const sent = takingPictures();
    await send(later);
    expect(sent).toHaveLength(1);
    const order = serverThat(taking);
    await send(store);
    await send(store);
    expect(order.filter((one) => one.startsWith('POST'))).toEqual([
      'POST /api/evenings',
      `POST /api/evenings/${id}/photo`,
    ]);
  });

  it('that is taken again while one is on its way is sent as well', async () => {
    const store = makeStore();
    await putIn(store, 'pot', first);
    const sent: Photo[] = [];
    serverThat(async (request) => {
      const photo = (await request.json()) as Photo;
      if (sent.push(photo) === 1) await putIn(store, 'again', second);
      return json(200, { photoAt: photo.changedAt });
    });
    await send(store);
    await send(store);
    expect(sent.map((photo) => photo.changedAt)).toEqual([first, second]);
    expect(sent.at(-1)).toEqual(bytesOf('again', second));
    expect(unsentPhotos(store.getState().photos)).toEqual({});
  });

  it('that is put there while the answer is on its way is still on the device afterwards', async () => {
    const store = makeStore();
    await putIn(store, 'pot', first);
    serverThat(async (request) => {
      const photo = (await request.json()) as Photo;
      if (photo.changedAt === first) await photoBytes.keep(id, bytesOf('again', second));
      return json(200, { photoAt: photo.changedAt });
    });
    await send(store);
    await settled();
    expect(await localStore.read(`photo:${id}`)).toEqual(bytesOf('again', second));
    store.dispatch(photoKept({ id, changedAt: second }));
    const sent = takingPictures();
    await send(store);
    expect(sent).toEqual([bytesOf('again', second)]);
  });

  it('that the server refuses is told of and not sent again before the next visit', async () => {
    const asked = serverThat(() => json(422, { title: 'No', detail: 'jpeg: is no JPEG', type: 'x', status: 422 }));
    const store = makeStore();
    await putIn(store, 'pot', first);
    await send(store);
    await send(store);
    expect(asked).toHaveLength(1);
    expect(store.getState().notice.shown?.says).toBe('The picture was not stored. jpeg: is no JPEG');
    const later = makeStore();
    await recall(later);
    expect(later.getState().photos[id]).toEqual({ changedAt: first, unsent: true });
  });

  it('of an evening that is not there is not told of, and is tried again at the next visit', async () => {
    const asked = serverThat(() =>
      json(404, { title: 'Not found', detail: 'There is no evening', type: 'x', status: 404 }),
    );
    const store = makeStore();
    await putIn(store, 'pot', first);
    await send(store);
    await send(store);
    expect(asked).toHaveLength(1);
    expect(store.getState().notice.shown).toBeUndefined();
    const later = makeStore();
    await recall(later);
    const sent = takingPictures();
    await send(later);
    expect(sent).toHaveLength(1);
  });

  it('whose bytes are gone with the page is not owed for ever', async () => {
    const asked = serverThat(taking);
    const store = makeStore();
    store.dispatch(photoKept({ id, changedAt: first }));
    await send(store);
    expect(asked).toEqual([]);
    expect(store.getState().photos).toEqual({});
  });

  it('that is removed is removed everywhere', async () => {
    const sent = takingPictures();
    const store = makeStore();
    store.dispatch(photoKept({ id, changedAt: second, gone: true }));
    await send(store);
    expect(sent).toEqual([{ changedAt: second, gone: true }]);
  });
});

describe('which picture is shown', () => {
  it.each([
    ['none', undefined, undefined, undefined],
    ['the server’s', undefined, first, { at: first }],
    ['this device’s, not sent yet', { changedAt: second, unsent: true as const }, undefined, { here: second }],
    ['the later: here', { changedAt: second }, first, { here: second }],
    ['the later: from another device', { changedAt: first }, second, { at: second }],
    ['none, removed here', { changedAt: second, gone: true as const }, first, undefined],
    ['the one put there after it was removed here', { changedAt: first, gone: true as const }, second, { at: second }],
  ])('%s', (_what, here, photoAt, where) => {
    expect(whereOf(here, photoAt)).toEqual(where);
  });
});

it('what is put there is later than what is there, however late that says it is', () => {
  const nowMs = Date.parse(first);
  expect(putAt(nowMs, undefined, undefined)).toBe(first);
  expect(putAt(nowMs, '2026-11-24T18:00:00.000Z')).toBe(first);
  expect(putAt(nowMs, second, undefined)).toBe('2026-11-24T19:05:00.001Z');
  expect(putAt(nowMs, second, '2026-11-24T19:05:00.001Z')).toBe('2026-11-24T19:05:00.002Z');
});

describe('sizing down', () => {
  it.each([
    ['wide', 4000, 3000, 1280, 960],
    ['high', 3000, 4000, 960, 1280],
    ['small', 640, 480, 640, 480],
    ['a strip', 12_000, 3, 1280, 1],
  ])('keeps the shape: %s', (_shape, width, height, wide, high) => {
    expect(fitted({ width, height }, 1280)).toEqual({ width: wide, height: high });
  });
});
