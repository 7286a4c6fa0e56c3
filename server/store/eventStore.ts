import { versionOf, type AnyLiveEvent, type LiveLog, type Plans } from '@elixa/contract';
import type { AnyLog } from '@elixa/core';
import { and, asc, eq, inArray } from 'drizzle-orm';
import type { Db } from './database';
import { evenings, liveEvents, livePlans } from './schema';

export interface StoredEvent {
  eveningId: string;
  body: AnyLiveEvent;
}

/** What the list of evenings shows of a log. */
export type LogSummary = Pick<typeof evenings.$inferSelect, 'status' | 'finishedAt' | 'lastNote'>;
type Summarise = (log: AnyLog) => LogSummary;

async function logOf(db: Db, eveningId: string): Promise<AnyLog> {
  const rows = await db
    .select({ body: liveEvents.body })
    .from(liveEvents)
    .where(eq(liveEvents.eveningId, eveningId))
    .orderBy(asc(liveEvents.seq));
  const plans = await db
    .select({ hash: livePlans.hash, body: livePlans.body })
    .from(livePlans)
    .where(eq(livePlans.eveningId, eveningId));
  return {
    plans: Object.fromEntries(plans.map(({ hash, body }) => [hash, body])),
    events: rows.map((row) => row.body),
  };
}

async function keepPlans(db: Db, eveningId: string, plans: Plans): Promise<void> {
  const rows = Object.entries(plans).map(([hash, body]) => ({ eveningId, hash, body }));
  if (rows.length > 0) await db.insert(livePlans).values(rows).onConflictDoNothing();
}

const writeSummary = (db: Db, eveningId: string, summary: LogSummary) =>
  db
    .update(evenings)
    .set({ ...summary, summarised: true })
    .where(eq(evenings.id, eveningId));

/** Appends to and reads the live evenings' logs. What the list shows of a log is kept beside it, in the same transaction. */
export function eventStore(db: Db, summarise: Summarise) {
  return {
    read: (eveningId: string): Promise<AnyLog> => logOf(db, eveningId),
    async withIds(ids: readonly string[]): Promise<StoredEvent[]> {
      return db
        .select({ eveningId: liveEvents.eveningId, body: liveEvents.body })
        .from(liveEvents)
        .where(inArray(liveEvents.id, [...ids]));
    },
    /** Which of these plans are kept with an evening. */
    async planHashes(eveningId: string, hashes: readonly string[]): Promise<string[]> {
      const rows = await db
        .select({ hash: livePlans.hash })
        .from(livePlans)
        .where(and(eq(livePlans.eveningId, eveningId), inArray(livePlans.hash, [...hashes])));
      return rows.map(({ hash }) => hash);
    },
    /** @returns the ids that were new; the others were there already and are left as they are */
    async append(eveningId: string, { plans, events }: AnyLog, now: Date): Promise<string[]> {
      return db.transaction(async (within) => {
        await keepPlans(within, eveningId, plans);
        const rows = await within
          .insert(liveEvents)
          .values(events.map((body) => ({ id: body.id, eveningId, body, receivedAt: now })))
          .onConflictDoNothing()
          .returning({ id: liveEvents.id });
        if (rows.length > 0) await writeSummary(within, eveningId, summarise(await logOf(within, eveningId)));
        return rows.map((row) => row.id);
      });
    },
    /**
     * Brings logs of older versions to today's, each as a whole, and what the list shows of them with it. Done once, when
     * the server starts: from then on an old evening reads the same whatever becomes of the planner.
     * @param today a log of any version as today's
     */
    async upgrade(today: (log: AnyLog) => LiveLog): Promise<number> {
      const open = await db.select({ id: evenings.id }).from(evenings).where(eq(evenings.summarised, false));
      for (const { id } of open) {
        await db.transaction(async (within) => {
          const old = await within
            .select()
            .from(liveEvents)
            .where(eq(liveEvents.eveningId, id))
            .orderBy(asc(liveEvents.seq));
          const read = today(await logOf(within, id));
          if (old.some((row) => versionOf(row.body) !== 3)) {
            const receivedAt = old[0]?.receivedAt ?? new Date();
            await keepPlans(within, id, read.plans);
            await within.delete(liveEvents).where(eq(liveEvents.eveningId, id));
            await within
              .insert(liveEvents)
              .values(read.events.map((body) => ({ id: body.id, eveningId: id, body, receivedAt })));
          }
          await writeSummary(within, id, summarise(read));
        });
      }
      return open.length;
    },
  };
}

export type EventStore = ReturnType<typeof eventStore>;
