import type { LiveEvent, Plans } from '@elixa/contract';
import type { LiveLogs } from './log';

/**
 * What was said a moment ago and may not have reached the device's store yet. That store answers after some tens of
 * milliseconds, and a page that is left or reloaded before does not wait for it; this one is written while the tap is.
 */
const PREFIX = 'elixa-said:';

export interface Said {
  events: LiveEvent[];
  plans: Plans;
}

/** The browser's small store; none where it is forbidden. */
function store(): Storage | undefined {
  try {
    return globalThis.localStorage;
  } catch {
    return undefined;
  }
}

const NOTHING: Said = { events: [], plans: {} };

/** What was said on an evening and is not known to be kept. */
export function saidJustNow(eveningId: string): Said {
  const row = store()?.getItem(PREFIX + eveningId);
  if (!row) return NOTHING;
  try {
    return JSON.parse(row) as Said;
  } catch {
    return NOTHING;
  }
}

/** Evenings on which something was said that is not known to be kept. */
export function saidOn(): string[] {
  const here = store();
  if (!here) return [];
  return Array.from({ length: here.length }, (_, index) => here.key(index) ?? '')
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => key.slice(PREFIX.length));
}

function write(eveningId: string, said: Said): void {
  try {
    if (said.events.length === 0) store()?.removeItem(PREFIX + eveningId);
    else store()?.setItem(PREFIX + eveningId, JSON.stringify(said));
  } catch (error) {
    // It is full: the device's own store has it a moment later all the same.
    console.warn('What was said is not written at once', error);
  }
}

/** Writes at once what was just said on this device: the events, and the plans that they name. */
export function sayAtOnce(before: LiveLogs, after: LiveLogs): void {
  for (const [id, log] of Object.entries(after)) {
    const had = before[id];
    if (had === log || had?.events === log.events) continue;
    const known = new Set(had?.events.map((event) => event.id));
    const unsent = new Set(log.unsent);
    const fresh = log.events.filter((event) => !known.has(event.id) && unsent.has(event.id));
    if (fresh.length === 0) continue;
    const said = saidJustNow(id);
    const there = new Set(said.events.map((event) => event.id));
    const plans = Object.fromEntries(
      fresh.flatMap((event) => {
        const plan = event.type === 'planAdopted' ? log.plans[event.planHash] : undefined;
        return event.type === 'planAdopted' && plan ? [[event.planHash, plan]] : [];
      }),
    );
    write(id, {
      events: [...said.events, ...fresh.filter((event) => !there.has(event.id))],
      plans: { ...said.plans, ...plans },
    });
  }
}

/** The device's store has these logs: what was said in them need not be said again, nor in those that were let go. */
export function keptForGood(before: LiveLogs, logs: LiveLogs): void {
  for (const id of Object.keys(before)) if (!(id in logs)) write(id, NOTHING);
  for (const id of saidOn()) {
    const kept = new Set(logs[id]?.events.map((event) => event.id));
    const { events, plans } = saidJustNow(id);
    write(id, { events: events.filter((event) => !kept.has(event.id)), plans });
  }
}
