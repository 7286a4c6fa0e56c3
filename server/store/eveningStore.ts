import { mustReadEvening, type Evening } from '@elixa/contract';
import { and, desc, eq, isNotNull, isNull, lt } from 'drizzle-orm';
import type { Db } from './database';
import { evenings } from './schema';

export type EveningRow = typeof evenings.$inferSelect;

/** A stored document may be of an older version; it is read as today's. */
const asToday = (row: EveningRow): EveningRow => ({ ...row, document: mustReadEvening(row.document) });
const first = (rows: EveningRow[]): EveningRow | undefined => (rows[0] ? asToday(rows[0]) : undefined);

const columns = (evening: Evening, now: Date) => ({
  document: evening,
  sitDownAt: new Date(evening.sitDownAt),
  updatedAt: now,
});

/** Reads and writes evenings. Deleted ones stay until they are purged, so that a deletion can be undone. */
export function eveningStore(db: Db) {
  return {
    async list(): Promise<EveningRow[]> {
      const rows = await db.select().from(evenings).where(isNull(evenings.deletedAt)).orderBy(desc(evenings.sitDownAt));
      return rows.map(asToday);
    },
    async find(id: string): Promise<EveningRow | undefined> {
      const rows = await db.select().from(evenings).where(eq(evenings.id, id));
      return first(rows);
    },
    /** @returns the new row, or undefined when the id is taken */
    async insert(evening: Evening, now: Date): Promise<EveningRow | undefined> {
      const rows = await db
        .insert(evenings)
        .values({ id: evening.id, version: 1, summarised: true, ...columns(evening, now) })
        .onConflictDoNothing()
        .returning();
      return first(rows);
    },
    /** @returns the changed row, or undefined when the stored version is another one */
    async replace(evening: Evening, version: number, now: Date): Promise<EveningRow | undefined> {
      const rows = await db
        .update(evenings)
        .set({ version: version + 1, ...columns(evening, now) })
        .where(and(eq(evenings.id, evening.id), eq(evenings.version, version), isNull(evenings.deletedAt)))
        .returning();
      return first(rows);
    },
    async setDeleted(id: string, deletedAt: Date | null): Promise<EveningRow | undefined> {
      const rows = await db.update(evenings).set({ deletedAt }).where(eq(evenings.id, id)).returning();
      return first(rows);
    },
    async purgeDeletedBefore(moment: Date): Promise<void> {
      await db.delete(evenings).where(and(isNotNull(evenings.deletedAt), lt(evenings.deletedAt, moment)));
    },
  };
}

export type EveningStore = ReturnType<typeof eveningStore>;
