import { pourSchema } from '@elixa/contract';
import { Router } from 'express';
import type { KitchenScale } from '../devices/kitchenScale';
import { validBody } from '../http/validate';

/** The kitchen scale: a stream of readings, a tare, and, for the stand-in, something to pour. */
export function deviceRoutes(scale: KitchenScale): Router {
  const router = Router();
  router.get('/scale/readings', (request, response) => {
    response.set({ 'content-type': 'text/event-stream', 'cache-control': 'no-cache, no-transform' });
    response.flushHeaders();
    const stop = scale.listen((reading) => response.write(`data: ${JSON.stringify(reading)}\n\n`));
    request.on('close', stop);
  });
  router.post('/scale/tare', (_request, response) => {
    scale.tare();
    response.status(204).end();
  });
  const { pour } = scale;
  if (pour) {
    router.post('/scale/pour', (request, response) => {
      pour(validBody(pourSchema, request.body).massG);
      response.status(204).end();
    });
  }
  return router;
}
