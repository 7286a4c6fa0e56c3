import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'postgresql',
  driver: 'pglite',
  schema: './server/store/schema.ts',
  out: './server/store/migrations',
});
