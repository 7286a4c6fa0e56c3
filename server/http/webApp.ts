import { existsSync } from 'node:fs';
import path from 'node:path';
import express, { Router } from 'express';

const YEAR_MS = 365 * 86_400_000;

/** Serves the built web application; every address that is no file gets its first page. */
export function webApp(directory: string): Router {
  const router = Router();
  const index = path.join(directory, 'index.html');
  if (!existsSync(index)) {
    router.get('/{*rest}', (_request, response) => {
      response.status(503).type('text/plain').send('The web application has not been built yet. Run: npm run build');
    });
    return router;
  }
  router.use('/_expo', express.static(path.join(directory, '_expo'), { immutable: true, maxAge: YEAR_MS }));
  router.use(express.static(directory, { index: false, maxAge: 0 }));
  router.get('/{*rest}', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile(index);
  });
  return router;
}
