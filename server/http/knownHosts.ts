import { hostname, networkInterfaces } from 'node:os';
import type { RequestHandler } from 'express';
import { sendProblem } from './errors';

/** Names of this machine to itself. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

/** Methods that change nothing. */
const READS = ['GET', 'HEAD', 'OPTIONS'];

/** Names and addresses by which this machine is known on its networks now; they change with the house's. */
function ownNames(): string[] {
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  const name = hostname().toLowerCase();
  return [
    name,
    `${name}.local`,
    ...addresses.map(({ address, family }) => (family === 'IPv6' ? `[${address.split('%')[0]}]` : address)),
  ];
}

/** The name in a Host header or an origin, without its port; none where it is neither. */
function nameIn(url: string): string | undefined {
  try {
    return new URL(url).hostname.toLowerCase();
  } catch {
    return undefined;
  }
}

/**
 * Lets in who asks for this machine by a name of its own, and lets nobody write from a page of somebody else's: a page on
 * the web that a browser in the house has open could otherwise reach this server, by its address or by a name that leads
 * to it, and read, change and delete evenings.
 * @param more names that lead here besides, such as that of a proxy
 */
export function knownHosts(more: readonly string[] = []): RequestHandler {
  const given = new Set([...LOOPBACK, ...more.map((one) => one.trim().toLowerCase()).filter(Boolean)]);
  const isKnown = (name: string | undefined) => name !== undefined && (given.has(name) || ownNames().includes(name));
  return (request, response, next) => {
    const { host, origin } = request.headers;
    const asked = host === undefined ? undefined : nameIn(`http://${host}`);
    if (!isKnown(asked)) {
      sendProblem(
        response,
        {
          type: '/problems/unknown-host',
          title: 'This is not a name of this kitchen’s machine',
          status: 421,
          detail: `It was asked for as "${host ?? ''}". Use the machine’s own name or address, or add this one to ELIXA_HOSTS where the server is started.`,
        },
        request.originalUrl,
      );
      return;
    }
    if (!READS.includes(request.method) && origin !== undefined && !isKnown(nameIn(origin))) {
      sendProblem(
        response,
        {
          type: '/problems/foreign-origin',
          title: 'A page of somebody else’s may not change anything here',
          status: 403,
          detail: `The request came from a page of ${origin}. Nothing was changed.`,
        },
        request.originalUrl,
      );
      return;
    }
    next();
  };
}
