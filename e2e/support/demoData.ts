import { BEGUN, ElixaServer } from './server';

/** Writes a database without evenings and one with the demo's, once for all journeys, which copy them: it takes seconds. */
export default async function demoData(): Promise<() => Promise<void>> {
  const made: ElixaServer[] = [];
  for (const which of ['empty', 'demo'] as const) {
    const server = new ElixaServer({ begunWith: 'empty', demo: which === 'demo' });
    made.push(server);
    await server.start();
    await server.stop();
    process.env[BEGUN[which]] = server.data;
  }
  return async () => {
    for (const server of made) await server.remove();
  };
}
