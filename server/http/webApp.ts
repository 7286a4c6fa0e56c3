import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { Router } from 'express';
import escape from 'escape-html';
import expressStaticGzip from 'express-static-gzip';

const YEAR_MS = 365 * 86_400_000;

/** What stands on the first page until the application is there. */
const OPENING = /(<h1 id="opening-title">)[^<]*(<\/h1>)/;

/**
 * Pages of an evening need the part that computes as well. It comes with the page, after the first part: a browser then
 * compiles both while they arrive, and not when they are run.
 */
const kitchenOf = (page: string) =>
  (/<meta name="kitchen" content="([^"]*)"/.exec(page)?.[1] ?? '')
    .split(' ')
    .filter(Boolean)
    .map((src) => `<script src="${src}" data-kitchen defer></script>`)
    .join('');

/** Which build of the pages the server gives out; none where there is none. */
export function pagesIn(directory: string): string | undefined {
  const index = path.join(directory, 'index.html');
  if (!existsSync(index)) return undefined;
  return /<meta name="pages" content="([^"]*)"/.exec(readFileSync(index, 'utf8'))?.[1];
}

/**
 * Serves the built web application, as it was packed when it was built; every address that is no file gets its first page.
 * That says the name of the evening before any script has run.
 * @param titleOf the name of an evening; undefined where there is none
 */
export function webApp(directory: string, titleOf: (id: string) => Promise<string | undefined>): Router {
  const router = Router();
  const index = path.join(directory, 'index.html');
  if (!existsSync(index)) {
    router.get('/{*rest}', (_request, response) => {
      response.status(503).type('text/plain').send('The web application has not been built yet. Run: npm run build');
    });
    return router;
  }
  const page = readFileSync(index, 'utf8');
  const eveningPage = page.replace('</body>', () => `${kitchenOf(page)}</body>`);
  const packed = { enableBrotli: true, orderPreference: ['br', 'gz'], index: false as const };
  router.use(
    '/_expo',
    expressStaticGzip(path.join(directory, '_expo'), { ...packed, serveStatic: { immutable: true, maxAge: YEAR_MS } }),
  );
  router.use(expressStaticGzip(directory, { ...packed, serveStatic: { maxAge: 0 } }));
  router.get('/evening/:id{/*rest}', async (request, response) => {
    const title = await titleOf(request.params.id);
    response
      .set('cache-control', 'no-cache')
      .type('html')
      .send(
        title === undefined
          ? eveningPage
          : eveningPage.replace(OPENING, (_all, open, close) => open + escape(title) + close),
      );
  });
  router.get('/{*rest}', (_request, response) => {
    response.set('cache-control', 'no-cache').type('html').send(page);
  });
  return router;
}
