import {
  createEveningSchema,
  PUBLISHED_SCHEMA_NAMES,
  publishedSchema,
  type PublishedSchemaName,
} from '@elixa/contract';
import { EveningError, planEvening } from '@elixa/core';
import { Router } from 'express';
import { invalid, notFound } from '../http/problems';
import { validBody } from '../http/validate';

/** The plan of a document that need not be stored, and the open formats themselves. */
export function planRoutes(): Router {
  const router = Router();
  router.post('/plan', (request, response) => {
    const { evening } = validBody(createEveningSchema, request.body);
    try {
      response.json(planEvening(evening));
    } catch (error) {
      if (error instanceof EveningError) throw invalid(error.errors);
      throw error;
    }
  });
  router.get('/schemas/:name', (request, response) => {
    const { name } = request.params;
    if (!PUBLISHED_SCHEMA_NAMES.includes(name as PublishedSchemaName)) throw notFound(`schema "${name}"`);
    response.type('application/schema+json').send(JSON.stringify(publishedSchema(name as PublishedSchemaName)));
  });
  return router;
}
