import type { EveningRow, EveningStore } from '../store/eveningStore';
import { notFound } from '../failures';

/** An evening that is there. @throws Failure where it is not, or was deleted */
export async function mustFind(store: EveningStore, id: string): Promise<EveningRow> {
  const row = await store.find(id);
  if (!row || row.deletedAt) throw notFound(`evening "${id}"`);
  return row;
}
