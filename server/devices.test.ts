import { once } from 'node:events';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { probeReadingSchema, type LiveEvent } from '@elixa/contract';
import { CATALOGUE, factsOf, liveSteps, planHashOf, planPot } from '@elixa/core';
import { standInProbe } from './devices/probeThermometer';
import { practiceKitchen } from './services/practiceKitchen';
import { liveService } from './services/liveService';
import { summaryOf } from './services/logSummary';
import { eveningNews } from './services/news';
import { eveningStore } from './store/eveningStore';
import { eventStore } from './store/eventStore';
import { example, testServer, type TestServer } from './testing/testServer';
import { threadPlanner } from './workers/planner';

let server: TestServer;
let listening: Server;
let address: string;
const evening = example('practice-night');
const planner = threadPlanner();

beforeAll(async () => {
  server = await testServer({ devices: { probe: standInProbe(async () => 70, { everyMs: 20 }) } });
  listening = server.app.listen(0);
  await once(listening, 'listening');
  address = `http://127.0.0.1:${(listening.address() as AddressInfo).port}/api/devices`;
  await server.request.post('/api/evenings').send({ evening });
});
afterAll(async () => {
  listening.closeAllConnections();
  listening.close();
  await planner.close();
  await server.close();
});

/** Reads a device as a tab does. `until` reads on until the words have come, or the stream ends. */
async function reads(query: string) {
  const ended = new AbortController();
  const answer = await fetch(`${address}/probe/readings?${query}`, { signal: ended.signal });
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let said = '';
  const until = async (words: RegExp) => {
    while (!words.test(said)) {
      const { value, done } = await reader.read();
      if (done) break;
      said += value;
    }
    return said;
  };
  return { until, end: () => ended.abort() };
}

describe('the devices of the kitchen', () => {
  it('are listed, each with whether it is a stand-in', async () => {
    const { devices } = (await server.request.get('/api/devices')).body;
    expect(devices).toEqual([
      { id: 'scale', isPractice: true },
      { id: 'probe', isPractice: true },
      { id: 'hob', isPractice: true },
    ]);
  });

  it('are read by one tab at a time; another is told, and may take them', async () => {
    const one = await reads('by=one');
    const [first] = /\{.*\}/.exec(await one.until(/data: .*\n\n/))!;
    expect(probeReadingSchema.safeParse(JSON.parse(first)).success).toBe(true);
    const two = await reads('by=two');
    expect(await two.until(/taken/)).toBe('event: taken\ndata: {}\n\n');
    const forced = await reads('by=two&take=1');
    await forced.until(/data: .*\n\n/);
    expect(await one.until(/taken/)).toMatch(/event: taken/);
    forced.end();
  });

  it('refuse what they cannot do, by the name of the field', async () => {
    const answer = await server.request.post('/api/devices/hob/set').send({ share: 3 });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0].field).toBe('share');
    expect((await server.request.post('/api/devices/probe/place').send({ eveningId: 4 })).status).toBe(422);
    expect((await server.request.post('/api/devices/hob/set').send({ share: 0.5 })).status).toBe(204);
  });
});

describe('a server whose probe is stuck into an evening that is not there', () => {
  it('goes on, and says so in its log', async () => {
    const own = await testServer();
    const one = own.app.listen(0);
    await once(one, 'listening');
    const at = `http://127.0.0.1:${(one.address() as AddressInfo).port}/api`;
    const ended = new AbortController();
    await own.request.post('/api/devices/probe/place').send({ eveningId: 'nowhere' });
    const stream = await fetch(`${at}/devices/probe/readings?by=one`, { signal: ended.signal });
    const said = () => own.lines.some((line) => line.includes('the practice probe reads nothing'));
    for (let tries = 0; tries < 100 && !said(); tries += 1) await new Promise((go) => setTimeout(go, 50));
    expect(said()).toBe(true);
    expect((await fetch(`${at}/health`)).status).toBe(200);
    ended.abort();
    await stream.body?.cancel().catch(() => undefined);
    one.closeAllConnections();
    one.close();
    await own.close();
  });
});

describe('the practice kitchen', () => {
  const START = Date.parse('2026-11-24T18:55:00Z');
  const plan = planPot(evening);
  const planHash = planHashOf(plan);
  const id = (index: number) => `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`;
  const base = (index: number, atS: number) => ({
    v: 3 as const,
    id: id(index),
    at: new Date(START + atS * 1000).toISOString(),
    device: 'this-phone',
    clock: index + 1,
  });

  it('warms its pot when that is lit, goes by what is told of it, and by the hand at its knob', async () => {
    const evenings = eveningStore(server.db);
    const news = eveningNews();
    const live = liveService(evenings, eventStore(server.db, summaryOf), news);
    let nowMs = START;
    const kitchen = practiceKitchen(live, news, planner, () => nowMs);
    const tempC = (atS: number, pieceId?: string) => {
      nowMs = START + atS * 1000;
      return kitchen.tempC({ eveningId: evening.id, ...(pieceId ? { pieceId } : {}) });
    };
    // Somebody left it off on the evening before.
    nowMs = START - 60_000;
    kitchen.turn(0);
    expect(await tempC(0)).toBeUndefined();

    const steps = liveSteps(CATALOGUE, plan.simmer);
    const boil = steps.findIndex(({ kind }) => kind === 'boil');
    const events = steps.slice(0, boil).map((step, at): LiveEvent => ({
      ...base(at + 1, step.atS),
      type: 'happened',
      facts: JSON.parse(JSON.stringify(factsOf(step, plan, id(0)))),
    }));
    const adopted: LiveEvent = { ...base(0, 0), type: 'planAdopted', evening, planHash };
    await live.append(evening.id, { plans: { [planHash]: plan }, events: [adopted, ...events] });

    const poured = steps[boil - 1]!.atS;
    const [cold, warm] = [await tempC(poured + 5), await tempC(poured + 120)];
    expect(warm!).toBeGreaterThan(cold! + 5);
    expect(await tempC(poured + 120, 'nothing-like-it')).toBeUndefined();
    kitchen.turn(0);
    const off = await tempC(poured + 240);
    expect(off!).toBeLessThan(warm! + 1);
  });
});
