import { and, eq, isNotNull, sql } from 'drizzle-orm';
import type { Db } from './database';
import { photos } from './schema';

/** The bytes of a picture, large and small; null where it was taken away. */
interface Bytes {
  jpeg: Uint8Array | null;
  small: Uint8Array | null;
}

/** Keeps one picture an evening, the latest that any device put there. */
export function photoStore(db: Db) {
  return {
    /** Puts one there, unless a later one is there already. */
    async keep(eveningId: string, changedAt: Date, bytes: Bytes): Promise<void> {
      const row = { changedAt, ...bytes };
      await db
        .insert(photos)
        .values({ eveningId, ...row })
        .onConflictDoUpdate({
          target: photos.eveningId,
          set: row,
          setWhere: sql`${photos.changedAt} < excluded.changed_at`,
        });
    },
    /** @returns when the picture of an evening was put there, or undefined where there is none */
    async at(eveningId: string): Promise<Date | undefined> {
      const rows = await db
        .select({ changedAt: photos.changedAt })
        .from(photos)
        .where(and(eq(photos.eveningId, eveningId), isNotNull(photos.jpeg)));
      return rows[0]?.changedAt;
    },
    async read(eveningId: string, size: keyof Bytes): Promise<{ bytes: Uint8Array; changedAt: Date } | undefined> {
      const rows = await db
        .select({ bytes: photos[size], changedAt: photos.changedAt })
        .from(photos)
        .where(eq(photos.eveningId, eveningId));
      const [row] = rows;
      return row?.bytes ? { bytes: row.bytes, changedAt: row.changedAt } : undefined;
    },
  };
}

export type PhotoStore = ReturnType<typeof photoStore>;
