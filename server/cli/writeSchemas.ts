import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { PUBLISHED_SCHEMA_NAMES, publishedSchema } from '@elixa/contract';

const FOLDER = path.join(import.meta.dirname, '..', '..', 'contract', 'schemas');

mkdirSync(FOLDER, { recursive: true });
for (const name of PUBLISHED_SCHEMA_NAMES) {
  writeFileSync(path.join(FOLDER, `${name}.schema.json`), `${JSON.stringify(publishedSchema(name), null, 2)}\n`);
}
