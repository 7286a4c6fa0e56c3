import { appendEventsSchema, changeEveningSchema, createEveningSchema, listQuerySchema } from '@elixa/contract';
import { Router } from 'express';
import { validBody } from '../http/validate';
import type { CardService } from '../services/cardService';
import type { EveningService } from '../services/eveningService';
import type { LiveService } from '../services/liveService';

/** A browser that lost the stream asks again after so long. */
const RETRY_MS = 2000;

export function eveningRoutes(evenings: EveningService, live: LiveService, cards: CardService): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const { part, after, limit } = validBody(listQuerySchema, request.query);
    response.json(await evenings.list(part, after, limit));
  });
  router.post('/', async (request, response) => {
    const { evening } = validBody(createEveningSchema, request.body);
    const { stored, isNew } = await evenings.create(evening);
    response
      .status(isNew ? 201 : 200)
      .location(`/api/evenings/${evening.id}`)
      .json(stored);
  });
  router.get('/:id', async (request, response) => {
    response.json(await evenings.read(request.params.id));
  });
  router.get('/:id/card', async (request, response) => {
    response.json(await cards.card(request.params.id));
  });
  router.get('/:id/lit-at', async (request, response) => {
    response.json(await cards.litAt(request.params.id));
  });
  router.put('/:id', async (request, response) => {
    const { version, evening } = validBody(changeEveningSchema, request.body);
    response.json(await evenings.change(request.params.id, version, evening));
  });
  router.delete('/:id', async (request, response) => {
    await evenings.remove(request.params.id);
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await evenings.restore(request.params.id));
  });
  router.get('/:id/events', async (request, response) => {
    response.json(await live.read(request.params.id));
  });
  // Server-sent events: another device that looks on hears of every tap and every change as it is stored.
  router.get('/:id/events/stream', async (request, response) => {
    const end = await live.follow(request.params.id, (news) => {
      response.write(
        'logged' in news
          ? `data: ${JSON.stringify(news.logged)}\n\n`
          : `event: changed\ndata: ${JSON.stringify({ version: news.changedTo })}\n\n`,
      );
    });
    request.on('close', end);
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    });
    response.write(`retry: ${RETRY_MS}\n: open\n\n`);
  });
  router.post('/:id/events', async (request, response) => {
    const { plans = {}, events } = validBody(appendEventsSchema, request.body);
    response.json(await live.append(request.params.id, { plans, events }));
  });
  return router;
}
