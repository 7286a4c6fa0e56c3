import { housePotOf, newEvening } from '@elixa/core';
import type { HousePot } from '@elixa/contract';
import { testServer, type TestServer } from './testing/testServer';

let server: TestServer;
const evening = newEvening({ id: 'practice', title: 'Practice', sitDownAt: '2026-11-24T19:30:00+00:00' });
const pot = (name: string, hour: number, more: Partial<HousePot> = {}): HousePot => ({
  ...housePotOf(evening, { id: 'pot-1', name, changedAt: `2026-11-24T${hour}:00:00Z` }),
  ...more,
});
const keep = (...pots: unknown[]) => server.request.post('/api/pots').send({ pots });
const names = async () => ((await server.request.get('/api/pots')).body.pots as HousePot[]).map((one) => one.name);

beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('the pots of the house on the server', () => {
  it('are kept, the later of each, whichever comes first', async () => {
    expect(await names()).toEqual([]);
    expect((await keep(pot('Belfry pot', 12))).status).toBe(200);
    await keep(pot('An older name', 10));
    expect(await names()).toEqual(['Belfry pot']);
    await keep(pot('Tower pot', 14));
    expect(await names()).toEqual(['Tower pot']);
  });

  it('stay thrown away, so that another device does not bring them back', async () => {
    await keep(pot('Tower pot', 16, { gone: true }));
    const answer = await keep(pot('Tower pot', 15));
    expect(answer.body.pots).toMatchObject([{ id: 'pot-1', gone: true }]);
  });

  it('are refused with the field where they are none, and nothing of it is kept', async () => {
    const answer = await keep(pot('Fine', 20, { id: 'pot-2' }), { ...pot('Wrong', 20), service: 'buffet' });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe('pots[1].service');
    expect(await names()).not.toContain('Fine');
  });
});
