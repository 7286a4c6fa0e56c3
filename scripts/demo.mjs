import path from 'node:path';
import { become, ensureBuilt, ensureInstalled, ROOT } from './lib.mjs';

ensureInstalled();
ensureBuilt();
process.stdout.write('Starting (the first start of the database takes some seconds)\n');
become(process.execPath, [path.join(ROOT, 'server', 'dist', 'main.cjs'), '--demo'], {
  ELIXA_LOG: process.env.ELIXA_LOG ?? 'warn',
});
