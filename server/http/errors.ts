import { PROBLEM_MEDIA_TYPE, type Problem } from '@elixa/contract';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import { Failure, notFound } from '../failures';
import { problemOf } from './problems';

export function sendProblem(response: Response, problem: Problem, instance: string): void {
  response
    .status(problem.status)
    .type(PROBLEM_MEDIA_TYPE)
    .send(JSON.stringify({ ...problem, instance }));
}

export const unknownRoute: RequestHandler = (request) => {
  throw notFound(`address ${request.method} ${request.originalUrl}`);
};

interface BodyParserError {
  type?: string;
  status?: number;
}

function fromBodyParser({ type }: BodyParserError): Problem | undefined {
  if (type === 'entity.parse.failed') {
    return {
      type: '/problems/not-json',
      title: 'The request is not JSON',
      status: 400,
      detail: 'The body could not be read as JSON.',
      errors: [
        { field: '(body)', message: 'not JSON', fix: 'Send a JSON document with content-type application/json.' },
      ],
    };
  }
  if (type === 'entity.too.large') {
    return {
      type: '/problems/too-large',
      title: 'The request is too large',
      status: 413,
      detail: 'The body is larger than the server takes.',
      errors: [{ field: '(body)', message: 'too large', fix: 'Send fewer events at once.' }],
    };
  }
  return undefined;
}

/** The last stop: turns every error into a problem document and tells unexpected ones to the log only. */
export const errorHandler: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const known = error instanceof Failure ? problemOf(error.why) : fromBodyParser((error ?? {}) as BodyParserError);
  if (known) {
    sendProblem(response, known, request.originalUrl);
    return;
  }
  request.log.error({ err: error }, 'unexpected error');
  sendProblem(
    response,
    {
      type: '/problems/unexpected',
      title: 'Something went wrong here',
      status: 500,
      detail: 'The server could not finish this. Nothing was changed; try again.',
    },
    request.originalUrl,
  );
};
