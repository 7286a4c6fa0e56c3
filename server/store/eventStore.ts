import type { LiveEvent } from '@elixa/contract';
import { asc, eq, inArray } from 'drizzle-orm';
import type { Db } from './database';
import { liveEvents } from './schema';

export interface StoredEvent {
  eveningId: string;
  body: LiveEvent;
}

/** Appends to and reads the live evenings' logs. */
export function eventStore(db: Db) {
  return {
    async read(eveningId: string): Promise<LiveEvent[]> {
      const rows = await db
        .select({ body: liveEvents.body })
        .from(liveEvents)
        .where(eq(liveEvents.eveningId, eveningId))
        .orderBy(asc(liveEvents.seq));
      return rows.map((row) => row.body);
    },
    async readAll(): Promise<StoredEvent[]> {
      return db
        .select({ eveningId: liveEvents.eveningId, body: liveEvents.body })
        .from(liveEvents)
        .orderBy(asc(liveEvents.seq));
    },
    async withIds(ids: readonly string[]): Promise<StoredEvent[]> {
      return db
        .select({ eveningId: liveEvents.eveningId, body: liveEvents.body })
        .from(liveEvents)
        .where(inArray(liveEvents.id, [...ids]));
    },
    /** @returns the ids that were new; the others were there already and are left as they are */
    async append(eveningId: string, events: readonly LiveEvent[], now: Date): Promise<string[]> {
      const rows = await db
        .insert(liveEvents)
        .values(events.map((body) => ({ id: body.id, eveningId, body, receivedAt: now })))
        .onConflictDoNothing()
        .returning({ id: liveEvents.id });
      return rows.map((row) => row.id);
    },
  };
}

export type EventStore = ReturnType<typeof eventStore>;
