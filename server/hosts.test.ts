import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces, tmpdir } from 'node:os';
import path from 'node:path';
import { openDatabase } from './store/database';
import { BrokenDataError } from './store/wholeness';
import { example, testServer } from './testing/testServer';

describe('who is let in', () => {
  let server: Awaited<ReturnType<typeof testServer>>;
  beforeAll(async () => {
    server = await testServer({ hosts: ['Kitchen.Test', ' '] });
  });
  afterAll(() => server.close());

  const own = Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter((one) => one.family === 'IPv4')
    .map((one) => one.address);

  it.each(['localhost', 'LOCALHOST:4380', '127.0.0.1:4380', '[::1]:4380', 'kitchen.test', hostname(), ...own])(
    'asks by a name of the machine: %s',
    async (host) => {
      expect((await server.request.get('/api/evenings').set('Host', host)).status).toBe(200);
    },
  );

  it.each(['evil.example', '203.0.113.9', 'localhost.evil.example', '127.0.0.1.evil.example:4380', ''])(
    'and nobody who asks by another: "%s"',
    async (host) => {
      for (const method of ['get', 'post', 'delete'] as const) {
        const answer = await server.request[method]('/api/evenings').set('Host', host);
        expect([method, answer.status >= 400]).toEqual([method, true]);
        expect(answer.text).not.toContain('practice');
      }
    },
  );

  it.each(['https://evil.example', 'http://203.0.113.9', 'null', 'http://localhost.evil.example'])(
    'no page of %s writes anything, by whatever method',
    async (origin) => {
      const evening = example('practice-night');
      const put = await server.request.put(`/api/evenings/${evening.id}`).set('Origin', origin).send({ evening });
      expect(put.status).toBe(403);
      expect(put.body).toMatchObject({ type: '/problems/foreign-origin' });
      const post = await server.request.post('/api/evenings').set('Origin', origin).send({ evening });
      expect(post.status).toBe(403);
      expect((await server.request.delete(`/api/evenings/${evening.id}`).set('Origin', origin)).status).toBe(403);
      expect((await server.request.get('/api/evenings')).body.evenings).toEqual([]);
    },
  );

  it('a page of the house writes, by whichever of its names it was opened', async () => {
    const evening = example('practice-night');
    for (const origin of ['http://localhost:8081', 'http://kitchen.test:4380', 'http://127.0.0.1:4380']) {
      const answer = await server.request.post('/api/evenings').set('Origin', origin).send({ evening });
      expect([origin, answer.status < 300]).toEqual([origin, true]);
    }
  });
});

describe('a folder of data that lost a file', () => {
  const folders: string[] = [];
  const folder = () => {
    const made = mkdtempSync(path.join(tmpdir(), 'elixa-whole-'));
    folders.push(made);
    return path.join(made, 'pg');
  };
  afterAll(() => folders.forEach((one) => rmSync(one, { recursive: true, force: true })));

  it('is never taken for an empty one: it is named, and not a file in it is touched', async () => {
    const directory = folder();
    const first = await openDatabase(directory);
    await first.close();
    for (const part of ['PG_VERSION', path.join('global', 'pg_control'), 'pg_wal', 'base']) {
      const lost = path.join(directory, part);
      const kept = `${directory}-kept`;
      const { renameSync } = await import('node:fs');
      renameSync(lost, kept);
      const before = readdirSync(directory).sort();
      await expect(openDatabase(directory)).rejects.toThrow(BrokenDataError);
      await expect(openDatabase(directory)).rejects.toThrow(part.split(path.sep)[0]!);
      expect(readdirSync(directory).sort()).toEqual(before);
      renameSync(kept, lost);
    }
    const again = await openDatabase(directory);
    await again.close();
  });

  it('that was only begun to be made, and held nothing, is made anew', async () => {
    const directory = folder();
    mkdirSync(directory);
    writeFileSync(path.join(directory, 'postgresql.conf'), '');
    writeFileSync(`${directory}.making`, '');
    const database = await openDatabase(directory);
    await database.close();
    expect(readdirSync(path.dirname(directory))).toEqual(['pg']);
  });
});
