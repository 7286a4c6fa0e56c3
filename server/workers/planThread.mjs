// A thread compiles its TypeScript by itself, whatever the process that started it can do.
import '@oxc-node/core/register';

await import('./planWorker.ts');
