import { createRequire } from 'node:module';
import { register } from 'tsx/cjs/api';

// A thread compiles its TypeScript by itself, whatever the process that started it can do.
register();
createRequire(import.meta.url)('./planWorker.ts');
