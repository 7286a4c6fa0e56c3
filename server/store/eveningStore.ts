import { dinerSchema, mustReadEvening, type Diner, type Evening } from '@elixa/contract';
import { and, asc, desc, eq, gt, isNotNull, isNull, lt, ne, not, or, sql } from 'drizzle-orm';
import type { Db } from './database';
import { evenings, photos } from './schema';

export type EveningRow = typeof evenings.$inferSelect;

/** A stored document may be of an older version; it is read as today's. */
const asToday = (row: EveningRow): EveningRow => ({ ...row, document: mustReadEvening(row.document) });
const first = (rows: EveningRow[]): EveningRow | undefined => (rows[0] ? asToday(rows[0]) : undefined);

const columns = (evening: Evening, now: Date) => ({
  document: evening,
  sitDownAt: new Date(evening.sitDownAt),
  updatedAt: now,
});

/** What comes, in the order in which it comes; and what has been, the last first. */
export type Part = 'ahead' | 'past';

/** An evening that began so long ago is over, whether somebody said so or not. */
const AHEAD_MS = 12 * 3_600_000;

interface ListQuery {
  /** All of them, the last first, when not given. */
  part?: Part;
  from?: { at: Date; id: string };
  limit: number;
  now: Date;
}

/** What the list shows stands in columns; of the document only what every version of it has in the same place. */
const LISTED = {
  id: evenings.id,
  version: evenings.version,
  status: evenings.status,
  sitDownAt: evenings.sitDownAt,
  finishedAt: evenings.finishedAt,
  lastNote: evenings.lastNote,
  title: sql<string>`${evenings.document}->>'title'`,
  sitDown: sql<string>`${evenings.document}->>'sitDownAt'`,
  diners: sql<Diner[]>`${evenings.document}->'diners'`,
  styleId: sql<string>`${evenings.document}->'style'->>'id'`,
  photoAt: photos.changedAt,
};

export type ListedRow = Pick<EveningRow, 'id' | 'version' | 'status' | 'sitDownAt' | 'finishedAt' | 'lastNote'> & {
  title: string;
  sitDown: string;
  diners: Diner[];
  styleId: string;
  photoAt: Date | null;
};

/** Reads and writes evenings. Deleted ones stay until they are purged, so that a deletion can be undone. */
export function eveningStore(db: Db) {
  return {
    /** Rows of the list from a place on, in the order of their part. No log is read for it, and no whole document. */
    async list({ part, from, limit, now }: ListQuery): Promise<ListedRow[]> {
      const isAhead = and(ne(evenings.status, 'finished'), gt(evenings.sitDownAt, new Date(now.getTime() - AHEAD_MS)));
      const ofPart = part === 'ahead' ? isAhead : part === 'past' && isAhead ? not(isAhead) : undefined;
      const [later, direction] = part === 'ahead' ? [gt, asc] : [lt, desc];
      const beyond =
        from &&
        or(later(evenings.sitDownAt, from.at), and(eq(evenings.sitDownAt, from.at), later(evenings.id, from.id)));
      return db
        .select(LISTED)
        .from(evenings)
        .leftJoin(photos, and(eq(photos.eveningId, evenings.id), isNotNull(photos.small)))
        .where(and(isNull(evenings.deletedAt), ofPart, beyond))
        .orderBy(direction(evenings.sitDownAt), direction(evenings.id))
        .limit(limit);
    },
    /** Of everybody who sat at a table, as they were at the last one. */
    async people(): Promise<Diner[]> {
      const { rows } = (await db.execute(sql`
        select distinct on (lower(diner->>'name')) diner
        from ${evenings}, jsonb_array_elements(${evenings.document}->'diners') as diner
        where ${evenings.deletedAt} is null
        order by lower(diner->>'name'), ${evenings.sitDownAt} desc
      `)) as unknown as { rows: Array<{ diner: unknown }> };
      // A diner of an older document may not be one of today's.
      return rows.flatMap(({ diner }) => dinerSchema.safeParse(diner).data ?? []);
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
    /** What was thrown away, the last first. */
    async deleted(): Promise<Array<{ id: string; title: string; sitDownAt: string; deletedAt: Date }>> {
      const rows = await db
        .select({ id: evenings.id, title: LISTED.title, sitDownAt: LISTED.sitDown, deletedAt: evenings.deletedAt })
        .from(evenings)
        .where(isNotNull(evenings.deletedAt))
        .orderBy(desc(evenings.deletedAt), desc(evenings.id));
      return rows.flatMap(({ deletedAt, ...row }) => (deletedAt ? [{ ...row, deletedAt }] : []));
    },
    async purgeDeletedBefore(moment: Date): Promise<void> {
      await db.delete(evenings).where(and(isNotNull(evenings.deletedAt), lt(evenings.deletedAt, moment)));
    },
  };
}

export type EveningStore = ReturnType<typeof eveningStore>;
