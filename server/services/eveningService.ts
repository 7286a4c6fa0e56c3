import { isDeepStrictEqual } from 'node:util';
import type { Evening, EveningList, StoredEvening } from '@elixa/contract';
import { checkEvening } from '@elixa/core';
import { invalid, notFound, staleVersion, taken } from '../http/problems';
import type { EveningRow, EveningStore } from '../store/eveningStore';

/** How long a deleted evening can be brought back. */
const KEEP_DELETED_DAYS = 30;

const asStored = (row: EveningRow): StoredEvening => ({
  version: row.version,
  status: row.status,
  updatedAt: row.updatedAt.toISOString(),
  evening: row.document,
});

function mustBePlannable(evening: Evening): void {
  const faults = checkEvening(evening);
  if (faults.length > 0) throw invalid(faults);
}

/** What can be done with evenings. */
export function eveningService(store: EveningStore, now: () => Date = () => new Date()) {
  const mustFind = async (id: string) => {
    const row = await store.find(id);
    if (!row || row.deletedAt) throw notFound(`evening "${id}"`);
    return row;
  };

  return {
    async list(): Promise<EveningList> {
      const rows = await store.list();
      return {
        evenings: rows.map((row) => ({
          id: row.id,
          title: row.document.title,
          sitDownAt: row.document.sitDownAt,
          status: row.status,
          version: row.version,
          diners: row.document.diners,
          styleId: row.document.style.id,
          finishedAt: row.finishedAt?.toISOString(),
          lastNote: row.lastNote ?? undefined,
        })),
      };
    },
    async read(id: string): Promise<StoredEvening> {
      return asStored(await mustFind(id));
    },
    /** Sending the same new evening twice stores it once. */
    async create(evening: Evening): Promise<{ stored: StoredEvening; isNew: boolean }> {
      mustBePlannable(evening);
      const row = await store.insert(evening, now());
      if (row) return { stored: asStored(row), isNew: true };
      const there = await store.find(evening.id);
      if (!there) throw notFound(`evening "${evening.id}"`);
      const stored = asStored(there);
      if (there.deletedAt || !isDeepStrictEqual(there.document, evening)) throw taken(evening.id, stored);
      return { stored, isNew: false };
    },
    async change(id: string, version: number, evening: Evening): Promise<StoredEvening> {
      if (evening.id !== id) {
        throw invalid([
          { field: 'evening.id', message: `"${evening.id}" is not the id in the address`, fix: `Use "${id}".` },
        ]);
      }
      mustBePlannable(evening);
      const row = await store.replace(evening, version, now());
      if (row) return asStored(row);
      throw staleVersion(asStored(await mustFind(id)));
    },
    async remove(id: string): Promise<void> {
      await mustFind(id);
      await store.setDeleted(id, now());
    },
    async restore(id: string): Promise<StoredEvening> {
      const row = await store.find(id);
      if (!row) throw notFound(`evening "${id}"`);
      const back = row.deletedAt ? await store.setDeleted(id, null) : row;
      return asStored(back ?? row);
    },
    async purge(): Promise<void> {
      await store.purgeDeletedBefore(new Date(now().getTime() - KEEP_DELETED_DAYS * 86_400_000));
    },
  };
}

export type EveningService = ReturnType<typeof eveningService>;
