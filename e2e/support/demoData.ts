import { ElixaServer } from './server';

/** Writes the demo data once for all journeys, which copy it: making a database takes far longer. */
export default async function demoData(): Promise<() => Promise<void>> {
  const server = new ElixaServer({ demo: true });
  await server.start();
  await server.stop();
  process.env.ELIXA_E2E_DEMO = server.data;
  return () => server.remove();
}
