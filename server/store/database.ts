import { PGlite } from '@electric-sql/pglite';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { MIGRATIONS } from '../places';
import * as schema from './schema';
import { lookedAt } from './wholeness';

/** Any PostgreSQL behind Drizzle: the embedded one, a server, or a transaction in either. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

export interface Database {
  db: Db;
  /** Its files, as one that is opened later can begin with. */
  files(): Promise<Blob>;
  close(): Promise<void>;
}

/**
 * Opens the database and brings it to the newest shape.
 * @param directory folder that holds it, made when missing; in memory when undefined
 * @throws BrokenDataError when the folder holds data that are not whole
 * @param from what it begins with instead of nothing: the files of another, as `dumpDataDir` gives them
 */
export async function openDatabase(directory?: string, from?: Blob): Promise<Database> {
  const made = directory === undefined ? undefined : lookedAt(directory);
  const client = new PGlite({ dataDir: directory, loadDataDir: from });
  await client.waitReady;
  const db = drizzle(client, { schema });
  await migrate(db, { migrationsFolder: MIGRATIONS });
  made?.();
  return { db, files: () => client.dumpDataDir('none'), close: () => client.close() };
}
