import { once } from 'node:events';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { LiveEvent } from '@elixa/contract';
import { example, testServer, type TestServer } from './testing/testServer';

let server: TestServer;
let listening: Server;
let address: string;
const evening = example('practice-night');
const other = example('first-frost');

beforeAll(async () => {
  server = await testServer();
  listening = server.app.listen(0);
  await once(listening, 'listening');
  address = `http://127.0.0.1:${(listening.address() as AddressInfo).port}/api/evenings`;
  for (const one of [evening, other]) await server.request.post('/api/evenings').send({ evening: one });
});
afterAll(async () => {
  listening.closeAllConnections();
  listening.close();
  await server.close();
});

const noted = (index: number): LiveEvent => ({
  v: 3,
  id: `00000000-0000-4000-8000-${String(index).padStart(12, '0')}`,
  at: '2026-11-24T19:00:00.000Z',
  device: 'this-phone',
  clock: index,
  type: 'noted',
  text: 'More of everything.',
});

/** Opens the stream of an evening. `until` reads on until the words have come. */
async function follow(id: string) {
  const ended = new AbortController();
  const answer = await fetch(`${address}/${id}/events/stream`, { signal: ended.signal });
  const reader = answer.body!.pipeThrough(new TextDecoderStream()).getReader();
  let said = '';
  const until = async (words: string) => {
    while (!said.includes(words)) {
      const { value, done } = await reader.read();
      if (done) throw new Error(`The stream ended without "${words}": ${said}`);
      said += value;
    }
    return said;
  };
  await until(': open');
  return { answer, until, end: () => ended.abort() };
}

describe('the stream of an evening', () => {
  it('tells of each tap and each change of this evening as it is stored, and of no other', async () => {
    const stream = await follow(evening.id);
    expect(stream.answer.headers.get('content-type')).toBe('text/event-stream');
    const change = (one: typeof evening, title: string) =>
      server.request.put(`/api/evenings/${one.id}`).send({ version: 1, evening: { ...one, title } });
    await change(other, 'Somebody else’s');
    await server.request.post(`/api/evenings/${other.id}/events`).send({ events: [noted(1)] });
    await server.request.post(`/api/evenings/${evening.id}/events`).send({ events: [noted(2)] });
    await change(evening, 'Practice, again');
    const said = await stream.until('"version":2}\n\n');
    stream.end();
    expect(said.replace(/^retry.*\n|^: open\n/gm, '').trim()).toBe(
      `data: ${JSON.stringify({ plans: {}, events: [noted(2)] })}\n\nevent: changed\ndata: {"version":2}`,
    );
  });

  it('says nothing twice: what was refused or was there already is no news', async () => {
    const stream = await follow(evening.id);
    await server.request.post(`/api/evenings/${evening.id}/events`).send({ events: [noted(2)] });
    await server.request.put(`/api/evenings/${evening.id}`).send({ version: 1, evening });
    await server.request.post(`/api/evenings/${evening.id}/events`).send({ events: [noted(3)] });
    const said = await stream.until(noted(3).id);
    stream.end();
    expect(said).not.toContain(noted(2).id);
    expect(said).not.toContain('changed');
  });

  it('of an evening that is not there is refused', async () => {
    expect((await fetch(`${address}/nothing-here/events/stream`)).status).toBe(404);
  });
});
