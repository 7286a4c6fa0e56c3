import { housePotsSchema } from '@elixa/contract';
import { Router } from 'express';
import { validBody } from '../http/validate';
import type { HousePotService } from '../services/housePotService';

export function housePotRoutes(service: HousePotService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await service.read());
  });
  router.post('/', async (request, response) => {
    const { pots } = validBody(housePotsSchema, request.body);
    response.json(await service.keep(pots));
  });
  return router;
}
