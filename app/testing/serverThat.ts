import { PROBLEM_MEDIA_TYPE, type LiveEvent } from '@elixa/contract';

/** A page has an address of its own, which a request is relative to; here it is given one. */
globalThis.Request = class extends Request {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://elixa.test') : input, init);
  }
};

/** What the server would answer, and what it was asked. */
export function serverThat(answer: (request: Request) => Response | Promise<Response>) {
  const asked: string[] = [];
  globalThis.fetch = jest.fn(async (input: RequestInfo | URL, init?: RequestInit) => {
    const request = input instanceof Request ? input : new Request(String(input), init);
    asked.push(`${request.method} ${new URL(request.url).pathname}`);
    return answer(request);
  }) as typeof fetch;
  return asked;
}
export const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': status < 400 ? 'application/json; charset=utf-8' : PROBLEM_MEDIA_TYPE },
  });

/** The answer of a server that takes everything it is sent. */
export async function taking(request: Request): Promise<Response> {
  const body = request.method === 'GET' ? {} : await request.json();
  if (request.url.endsWith('/events')) {
    return json(200, { accepted: body.events.map((one: LiveEvent) => one.id), alreadyHad: [] });
  }
  const version = (body.version ?? 0) + 1;
  return json(200, { version, status: 'planned', updatedAt: '2026-11-24T12:00:00Z', evening: body.evening });
}
