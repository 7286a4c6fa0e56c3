import path from 'node:path';
import { become, ensureBuilt, ensureInstalled, ROOT } from './lib.mjs';

ensureInstalled();
ensureBuilt();
process.stdout.write('Starting (the first start of the database takes some seconds)\n');
become(process.execPath, ['--import', 'tsx', path.join(ROOT, 'server', 'main.ts'), '--demo'], {
  ELIXA_LOG: process.env.ELIXA_LOG ?? 'warn',
});
