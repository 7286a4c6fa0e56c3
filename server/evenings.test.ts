import { binSchema, PROBLEM_MEDIA_TYPE, problemSchema, storedEveningSchema } from '@elixa/contract';
import { example, testServer, type TestServer } from './testing/testServer';

let server: TestServer;
const evening = example('practice-night');
const post = (body: object) => server.request.post('/api/evenings').send(body);
const put = (version: number, changed = evening) =>
  server.request.put(`/api/evenings/${changed.id}`).send({ version, evening: changed });

beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

describe('an evening', () => {
  it('is created once, however often it is sent', async () => {
    const first = await post({ evening });
    expect(first.status).toBe(201);
    expect(first.headers.location).toBe('/api/evenings/practice-night');
    expect(storedEveningSchema.parse(first.body).version).toBe(1);
    const again = await post({ evening });
    expect(again.status).toBe(200);
    expect(again.body.version).toBe(1);
  });

  it('does not take the place of another one with its id', async () => {
    const other = await post({ evening: { ...evening, title: 'Something else' } });
    expect(other.status).toBe(409);
    expect(problemSchema.parse(other.body).current?.evening.title).toBe('Practice night');
  });

  it('is read back as it was sent', async () => {
    const answer = await server.request.get('/api/evenings/practice-night');
    expect(answer.body.evening).toEqual(evening);
    expect(answer.body.status).toBe('planned');
  });

  it('goes up one version with each change', async () => {
    const changed = await put(1, { ...evening, title: 'Practice night, late' });
    expect(changed.status).toBe(200);
    expect(changed.body.version).toBe(2);
    expect(changed.body.evening.title).toBe('Practice night, late');
  });

  it('refuses a stale change, gives what is stored, and loses nothing', async () => {
    const stale = await put(1, { ...evening, title: 'From the other phone' });
    expect(stale.status).toBe(409);
    expect(stale.type).toBe(PROBLEM_MEDIA_TYPE);
    const problem = problemSchema.parse(stale.body);
    expect(problem.current?.version).toBe(2);
    expect(problem.current?.evening.title).toBe('Practice night, late');
    const kept = await server.request.get('/api/evenings/practice-night');
    expect(kept.body.evening.title).toBe('Practice night, late');
  });

  it('lets only one of two changes at the same time through', async () => {
    const answers = await Promise.all([put(2, { ...evening, title: 'Odile' }), put(2, { ...evening, title: 'Ines' })]);
    expect(answers.map((one) => one.status).sort()).toEqual([200, 409]);
  });

  it('is deleted and brought back with everything', async () => {
    expect((await server.request.delete('/api/evenings/practice-night')).status).toBe(204);
    expect((await server.request.get('/api/evenings/practice-night')).status).toBe(404);
    expect((await server.request.get('/api/evenings')).body.evenings).toEqual([]);
    expect((await put(3)).status).toBe(404);
    const thrown = binSchema.parse((await server.request.get('/api/bin')).body).evenings;
    expect(thrown.map((one) => one.id)).toEqual(['practice-night']);
    const keptMs = Date.parse(thrown[0]!.goneAt) - Date.parse(thrown[0]!.deletedAt);
    expect(keptMs).toBe(30 * 24 * 3_600_000);
    const back = await server.request.post('/api/evenings/practice-night/restore');
    expect(back.status).toBe(200);
    expect(back.body.version).toBe(3);
    expect((await server.request.get('/api/evenings')).body.evenings).toHaveLength(1);
    expect((await server.request.get('/api/bin')).body.evenings).toEqual([]);
  });

  it('stands in the list with who comes and when, the latest first', async () => {
    await post({ evening: example('muffled-peal') });
    const { evenings } = (await server.request.get('/api/evenings')).body;
    expect(evenings.map((one: { title: string }) => one.title)[0]).toBe('Muffled peal');
    expect(evenings[0]).toMatchObject({ status: 'planned', styleId: 'clearChicken', version: 1 });
    expect(evenings[0].diners.length).toBe(example('muffled-peal').diners.length);
  });
});

describe('bad input', () => {
  const problemFor = async (body: object) => {
    const answer = await post(body);
    expect(answer.type).toBe(PROBLEM_MEDIA_TYPE);
    const problem = problemSchema.parse(answer.body);
    expect(problem.status).toBe(answer.status);
    return problem;
  };

  it.each([
    ['evening.diners', { ...evening, diners: [] }, /at least 1/],
    ['evening.diners[0].appetite', { ...evening, diners: [{ ...evening.diners[0], appetite: 'huge' }] }, /small/],
    ['evening.sitDownAt', { ...evening, sitDownAt: 'half past seven' }, /offset/],
    ['evening.vessel.rimVolumeMl', { ...evening, vessel: { ...evening.vessel, rimVolumeMl: 9000 } }, /./],
    ['evening.style.id', { ...evening, style: { id: 'moonSoup', schools: {} } }, /clearChicken/],
    ['evening.service', { ...evening, service: 'swish' }, /rounds/],
    ['evening.choices.leaveOut[0]', { ...evening, choices: { swaps: [], leaveOut: ['salmon'] } }, /daikon/],
  ])('names the field and the fix: %s', async (field, document, fix) => {
    const problem = await problemFor({ evening: { ...document, id: 'odd-one' } });
    expect(problem.status).toBe(422);
    const fault = problem.errors?.find((one) => one.field.endsWith(field.replace('evening.', '')));
    expect(fault?.fix).toMatch(fix);
    expect(problem.instance).toBe('/api/evenings');
    expect((await server.request.get('/api/evenings/odd-one')).status).toBe(404);
  });

  it('says when the body is no JSON, and when it is too large', async () => {
    const send = (text: string) => server.request.post('/api/evenings').type('json').send(text);
    const broken = await send('{"evening": ');
    expect(broken.status).toBe(400);
    expect(broken.body.errors[0].fix).toMatch(/JSON/);
    const huge = await send(JSON.stringify({ evening: 'x'.repeat(3_000_000) }));
    expect(huge.status).toBe(413);
  });

  it('refuses a change under another address', async () => {
    const answer = await server.request.put('/api/evenings/muffled-peal').send({ version: 1, evening });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({ field: 'evening.id', fix: 'Use "muffled-peal".' });
  });

  it('has a problem document for every address that leads nowhere', async () => {
    const answer = await server.request.get('/api/kettles');
    expect(answer.status).toBe(404);
    expect(answer.type).toBe(PROBLEM_MEDIA_TYPE);
    expect((await server.request.post('/api/evenings/nobody/restore')).status).toBe(404);
    expect((await server.request.delete('/api/evenings/nobody')).status).toBe(404);
  });
});
