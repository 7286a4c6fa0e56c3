import { readFileSync } from 'node:fs';
import path from 'node:path';
import { liveLogSchema, type LiveEvent } from '@elixa/contract';
import { factsOf, foldLive, liveSteps, planHashOf, planPot, CATALOGUE } from '@elixa/core';
import { example, testServer, type TestServer } from './testing/testServer';

let server: TestServer;
const evening = example('practice-night');
const id = (index: number) => `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`;
const at = (second: number) => new Date(Date.parse('2026-11-24T18:55:00Z') + second * 1000).toISOString();
const plan = planPot(evening);
const said = (index: number, second = index * 60) => ({
  v: 3 as const,
  id: id(index),
  at: at(second),
  device: 'this-phone',
  clock: index + 1,
});
const planHash = planHashOf(plan);
const plans = { [planHash]: JSON.parse(JSON.stringify(plan)) as typeof plan };
const started: LiveEvent = { ...said(0), type: 'planAdopted', evening, planHash };
const tap = (index: number): LiveEvent => ({
  ...said(index),
  type: 'happened',
  facts:
    index === 1
      ? JSON.parse(JSON.stringify(factsOf(liveSteps(CATALOGUE, plan.simmer)[0]!, plan, id(0))))
      : [{ potId: 'main', act: { is: 'stirred' } }],
});
const send = (events: LiveEvent[], to = evening.id, named = plans) =>
  server.request.post(`/api/evenings/${to}/events`).send({ plans: named, events });
const read = async () => (await server.request.get(`/api/evenings/${evening.id}/events`)).body.events as LiveEvent[];

beforeAll(async () => {
  server = await testServer();
  await server.request.post('/api/evenings').send({ evening });
  await server.request.post('/api/evenings').send({ evening: example('muffled-peal') });
});
afterAll(() => server.close());

describe('a page of the version before', () => {
  it('is heard: its taps are kept, and read as facts by the others', async () => {
    const old = { ...example('first-frost'), id: 'old-page' };
    await server.request.post('/api/evenings').send({ evening: old });
    const events = [
      { id: id(800), at: at(0), type: 'started', evening: old },
      { id: id(801), at: at(60), type: 'stepDone', step: 0 },
    ];
    const answer = await server.request.post('/api/evenings/old-page/events').send({ events });
    expect(answer.body).toEqual({ accepted: [id(800), id(801)], alreadyHad: [] });
    const again = await server.request.post('/api/evenings/old-page/events').send({ events });
    expect(again.body).toEqual({ accepted: [], alreadyHad: [id(800), id(801)] });
    const read = (await server.request.get('/api/evenings/old-page/events')).body.events as LiveEvent[];
    expect(read.every((event) => event.v === 3)).toBe(true);
    expect(read.map((event) => event.type)).toEqual(expect.arrayContaining(['planAdopted', 'happened']));
  });

  it('is told what is wrong with an event, by its field', async () => {
    const events = [{ id: id(810), at: at(0), type: 'stepDone', step: -1 }];
    const answer = await server.request.post(`/api/evenings/${evening.id}/events`).send({ events });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe('events[0].step');
  });
});

describe('a page of version 2', () => {
  it('is heard, taps and plan, and its events are read as today’s by all others', async () => {
    const file = path.join(import.meta.dirname, '../core/live/version2/fish-cakes.log.json');
    const text = readFileSync(file, 'utf8').replaceAll('-4000-8000-', '-4000-9000-');
    const old = JSON.parse(text) as Array<{ id: string }>;
    const own = { ...example('first-frost'), id: 'version-2' };
    await server.request.post('/api/evenings').send({ evening: own });
    const post = () => server.request.post('/api/evenings/version-2/events').send({ events: old });
    expect((await post()).body.accepted).toEqual(old.map((event) => event.id));
    expect((await post()).body.accepted).toEqual([]);
    const log = liveLogSchema.parse((await server.request.get('/api/evenings/version-2/events')).body);
    expect(Object.keys(log.plans)).toHaveLength(1);
    expect(foldLive(log).status).toBe('finished');
    const summary = (await server.request.get('/api/evenings')).body.evenings as Array<{ id: string }>;
    expect(summary.find((row) => row.id === 'version-2')).toMatchObject({ status: 'finished' });
  });
});

describe('the plans of a log', () => {
  const again = (index: number): LiveEvent => ({ ...said(index), type: 'planAdopted', evening, planHash, over: id(0) });

  it('are kept once, however often they are adopted, and named without being sent again', async () => {
    await server.request.post('/api/evenings').send({ evening: { ...evening, id: 'adopts' } });
    const batch = Array.from({ length: 30 }, (_, index) => again(300 + index));
    expect((await send(batch, 'adopts')).body.accepted).toHaveLength(30);
    expect((await send([again(340)], 'adopts', {})).body.accepted).toEqual([id(340)]);
    const log = await server.request.get('/api/evenings/adopts/events');
    expect(Object.keys(log.body.plans)).toEqual([planHash]);
    expect(log.body.events).toHaveLength(31);
  });

  it('are refused where one is missing, by field', async () => {
    await server.request.post('/api/evenings').send({ evening: { ...evening, id: 'lacks' } });
    const missing = await send([again(350)], 'lacks', {});
    expect(missing.status).toBe(422);
    expect(missing.body.errors[0]).toMatchObject({
      field: 'events[0].planHash',
      fix: expect.stringContaining('plans'),
    });
    expect((await server.request.get('/api/evenings/lacks/events')).body).toEqual({ plans: {}, events: [] });
  });
});

describe('the log of a live evening', () => {
  it('takes events in order and gives them back', async () => {
    const answer = await send([started, tap(1), tap(2)]);
    expect(answer.body).toEqual({ accepted: [id(0), id(1), id(2)], alreadyHad: [] });
    expect(await read()).toEqual([started, tap(1), tap(2)]);
    const log = await server.request.get(`/api/evenings/${evening.id}/events`);
    expect(log.body.plans).toEqual(plans);
    expect((await server.request.get(`/api/evenings/${evening.id}`)).body.status).toBe('live');
  });

  it('refuses to start with an evening that cannot be planned, and names the field', async () => {
    const moon = { ...evening, style: { id: 'moonSoup', schools: {} } };
    const answer = await send([{ ...started, id: id(900), evening: moon } as LiveEvent]);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe('events[0].evening.style.id');
    expect((await read()).map((event) => event.id)).not.toContain(id(900));
  });

  it('takes an event once, however often it is sent', async () => {
    const answer = await send([tap(2), tap(3)]);
    expect(answer.body).toEqual({ accepted: [id(3)], alreadyHad: [id(2)] });
    expect((await read()).map((event) => event.id)).toEqual([0, 1, 2, 3].map(id));
  });

  it('takes the same batch from two tabs at once without a double', async () => {
    const batch = [tap(4), tap(5)];
    const answers = await Promise.all([send(batch), send(batch)]);
    expect(answers.map((one) => one.status)).toEqual([200, 200]);
    expect(answers.flatMap((one) => one.body.accepted).sort()).toEqual([id(4), id(5)]);
    expect(await read()).toHaveLength(6);
  });

  it('refuses an id that is stored with other contents, and stores none of that batch', async () => {
    const other = { ...tap(3), clock: 99 } as LiveEvent;
    const answer = await send([tap(6), other]);
    expect(answer.status).toBe(409);
    expect(answer.body.errors[0]).toMatchObject({ field: 'events', fix: 'Make a new id for each event.' });
    expect((await send([tap(1)], 'muffled-peal')).status).toBe(409);
    expect(await read()).toHaveLength(6);
  });

  it('names the event at fault', async () => {
    const answer = await send([{ ...tap(7), clock: -1 } as LiveEvent]);
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe('events[0].clock');
  });

  it('belongs to an evening', async () => {
    expect((await send([tap(8)], 'nobody')).status).toBe(404);
  });

  it('makes the evening finished, with its last note in the list', async () => {
    await send([
      { ...said(20, 3000), type: 'noted', text: 'Bram wanted more tofu.' },
      { ...said(21, 3010), type: 'finished' },
    ]);
    const { evenings } = (await server.request.get('/api/evenings')).body;
    const row = evenings.find((one: { id: string }) => one.id === evening.id);
    expect(row).toMatchObject({ status: 'finished', lastNote: 'Bram wanted more tofu.', finishedAt: at(3010) });
  });
});
