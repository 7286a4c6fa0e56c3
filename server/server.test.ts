import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import type { AddressInfo } from 'node:net';
import { planSchema } from '@elixa/contract';
import { seedDemoData } from './demoData';
import { listenOnFreePort } from './http/listen';
import { eveningService } from './services/eveningService';
import { openDatabase } from './store/database';
import { eveningStore } from './store/eveningStore';
import { emptyDatabase } from './testing/emptyDatabase';
import { example, testServer, type TestServer } from './testing/testServer';
import { threadPlanner } from './workers/planner';

let server: TestServer;
let web: string;

beforeAll(async () => {
  web = mkdtempSync(path.join(tmpdir(), 'elixa-web-'));
  mkdirSync(path.join(web, '_expo'));
  writeFileSync(
    path.join(web, 'index.html'),
    '<head><title>Elixa</title><meta name="kitchen" content="/k.1.js /k.js" />' +
      '<meta name="pages" content="a1b2c3" /></head>' +
      '<body><h1 id="opening-title">Elixa</h1><script src="/first.js" defer></script></body>',
  );
  writeFileSync(path.join(web, '_expo', 'entry-1a2b.js'), 'export {}');
  writeFileSync(path.join(web, '_expo', 'entry-1a2b.js.br'), brotliCompressSync('export {}'));
  server = await testServer({ webDirectory: web, requestsPerMinute: 40 });
});
afterAll(async () => {
  await server.close();
  rmSync(web, { recursive: true });
});

describe('the server', () => {
  it('says with every answer which pages it gives out, so that an old one can ask to be reloaded', async () => {
    for (const address of ['/api/health', '/api/evenings', '/api/nowhere'])
      expect((await server.request.get(address)).headers['elixa-pages']).toBe('a1b2c3');
  });

  it('gives the plan of a document without storing it', async () => {
    const answer = await server.request.post('/api/plan').send({ evening: example('muffled-peal') });
    expect(answer.status).toBe(200);
    expect(planSchema.parse(answer.body).eveningId).toBe('muffled-peal');
    expect((await server.request.get('/api/evenings')).body.evenings).toEqual([]);
  });

  it('answers others while it plans, and says which fields keep an evening from being planned', async () => {
    const late = { ...example('practice-night'), kitchen: { startAt: '2026-11-24T19:20:00+00:00' } };
    let isPlanned = false;
    const plan = server.request
      .post('/api/plan')
      .send({ evening: late })
      .then((answer) => {
        isPlanned = true;
        return answer;
      });
    expect((await server.request.get('/api/health')).status).toBe(200);
    expect(isPlanned).toBe(false);
    expect((await plan).body.prep.late).toBeGreaterThan(0);
    const broken = { ...example('practice-night'), style: { id: 'moonSoup', schools: {} } };
    const refused = await server.request.post('/api/plan').send({ evening: broken });
    expect(refused.status).toBe(422);
    expect(refused.body.errors[0]).toMatchObject({ field: 'style.id' });
  });

  it('gives up a plan that never comes, and plans the next one', async () => {
    const planner = threadPlanner(1);
    await expect(planner.plan(example('muffled-peal'))).rejects.toMatchObject({ why: { kind: 'tookTooLong' } });
    await planner.close();
    const patient = threadPlanner();
    expect((await patient.plan(example('muffled-peal'))).eveningId).toBe('muffled-peal');
    await patient.close();
  });

  it('takes a document that begins with a mark of its byte order', async () => {
    const text = `\uFEFF${JSON.stringify({ evening: example('muffled-peal') })}`;
    const answer = await server.request.post('/api/plan').set('content-type', 'application/json').send(text);
    expect(answer.status).toBe(200);
  });

  it('publishes its schemas', async () => {
    const answer = await server.request.get('/api/schemas/evening');
    expect(answer.type).toBe('application/schema+json');
    expect(answer.body.properties).toHaveProperty('sitDownAt');
    expect((await server.request.get('/api/schemas/kettle')).status).toBe(404);
  });

  it('serves the application at every address that is no file, and files for long', async () => {
    const page = await server.request.get('/evening/practice-night/stove');
    expect(page.status).toBe(200);
    expect(page.text).toContain('Elixa');
    const script = await server.request.get('/_expo/entry-1a2b.js');
    expect(script.headers['cache-control']).toMatch(/immutable/);
  });

  it('says the name of an evening before any script has run, as text and nothing else', async () => {
    const title = 'Fish & <leeks>';
    await server.request.post('/api/evenings').send({ evening: example('practice-night', { id: 'leeks', title }) });
    const named = await server.request.get('/evening/leeks/who');
    expect(named.text).toContain('<h1 id="opening-title">Fish &amp; &lt;leeks&gt;</h1>');
    expect((await server.request.get('/evening/nowhere/who')).text).toContain('<h1 id="opening-title">Elixa</h1>');
    await server.request.delete('/api/evenings/leeks');
  });

  it('sends the part that computes with the page of an evening, after the first part, and not with the list', async () => {
    const scriptsOf = async (address: string) =>
      [...(await server.request.get(address)).text.matchAll(/<script src="([^"]+)"[^>]* defer>/g)].map((all) => all[1]);
    expect(await scriptsOf('/evening/anything/who')).toEqual(['/first.js', '/k.1.js', '/k.js']);
    expect(await scriptsOf('/')).toEqual(['/first.js']);
  });

  it('sends a script as small as it was packed', async () => {
    const answer = await server.request.get('/_expo/entry-1a2b.js').set('accept-encoding', 'br, gzip');
    expect(answer.headers).toMatchObject({ 'content-encoding': 'br', vary: expect.stringMatching(/accept-encoding/i) });
    expect(answer.headers['cache-control']).toMatch(/immutable/);
  });

  it('says what to do when nothing has been built', async () => {
    const bare = await testServer({ webDirectory: path.join(web, 'nowhere') });
    const answer = await bare.request.get('/');
    expect(answer.status).toBe(503);
    expect(answer.text).toContain('npm run build');
    await bare.close();
  });

  it('sends headers that keep foreign scripts out', async () => {
    const { headers } = await server.request.get('/');
    expect(headers['content-security-policy']).toMatch(/script-src 'self'/);
    expect(headers).not.toHaveProperty('x-powered-by');
  });

  it('logs a request as one line of JSON, without cookies or keys', async () => {
    server.lines.length = 0;
    await server.request.get('/api/health').set('cookie', 'secret=1').set('authorization', 'Bearer secret');
    const lines = server.lines.map((line) => JSON.parse(line) as { req: { url: string }; res: { statusCode: number } });
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ req: { method: 'GET', url: '/api/health' }, res: { statusCode: 200 } });
    expect(server.lines.join()).not.toContain('secret');
  });

  it('lets something be poured on the stand-in for a scale, and names what is wrong with it', async () => {
    const pour = (massG: number) => server.request.post('/api/devices/scale/pour').send({ massG });
    expect((await pour(20)).status).toBe(204);
    expect((await server.request.post('/api/devices/scale/tare')).status).toBe(204);
    expect((await pour(1e6)).body.errors[0]).toMatchObject({ field: 'massG', fix: 'Use 5000 or less.' });
  });

  it('slows down whoever asks without end', async () => {
    const answers = await Promise.all(Array.from({ length: 45 }, () => server.request.get('/api/health')));
    const refused = answers.find((one) => one.status === 429);
    expect(refused?.body.title).toBe('Too many requests');
  });
});

describe('ports', () => {
  it('takes the next free one when the wanted one is taken', async () => {
    const blocker = createServer();
    await new Promise<void>((resolve) => blocker.listen(0, '127.0.0.1', resolve));
    const taken = (blocker.address() as AddressInfo).port;
    const listening = await listenOnFreePort(server.app, taken, '127.0.0.1');
    const { port, address } = listening.address() as AddressInfo;
    expect(port).toBeGreaterThan(taken);
    expect(address).toBe('127.0.0.1');
    listening.close();
    blocker.close();
  });
});

describe('the database on disk', () => {
  it('is there again after it was closed, with the demo evenings written once', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'elixa-data-'));
    const now = new Date('2026-11-24T12:00:00Z');
    const first = await openDatabase(path.join(folder, 'pg'));
    expect(await seedDemoData(first.db, now)).toBe(true);
    expect(await seedDemoData(first.db, now)).toBe(false);
    await first.close();

    const second = await openDatabase(path.join(folder, 'pg'));
    const { evenings } = await eveningService(eveningStore(second.db)).list();
    const status = Object.fromEntries(evenings.map((one) => [one.title, one.status]));
    expect(status).toEqual({ 'Practice night': 'planned', 'Muffled peal': 'planned', 'First frost': 'finished' });
    await second.close();
    rmSync(folder, { recursive: true });
  });

  it('forgets what was deleted a month ago and nothing younger', async () => {
    const database = await emptyDatabase();
    const store = eveningStore(database.db);
    const now = new Date('2026-11-24T12:00:00Z');
    const service = eveningService(store, undefined, () => now);
    for (const [name, days] of [
      ['practice-night', 31],
      ['muffled-peal', 29],
    ] as const) {
      await store.insert(example(name), now);
      await store.setDeleted(name, new Date(now.getTime() - days * 86_400_000));
    }
    await service.purge();
    await expect(service.restore('practice-night')).rejects.toMatchObject({ why: { kind: 'notFound' } });
    expect((await service.restore('muffled-peal')).evening.title).toBe('Muffled peal');
    await database.close();
  });
});
