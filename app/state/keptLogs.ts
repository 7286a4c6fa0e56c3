import type { AnyLiveEvent, PotPlan } from '@elixa/contract';
import { localStore } from './localStore';
import type { LiveLog, LiveLogs } from './log';
import type { KeptLog } from './reading';
import { saidJustNow, saidOn } from './tapJournal';

const LOG = 'live:';
const PLAN = 'plan:';
const planKey = (eveningId: string, hash: string) => `${PLAN}${eveningId}:${hash}`;

const rowOf = ({ plans: _plans, ...row }: LiveLog) => row;

/** Keeps what changed of the logs: their plans once, each before the log that names it, since a plan is large and a tap is not. */
export async function keepLogs(before: LiveLogs, after: LiveLogs): Promise<void> {
  for (const [id, log] of Object.entries(after)) {
    const had = before[id];
    if (had === log) continue;
    const fresh = Object.entries(log.plans).filter(([hash]) => !had || !(hash in had.plans));
    await Promise.all(fresh.map(([hash, plan]) => localStore.write(planKey(id, hash), plan)));
    await localStore.write(LOG + id, rowOf(log));
  }
  for (const [id, log] of Object.entries(before)) {
    if (id in after) continue;
    await localStore.remove(LOG + id);
    await Promise.all(Object.keys(log.plans).map((hash) => localStore.remove(planKey(id, hash))));
  }
}

type LogRow = Omit<LiveLog, 'plans' | 'events'> & { events: AnyLiveEvent[] };

/** A log with the plans that it names. One that was kept by an earlier version has them in its events. */
async function withPlans(id: string, row: LogRow): Promise<KeptLog> {
  const hashes = row.events.flatMap((event) => ('planHash' in event ? [event.planHash] : []));
  const found = await Promise.all(
    [...new Set(hashes)].map(async (hash) => [hash, await localStore.read<PotPlan>(planKey(id, hash))] as const),
  );
  const plans = Object.fromEntries(found.flatMap(([hash, plan]) => (plan ? [[hash, plan]] : [])));
  return { ...row, plans };
}

const NO_ROW: LogRow = { events: [], unsent: [] };

/** A log with what was said a moment before the page was left, too soon for the device's store. */
async function withSaid(id: string, row: LogRow | undefined): Promise<KeptLog | undefined> {
  const said = saidJustNow(id);
  if (!row && said.events.length === 0) return undefined;
  const log = await withPlans(id, row ?? NO_ROW);
  const known = new Set(log.events.map((event) => event.id));
  const fresh = said.events.filter((event) => !known.has(event.id));
  if (fresh.length === 0) return log;
  return {
    ...log,
    plans: { ...said.plans, ...log.plans },
    events: [...log.events, ...fresh],
    unsent: [...log.unsent, ...fresh.map((event) => event.id)],
  };
}

/** The log of an evening as this device kept it. */
export const keptLog = async (id: string): Promise<KeptLog | undefined> =>
  withSaid(id, await localStore.read<LogRow>(LOG + id));

/** Logs of which something was never sent, by evening. */
export async function unsentLogs(): Promise<Map<string, KeptLog>> {
  const said = new Set(saidOn());
  const all = new Map(await localStore.all<LogRow>(LOG));
  const ids = new Set([...[...all].filter(([, row]) => row.unsent.length > 0).map(([id]) => id), ...said]);
  const found = await Promise.all([...ids].map(async (id) => [id, await withSaid(id, all.get(id))] as const));
  return new Map(found.flatMap(([id, log]) => (log ? [[id, log] as const] : [])));
}
