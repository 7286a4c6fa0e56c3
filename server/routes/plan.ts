import {
  createEveningSchema,
  PUBLISHED_SCHEMA_NAMES,
  publishedSchema,
  type PublishedSchemaName,
} from '@elixa/contract';
import { Router } from 'express';
import { validBody } from '../http/validate';
import { notFound } from '../failures';
import type { Planner } from '../workers/planner';

/** The plan of a document that need not be stored, and the open formats themselves. */
export function planRoutes(planner: Planner): Router {
  const router = Router();
  router.post('/plan', async (request, response) => {
    const { evening } = validBody(createEveningSchema, request.body);
    response.json(await planner.plan(evening));
  });
  router.get('/schemas/:name', (request, response) => {
    const { name } = request.params;
    if (!PUBLISHED_SCHEMA_NAMES.includes(name as PublishedSchemaName)) throw notFound(`schema "${name}"`);
    response.type('application/schema+json').send(JSON.stringify(publishedSchema(name as PublishedSchemaName)));
  });
  return router;
}
