import { pantrySchema } from '@elixa/contract';
import { Router } from 'express';
import { validBody } from '../http/validate';
import type { PantryService } from '../services/pantryService';

export function pantryRoutes(pantry: PantryService): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json(await pantry.read());
  });
  router.post('/', async (request, response) => {
    const { items } = validBody(pantrySchema, request.body);
    response.json(await pantry.count(items));
  });
  return router;
}
