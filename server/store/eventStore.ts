import type { AnyLiveEvent, LiveEvent } from '@elixa/contract';
import { asc, eq, inArray } from 'drizzle-orm';
import type { Db } from './database';
import { evenings, liveEvents } from './schema';

export interface StoredEvent {
  eveningId: string;
  body: AnyLiveEvent;
}

/** What the list of evenings shows of a log. */
export type LogSummary = Pick<typeof evenings.$inferSelect, 'status' | 'finishedAt' | 'lastNote'>;
type Summarise = (events: readonly AnyLiveEvent[]) => LogSummary;

const bodies = async (db: Db, eveningId: string): Promise<AnyLiveEvent[]> => {
  const rows = await db
    .select({ body: liveEvents.body })
    .from(liveEvents)
    .where(eq(liveEvents.eveningId, eveningId))
    .orderBy(asc(liveEvents.seq));
  return rows.map((row) => row.body);
};

const writeSummary = (db: Db, eveningId: string, summary: LogSummary) =>
  db
    .update(evenings)
    .set({ ...summary, summarised: true })
    .where(eq(evenings.id, eveningId));

/** Appends to and reads the live evenings' logs. What the list shows of a log is kept beside it, in the same transaction. */
export function eventStore(db: Db, summarise: Summarise) {
  return {
    read: (eveningId: string): Promise<AnyLiveEvent[]> => bodies(db, eveningId),
    async withIds(ids: readonly string[]): Promise<StoredEvent[]> {
      return db
        .select({ eveningId: liveEvents.eveningId, body: liveEvents.body })
        .from(liveEvents)
        .where(inArray(liveEvents.id, [...ids]));
    },
    /** @returns the ids that were new; the others were there already and are left as they are */
    async append(eveningId: string, events: readonly AnyLiveEvent[], now: Date): Promise<string[]> {
      return db.transaction(async (within) => {
        const rows = await within
          .insert(liveEvents)
          .values(events.map((body) => ({ id: body.id, eveningId, body, receivedAt: now })))
          .onConflictDoNothing()
          .returning({ id: liveEvents.id });
        if (rows.length > 0) await writeSummary(within, eveningId, summarise(await bodies(within, eveningId)));
        return rows.map((row) => row.id);
      });
    },
    /**
     * Brings logs of older versions to today's, each as a whole, and what the list shows of them with it. Done once, when
     * the server starts: from then on an old evening reads the same whatever becomes of the planner.
     * @param today a log of any version as today's
     */
    async upgrade(today: (events: readonly AnyLiveEvent[]) => LiveEvent[]): Promise<number> {
      const open = await db.select({ id: evenings.id }).from(evenings).where(eq(evenings.summarised, false));
      for (const { id } of open) {
        await db.transaction(async (within) => {
          const old = await within
            .select()
            .from(liveEvents)
            .where(eq(liveEvents.eveningId, id))
            .orderBy(asc(liveEvents.seq));
          const read = today(old.map((row) => row.body));
          if (old.some((row) => !('v' in row.body))) {
            const receivedAt = old[0]?.receivedAt ?? new Date();
            await within.delete(liveEvents).where(eq(liveEvents.eveningId, id));
            await within
              .insert(liveEvents)
              .values(read.map((body) => ({ id: body.id, eveningId: id, body, receivedAt })));
          }
          await writeSummary(within, id, summarise(read));
        });
      }
      return open.length;
    },
  };
}

export type EventStore = ReturnType<typeof eventStore>;
