import { mkdirSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { pino } from 'pino';
import lockfile from 'proper-lockfile';
import { createApp } from './app';
import { seedDemoData } from './demoData';
import { listenOnFreePort } from './http/listen';
import { upcastLog } from '@elixa/core';
import { eveningService } from './services/eveningService';
import { summaryOf } from './services/logSummary';
import { ROOT } from './places';
import { openDatabase } from './store/database';
import { BrokenDataError } from './store/wholeness';
import { eveningStore } from './store/eveningStore';
import { eventStore } from './store/eventStore';
import { threadPlanner } from './workers/planner';

const settings = {
  host: process.env.ELIXA_HOST ?? '127.0.0.1',
  port: Number(process.env.ELIXA_PORT ?? 4380),
  data: path.resolve(process.env.ELIXA_DATA ?? path.join(ROOT, '.data')),
  web: path.join(ROOT, 'app', 'dist'),
  /** Names by which a proxy or the house's own name server leads here. */
  hosts: (process.env.ELIXA_HOSTS ?? '').split(','),
  demo: process.argv.includes('--demo'),
};

/** What a server that was killed left locked is free after so long. */
const LOCK_STALE_MS = 6000;

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(1);
}

async function start() {
  if (!Number.isInteger(settings.port) || settings.port < 0 || settings.port > 65_535) {
    fail(`ELIXA_PORT: "${process.env.ELIXA_PORT}" is not a port. Use a number from 1 to 65535.`);
  }
  const logger = pino({ level: process.env.ELIXA_LOG ?? 'info' });
  mkdirSync(settings.data, { recursive: true });
  // Two servers writing one database would spoil it.
  const release = await lockfile
    .lock(settings.data, {
      stale: LOCK_STALE_MS,
      update: LOCK_STALE_MS / 3,
      retries: { retries: 10, factor: 1, minTimeout: 700 },
    })
    .catch(() =>
      fail(`Elixa already runs with the data in ${settings.data}. Stop it first, or set ELIXA_DATA to another folder.`),
    );
  const database = await openDatabase(path.join(settings.data, 'pg')).catch((error: Error) =>
    fail(
      error instanceof BrokenDataError
        ? error.message
        : `Elixa could not open its data: ${error.stack ?? error.message}`,
    ),
  );
  const now = new Date();
  if (settings.demo && (await seedDemoData(database.db, now))) logger.info('demo data written');
  await eventStore(database.db, summaryOf).upgrade(upcastLog);
  await eveningService(eveningStore(database.db)).purge();

  const planner = threadPlanner();
  planner.start();
  const app = createApp({
    db: database.db,
    logger,
    planner,
    webDirectory: settings.web,
    hosts: settings.hosts,
  });
  const server = await listenOnFreePort(app, settings.port, settings.host).catch((error: Error) => fail(error.message));
  const { port } = server.address() as AddressInfo;
  if (port !== settings.port && settings.port !== 0)
    logger.warn({ wanted: settings.port, port }, 'port taken, using the next free one');
  process.stdout.write(
    `\n  Elixa is ready:  http://${settings.host === '0.0.0.0' ? 'localhost' : settings.host}:${port}\n\n`,
  );

  let stopping = false;
  const stop = async (signal: string) => {
    if (stopping) return;
    stopping = true;
    logger.info({ signal }, 'stopping');
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
    await planner.close();
    await database.close();
    await release();
    process.exit(0);
  };
  process.on('SIGINT', () => void stop('SIGINT'));
  process.on('SIGTERM', () => void stop('SIGTERM'));
}

void start().catch((error: Error) => fail(`Elixa could not start: ${error.stack ?? error.message}`));
