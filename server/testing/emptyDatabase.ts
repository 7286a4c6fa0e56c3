import { createHash, randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { MIGRATIONS, ROOT } from '../places';
import { openDatabase, type Database } from '../store/database';

/** Where the files of an empty database are kept, under what makes them. */
function place(): string {
  const hash = createHash('sha256').update(readFileSync(path.join(ROOT, 'package-lock.json')));
  for (const name of readdirSync(MIGRATIONS)
    .filter((one) => one.endsWith('.sql'))
    .sort()) {
    hash.update(readFileSync(path.join(MIGRATIONS, name)));
  }
  return path.join(ROOT, '.cache', `empty-${hash.digest('hex').slice(0, 16)}.tar`);
}

/** An empty database in memory, begun from the files of one that was made before: making one takes seconds. */
export async function emptyDatabase(): Promise<Database> {
  const kept = place();
  if (existsSync(kept)) return openDatabase(undefined, new Blob([readFileSync(kept)]));
  const made = await openDatabase();
  mkdirSync(path.dirname(kept), { recursive: true });
  // Another worker may read or make it at this moment.
  const written = `${kept}.${randomUUID()}`;
  writeFileSync(written, Buffer.from(await (await made.files()).arrayBuffer()));
  renameSync(written, kept);
  return made;
}
