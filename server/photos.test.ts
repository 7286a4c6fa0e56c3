import { PHOTO } from '@elixa/contract';
import { example, testServer, type TestServer } from './testing/testServer';

let server: TestServer;
let count = 0;
let id: string;
let path: string;

/** Bytes that begin as a JPEG does and say which one they are. */
const jpeg = (which: string, bytes = 40) =>
  Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.from(which.padEnd(bytes, '.'))]);
const put = (which: string, hour: number) =>
  server.request.post(path).send({
    changedAt: `2026-11-24T${hour}:00:00.000Z`,
    jpeg: jpeg(which).toString('base64'),
    small: jpeg(`small ${which}`).toString('base64'),
  });
const takeAway = (hour: number) =>
  server.request.post(path).send({ changedAt: `2026-11-24T${hour}:00:00.000Z`, gone: true });
const picture = (query = '') => server.request.get(`${path}.jpg${query}`).buffer(true);
const listed = async () =>
  (await server.request.get('/api/evenings')).body.evenings.find((one: { id: string }) => one.id === id).photoAt;

beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());
beforeEach(async () => {
  id = `practice-${(count += 1)}`;
  path = `/api/evenings/${id}/photo`;
  await server.request.post('/api/evenings').send({ evening: example('practice-night', { id }) });
});

describe('the picture of an evening', () => {
  it('comes back byte by byte, large and small, and the list says when it was put there', async () => {
    expect((await server.request.get(path)).body).toEqual({});
    expect(await listed()).toBeUndefined();
    expect((await put('filled pot', 19)).body).toEqual({ photoAt: '2026-11-24T19:00:00.000Z' });
    expect((await picture()).body).toEqual(jpeg('filled pot'));
    expect((await picture('?size=small')).body).toEqual(jpeg('small filled pot'));
    expect((await picture()).headers['content-type']).toBe('image/jpeg');
    expect(await listed()).toBe('2026-11-24T19:00:00.000Z');
    expect((await server.request.get(path)).body).toEqual({ photoAt: '2026-11-24T19:00:00.000Z' });
  });

  it('is the latest that any device put there, in whatever order they arrive', async () => {
    await put('later', 20);
    expect((await put('earlier', 18)).body).toEqual({ photoAt: '2026-11-24T20:00:00.000Z' });
    expect((await picture()).body).toEqual(jpeg('later'));
    await takeAway(19);
    expect((await picture()).status).toBe(200);
    expect((await takeAway(21)).body).toEqual({});
    expect((await picture()).status).toBe(404);
    expect(await listed()).toBeUndefined();
    await put('earlier', 20);
    expect((await picture()).status).toBe(404);
    await put('anew', 22);
    expect((await picture()).body).toEqual(jpeg('anew'));
  });

  it('may be kept by a browser only under the time at which it was put there', async () => {
    await put('filled pot', 19);
    const at = encodeURIComponent('2026-11-24T19:00:00.000Z');
    expect((await picture(`?at=${at}`)).headers['cache-control']).toContain('immutable');
    expect((await picture()).headers['cache-control']).toBe('private, no-cache');
    await put('anew', 20);
    expect((await picture(`?at=${at}`)).headers['cache-control']).toBe('private, no-cache');
  });

  it.each([
    ['no JPEG', { jpeg: Buffer.from('<svg onload="alert(1)"/>').toString('base64') }, 'jpeg'],
    ['a small one that is none', { small: Buffer.from('GIF89a').toString('base64') }, 'small'],
    ['one that was not sized down', { jpeg: jpeg('huge', PHOTO.mostBytes + 3).toString('base64') }, 'jpeg'],
    ['text', { jpeg: 'not in base64!' }, 'jpeg'],
    ['one without a time', { changedAt: 'yesterday' }, 'changedAt'],
  ])('%s is refused, with the field and nothing kept', async (_what, wrong, field) => {
    const answer = await server.request.post(path).send({
      changedAt: '2026-11-24T19:00:00.000Z',
      jpeg: jpeg('filled pot').toString('base64'),
      small: jpeg('small').toString('base64'),
      ...wrong,
    });
    expect(answer.status).toBe(422);
    expect(answer.body.errors.map((one: { field: string }) => one.field)).toContain(field);
    expect((await picture()).status).toBe(404);
  });

  it('goes with its evening, and comes back with it', async () => {
    await put('filled pot', 19);
    await server.request.delete(`/api/evenings/${id}`);
    expect((await picture()).status).toBe(404);
    expect((await put('too late', 20)).status).toBe(404);
    await server.request.post(`/api/evenings/${id}/restore`);
    expect((await picture()).body).toEqual(jpeg('filled pot'));
  });
});
