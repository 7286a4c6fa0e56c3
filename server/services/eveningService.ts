import { isDeepStrictEqual } from 'node:util';
import type { Evening, EveningList, EveningStatus, LiveEvent, StoredEvening } from '@elixa/contract';
import { checkEvening, foldLive } from '@elixa/core';
import { invalid, notFound, staleVersion, taken } from '../http/problems';
import type { EveningRow, EveningStore } from '../store/eveningStore';
import type { EventStore } from '../store/eventStore';

/** How long a deleted evening can be brought back. */
const KEEP_DELETED_DAYS = 30;

const statusOf = (events: readonly LiveEvent[]): EveningStatus => {
  const { status } = foldLive(events);
  if (status === 'waiting') return 'planned';
  return status === 'finished' ? 'finished' : 'live';
};

function mustBePlannable(evening: Evening): void {
  const faults = checkEvening(evening);
  if (faults.length > 0) throw invalid(faults);
}

/** What can be done with evenings. */
export function eveningService(store: EveningStore, events: EventStore, now: () => Date = () => new Date()) {
  const asStored = async (row: EveningRow): Promise<StoredEvening> => ({
    version: row.version,
    status: statusOf(await events.read(row.id)),
    updatedAt: row.updatedAt.toISOString(),
    evening: row.document,
  });
  const mustFind = async (id: string) => {
    const row = await store.find(id);
    if (!row || row.deletedAt) throw notFound(`evening "${id}"`);
    return row;
  };

  return {
    async list(): Promise<EveningList> {
      const rows = await store.list();
      const logs = new Map<string, LiveEvent[]>();
      for (const { eveningId, body } of await events.readAll()) {
        logs.set(eveningId, [...(logs.get(eveningId) ?? []), body]);
      }
      return {
        evenings: rows.map((row) => {
          const log = logs.get(row.id) ?? [];
          const state = foldLive(log);
          return {
            id: row.id,
            title: row.document.title,
            sitDownAt: row.document.sitDownAt,
            status: statusOf(log),
            version: row.version,
            diners: row.document.diners,
            styleId: row.document.style.id,
            finishedAt: state.finishedAtMs === undefined ? undefined : new Date(state.finishedAtMs).toISOString(),
            lastNote: state.notes.at(-1)?.text,
          };
        }),
      };
    },
    async read(id: string): Promise<StoredEvening> {
      return asStored(await mustFind(id));
    },
    /** Sending the same new evening twice stores it once. */
    async create(evening: Evening): Promise<{ stored: StoredEvening; isNew: boolean }> {
      mustBePlannable(evening);
      const row = await store.insert(evening, now());
      if (row) return { stored: await asStored(row), isNew: true };
      const there = await store.find(evening.id);
      if (!there) throw notFound(`evening "${evening.id}"`);
      const stored = await asStored(there);
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
      throw staleVersion(await asStored(await mustFind(id)));
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
