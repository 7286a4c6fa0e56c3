import { existsSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** What every PostgreSQL folder has, from its first start to its last. */
const PARTS = [
  'PG_VERSION',
  'base',
  'global',
  path.join('global', 'pg_control'),
  'pg_wal',
  'pg_xact',
  'postgresql.conf',
];

/** A folder that holds data and cannot be opened as it is; nothing was written to it. */
export class BrokenDataError extends Error {
  constructor(
    readonly directory: string,
    readonly missing: readonly string[],
  ) {
    super(
      `The data in ${directory} are not whole: ${missing.join(', ')} ${missing.length === 1 ? 'is' : 'are'} missing. ` +
        'Nothing was written there. Put the missing files or a copy of the whole folder back, ' +
        'or set ELIXA_DATA to another folder to begin with an empty one.',
    );
    this.name = 'BrokenDataError';
  }
}

const markOf = (directory: string) => `${directory}.making`;

/**
 * Looks at a folder before a database is opened in it, so that one that lost a file is never taken for an empty one.
 * One that was being made when the power went has held nothing yet: it is made anew.
 * @returns what to call when the database is made and has its shape
 * @throws BrokenDataError when it holds data that are not whole
 */
export function lookedAt(directory: string): () => void {
  const mark = markOf(directory);
  const isBegun = existsSync(directory) && readdirSync(directory).length > 0;
  if (isBegun && existsSync(mark)) rmSync(directory, { recursive: true, force: true });
  else if (isBegun) {
    const missing = PARTS.filter((part) => !existsSync(path.join(directory, part)));
    if (missing.length > 0) throw new BrokenDataError(directory, missing);
    return () => undefined;
  }
  writeFileSync(mark, '');
  return () => rmSync(mark, { force: true });
}
