import { readFileSync } from 'node:fs';
import path from 'node:path';
import { Writable } from 'node:stream';
import { mustReadEvening, type Evening } from '@elixa/contract';
import { pino } from 'pino';
import supertest from 'supertest';
import { createApp, type AppOptions } from '../app';
import { threadPlanner } from '../workers/planner';
import { emptyDatabase } from './emptyDatabase';

/** The household's evenings, as the examples hold them. */
export function example(name: 'practice-night' | 'first-frost' | 'muffled-peal', more: Partial<Evening> = {}): Evening {
  const file = path.join(import.meta.dirname, '..', '..', 'examples', `${name}.json`);
  return { ...mustReadEvening(JSON.parse(readFileSync(file, 'utf8'))), ...more };
}

/** A server with an empty database in memory, and the lines that it logs. */
export async function testServer(more: Partial<AppOptions> = {}) {
  const database = await emptyDatabase();
  const lines: string[] = [];
  const sink = new Writable({
    write(chunk: Buffer, _encoding, done) {
      lines.push(chunk.toString());
      done();
    },
  });
  const planner = threadPlanner();
  const app = createApp({ db: database.db, logger: pino({ level: 'info' }, sink), planner, ...more });
  return {
    request: supertest(app),
    app,
    db: database.db,
    lines,
    close: () => Promise.all([database.close(), planner.close()]),
  };
}

export type TestServer = Awaited<ReturnType<typeof testServer>>;
