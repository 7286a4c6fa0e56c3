import { isDeepStrictEqual } from 'node:util';
import type { Bin, Diner, Evening, EveningList, EveningSummary, StoredEvening } from '@elixa/contract';
import { checkEvening } from '@elixa/core';
import type { EveningRow, EveningStore, ListedRow, Part } from '../store/eveningStore';
import { Failure, invalid, notFound } from '../failures';
import { mustFind } from './mustFind';
import { eveningNews } from './news';

/** How long a deleted evening can be brought back. */
const KEEP_DELETED_MS = 30 * 86_400_000;

const asStored = (row: EveningRow): StoredEvening => ({
  version: row.version,
  status: row.status,
  updatedAt: row.updatedAt.toISOString(),
  evening: row.document,
});

const asSummary = (row: ListedRow): EveningSummary => ({
  id: row.id,
  title: row.title,
  sitDownAt: row.sitDown,
  status: row.status,
  version: row.version,
  diners: row.diners,
  styleId: row.styleId,
  finishedAt: row.finishedAt?.toISOString(),
  lastNote: row.lastNote ?? undefined,
  photoAt: row.photoAt?.toISOString(),
});

/** Evenings on a page. */
const PAGE = 30;

/** The place of a row in the list, as text that a client hands back. */
const markOf = ({ sitDownAt, id }: ListedRow) => `${sitDownAt.toISOString()}_${id}`;

function placeAt(mark: string): { at: Date; id: string } {
  const [, at = '', id = ''] = /^([^_]+)_(.+)$/.exec(mark) ?? [];
  if (Number.isNaN(Date.parse(at))) {
    throw invalid([{ field: 'after', message: `"${mark}" is no place in the list`, fix: 'Use the "next" of a page.' }]);
  }
  return { at: new Date(at), id };
}

function mustBePlannable(evening: Evening): void {
  const faults = checkEvening(evening);
  if (faults.length > 0) throw invalid(faults);
}

/** What can be done with evenings. */
export function eveningService(store: EveningStore, news = eveningNews(), now: () => Date = () => new Date()) {
  return {
    /** A page of the list; `next` is where the one after it begins, where there is one. */
    async list(part?: Part, after?: string, limit = PAGE): Promise<EveningList> {
      const from = after === undefined ? undefined : placeAt(after);
      const rows = await store.list({ part, from, limit: limit + 1, now: now() });
      const shown = rows.slice(0, limit);
      const last = shown.at(-1);
      return {
        evenings: shown.map(asSummary),
        next: rows.length > limit && last ? markOf(last) : undefined,
      };
    },
    /** Everybody who has been at the table, as they last were, by name. */
    people: (): Promise<Diner[]> => store.people(),
    /** The name of an evening; undefined where there is none. */
    async titleOf(id: string): Promise<string | undefined> {
      const row = await store.find(id);
      return row && !row.deletedAt ? row.document.title : undefined;
    },
    async read(id: string): Promise<StoredEvening> {
      return asStored(await mustFind(store, id));
    },
    /** Sending the same new evening twice stores it once. */
    async create(evening: Evening): Promise<{ stored: StoredEvening; isNew: boolean }> {
      mustBePlannable(evening);
      const row = await store.insert(evening, now());
      if (row) return { stored: asStored(row), isNew: true };
      const there = await store.find(evening.id);
      if (!there) throw notFound(`evening "${evening.id}"`);
      const stored = asStored(there);
      if (there.deletedAt || !isDeepStrictEqual(there.document, evening)) {
        throw new Failure({ kind: 'taken', id: evening.id, current: stored });
      }
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
      if (row) {
        news.tell(id, { changedTo: row.version });
        return asStored(row);
      }
      throw new Failure({ kind: 'staleVersion', current: asStored(await mustFind(store, id)) });
    },
    async remove(id: string): Promise<void> {
      await mustFind(store, id);
      await store.setDeleted(id, now());
    },
    async restore(id: string): Promise<StoredEvening> {
      const row = await store.find(id);
      if (!row) throw notFound(`evening "${id}"`);
      const back = row.deletedAt ? await store.setDeleted(id, null) : row;
      return asStored(back ?? row);
    },
    async bin(): Promise<Bin> {
      const kept = await store.deleted();
      return {
        evenings: kept.map(({ deletedAt, ...one }) => ({
          ...one,
          deletedAt: deletedAt.toISOString(),
          goneAt: new Date(deletedAt.getTime() + KEEP_DELETED_MS).toISOString(),
        })),
      };
    },
    async purge(): Promise<void> {
      await store.purgeDeletedBefore(new Date(now().getTime() - KEEP_DELETED_MS));
    },
  };
}

export type EveningService = ReturnType<typeof eveningService>;
