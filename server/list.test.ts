import type { Diner, EveningSummary } from '@elixa/contract';
import { rehearsedPlan } from '@elixa/core/planEvening/rehearsed';
import { evenings as table } from './store/schema';
import { eveningService } from './services/eveningService';
import { eveningStore } from './store/eveningStore';
import { example, testServer, type TestServer } from './testing/testServer';

const HOUR = 3_600_000;
const NOW = Date.now();
/** More than a page of each, and a few that share their hour. */
const COMING = 35;
const GONE = 75;

let server: TestServer;
const at = (hours: number) => new Date(NOW + hours * HOUR).toISOString();
const get = (query = '') => server.request.get(`/api/evenings${query}`);

async function walk(query: string): Promise<EveningSummary[]> {
  const found: EveningSummary[] = [];
  for (let after: string | undefined = ''; after !== undefined;) {
    const answer = await get(`?${query}${after ? `&after=${encodeURIComponent(after)}` : ''}`);
    expect(answer.status).toBe(200);
    found.push(...answer.body.evenings);
    after = answer.body.next;
  }
  return found;
}

beforeAll(async () => {
  server = await testServer();
  const night = (id: string, hours: number) => ({
    id,
    version: 1,
    document: example('practice-night', { id, title: id, sitDownAt: at(hours) }),
    sitDownAt: new Date(at(hours)),
    updatedAt: new Date(NOW),
    summarised: true,
  });
  await server.db
    .insert(table)
    .values([
      ...Array.from({ length: COMING }, (_, index) => night(`coming-${index}`, 1 + Math.floor(index / 2))),
      ...Array.from({ length: GONE }, (_, index) => night(`gone-${index}`, -13 - Math.floor(index / 3))),
      { ...night('cooked-early', 2), status: 'finished' as const, lastNote: 'More tofu.' },
      { ...night('dropped', 3), deletedAt: new Date(NOW) },
    ]);
});
afterAll(() => server.close());

describe('the list in pages', () => {
  it('gives what comes, the next first, and what has been, the last first; each once, none left out', async () => {
    const ahead = await walk('part=ahead');
    const past = await walk('part=past');
    expect(ahead).toHaveLength(COMING);
    expect(past).toHaveLength(GONE + 1);
    expect(new Set([...ahead, ...past].map((one) => one.id)).size).toBe(COMING + GONE + 1);
    const hours = (rows: EveningSummary[]) => rows.map((one) => Date.parse(one.sitDownAt));
    expect(hours(ahead)).toEqual([...hours(ahead)].sort((a, b) => a - b));
    expect(hours(past)).toEqual([...hours(past)].sort((a, b) => b - a));
    expect(past[0]).toMatchObject({ id: 'cooked-early', status: 'finished', lastNote: 'More tofu.' });
  });

  it('leaves out none however small the pages are, also among those of the same hour', async () => {
    const all = await walk('');
    for (const limit of [1, 7, 100]) {
      expect((await walk(`limit=${limit}`)).map((one) => one.id)).toEqual(all.map((one) => one.id));
    }
  });

  it('gives no more than a page, and says where the next begins', async () => {
    const { body } = await get('?part=past');
    expect(body.evenings).toHaveLength(30);
    expect(body.next).toEqual(expect.any(String));
    expect((await get('?part=past&limit=100')).body).not.toHaveProperty('next');
  });

  it.each([
    ['?part=soon', 'part'],
    ['?after=yesterday', 'after'],
    ['?limit=0', 'limit'],
    ['?limit=many', 'limit'],
    ['?page=2', 'page'],
  ])('names what is wrong in %s', async (query, field) => {
    const answer = await get(query);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe(field);
    expect(answer.body.errors[0].fix).toBeTruthy();
  });

  it('does not read more of an evening than the list shows', async () => {
    const { evenings } = await eveningService(eveningStore(server.db)).list('ahead');
    expect(Object.keys(evenings[0]!).sort()).toEqual(
      [
        'diners',
        'finishedAt',
        'id',
        'lastNote',
        'photoAt',
        'sitDownAt',
        'status',
        'styleId',
        'title',
        'version',
      ].sort(),
    );
  });
});

describe('everybody who has been at the table', () => {
  it('is there once, as they last were', async () => {
    const diner = (name: string, appetite: Diner['appetite']): Diner => ({
      ...example('practice-night').diners[0]!,
      name,
      appetite,
    });
    const evening = (id: string, hours: number, diners: Diner[]) =>
      example('practice-night', { id, sitDownAt: at(hours), diners });
    await server.request.post('/api/evenings').send({ evening: evening('older', 40, [diner('noor', 'large')]) });
    await server.request.post('/api/evenings').send({ evening: evening('newer', 50, [diner('Noor', 'small')]) });
    const people: Diner[] = (await server.request.get('/api/people')).body.people;
    expect(people.filter((one) => one.name.toLowerCase() === 'noor')).toEqual([diner('Noor', 'small')]);
    expect(people.map((one) => one.name)).toEqual([...people].map((one) => one.name).sort());
  });
});

describe('the card of an evening', () => {
  it('shows its pot as the plan has it, and again after a change', async () => {
    const evening = example('muffled-peal');
    await server.request.post('/api/evenings').send({ evening });
    const first = await server.request.get('/api/evenings/muffled-peal/card');
    const plan = rehearsedPlan(evening);
    expect(first.body.version).toBe(1);
    const timed = await server.request.get('/api/evenings/muffled-peal/lit-at');
    expect(timed.body).toEqual({ version: 1, litAt: plan.simmer.litAt });
    const seen = (body: typeof first.body) =>
      body.drawing.names.map((one: { ingredientId: string }) => one.ingredientId);
    expect(seen(first.body).sort()).toEqual([...new Set(plan.build.placements.map((one) => one.ingredientId))].sort());
    const changed = { ...evening, choices: { ...evening.choices, leaveOut: ['carrot'] } };
    await server.request.put('/api/evenings/muffled-peal').send({ version: 1, evening: changed });
    const second = await server.request.get('/api/evenings/muffled-peal/card');
    expect(second.body.version).toBe(2);
    expect(seen(second.body)).not.toContain('carrot');
  });

  it('is not there for an evening that is not there', async () => {
    for (const what of ['card', 'lit-at']) {
      expect((await server.request.get(`/api/evenings/nowhere/${what}`)).status).toBe(404);
    }
  });
});
