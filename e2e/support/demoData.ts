import { mkdtempSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { BEGUN, ElixaServer, PLACE } from './server';

/** Writes a database without evenings and one with the demo's, once for all journeys, which copy them: it takes seconds. */
export default async function demoData(): Promise<() => Promise<void>> {
  const place = mkdtempSync(path.join(tmpdir(), 'elixa-journeys-'));
  process.env[PLACE] = place;
  for (const which of ['empty', 'demo'] as const) {
    const server = new ElixaServer({ begunWith: 'empty', demo: which === 'demo' });
    await server.start();
    await server.stop();
    process.env[BEGUN[which]] = server.data;
  }
  return () => rm(place, { recursive: true, force: true, maxRetries: 3 });
}
