import { photoQuerySchema, photoSchema } from '@elixa/contract';
import { Router } from 'express';
import { validBody } from '../http/validate';
import type { PhotoService } from '../services/photoService';

const YEAR_S = 365 * 86_400;

export function photoRoutes(service: PhotoService): Router {
  const router = Router();
  router.get('/:id/photo', async (request, response) => {
    response.json(await service.mark(request.params.id));
  });
  router.post('/:id/photo', async (request, response) => {
    response.json(await service.keep(request.params.id, validBody(photoSchema, request.body)));
  });
  router.get('/:id/photo.jpg', async (request, response) => {
    const { size = 'full', at } = validBody(photoQuerySchema, request.query);
    const { bytes, changedAt } = await service.read(request.params.id, size);
    // Under the time at which it was put there it is the same for ever, also while the server is away.
    const lasts = at === changedAt.toISOString();
    response
      .type('image/jpeg')
      .set('cache-control', lasts ? `private, max-age=${YEAR_S}, immutable` : 'private, no-cache')
      .send(Buffer.from(bytes));
  });
  return router;
}
