import type { PantryItem } from '@elixa/contract';
import { testServer, type TestServer } from './testing/testServer';

let server: TestServer;
const at = (hour: number) => `2026-11-24T${String(hour).padStart(2, '0')}:00:00Z`;
const kelp = (massG: number, hour: number): PantryItem => ({ itemId: 'kelp', massG, changedAt: at(hour) });
const jar: PantryItem = { itemId: 'chilliSauce', massG: 120, bestBefore: '2026-12-08', changedAt: at(9) };
const count = (...items: PantryItem[]) => server.request.post('/api/pantry').send({ items });
const read = async () => (await server.request.get('/api/pantry')).body.items as PantryItem[];

beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('the pantry on the server', () => {
  it('starts empty, and keeps what is counted', async () => {
    expect(await read()).toEqual([]);
    const answer = await count(kelp(50, 10), jar);
    expect(answer.status).toBe(200);
    expect(await read()).toEqual([jar, kelp(50, 10)]);
  });

  it('holds the later of two counts, whichever comes first', async () => {
    await count(kelp(20, 12));
    await count(kelp(50, 11));
    expect(await read()).toContainEqual(kelp(20, 12));
  });

  it('keeps the same thing with two days apart', async () => {
    await count({ ...jar, bestBefore: '2026-12-20' });
    expect((await read()).filter((item) => item.itemId === 'chilliSauce')).toHaveLength(2);
  });

  it('refuses what the catalogue does not hold, names the field, and keeps nothing of it', async () => {
    const before = await read();
    const answer = await count(kelp(1, 20), { ...jar, itemId: 'moonDust' });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({ field: 'items[1].itemId' });
    expect(await read()).toEqual(before);
  });

  it('refuses a mass below nothing and a day that is none', async () => {
    expect((await count(kelp(-1, 13))).status).toBe(422);
    expect((await count({ ...jar, bestBefore: 'soon' })).body.errors[0].field).toBe('items[0].bestBefore');
  });
});
