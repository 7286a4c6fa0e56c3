import type { Server } from 'node:http';
import type { Express } from 'express';

const TRIES = 20;

/**
 * Listens on a port, or on the next free one after it.
 * @throws Error with a message for the cook when none of twenty ports is free
 */
export async function listenOnFreePort(app: Express, wantedPort: number, host: string): Promise<Server> {
  for (let port = wantedPort; port < wantedPort + TRIES; port += 1) {
    const server = await new Promise<Server | undefined>((resolve, reject) => {
      const candidate = app.listen(port, host, (error?: Error) => {
        if (!error) resolve(candidate);
        else if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE') resolve(undefined);
        else reject(new Error(`Cannot listen on ${host}:${port}: ${error.message}`));
      });
    });
    if (server) return server;
  }
  throw new Error(`Ports ${wantedPort} to ${wantedPort + TRIES - 1} are all taken. Set ELIXA_PORT to a free one.`);
}
