import type { Diner, EveningStatus, EveningSummary } from '@elixa/contract';
import { foldLive } from '@elixa/core/live/foldLive';
import type { DraftsState } from '@/state/drafts';
import type { LiveLogs } from '@/state/log';

export interface EveningRow extends EveningSummary {
  /** Not on the server yet. */
  onlyHere: boolean;
}

const LIVE_STATUS: Record<ReturnType<typeof foldLive>['status'], EveningStatus> = {
  waiting: 'planned',
  running: 'live',
  paused: 'live',
  finished: 'finished',
};

/** The server's list with what only this device knows: evenings and events that have not been sent. */
export function eveningRows(list: readonly EveningSummary[], drafts: DraftsState, logs: LiveLogs): EveningRow[] {
  const rows = new Map<string, EveningRow>();
  for (const summary of list) rows.set(summary.id, { ...summary, onlyHere: false });
  for (const [id, draft] of Object.entries(drafts)) {
    const known = rows.get(id);
    if (!draft.unsaved || (!known && draft.baseVersion > 0)) continue;
    const { title, sitDownAt, diners, style } = draft.evening;
    rows.set(id, {
      status: 'planned',
      version: 1,
      ...known,
      id,
      title,
      sitDownAt,
      diners,
      styleId: style.id,
      onlyHere: draft.baseVersion === 0,
    });
  }
  for (const [id, log] of Object.entries(logs)) {
    const row = rows.get(id);
    if (!row) continue;
    const state = foldLive(log);
    // A burner that was lit by mistake leaves the evening as it was planned.
    if (state.status === 'waiting' && row.status !== 'live') continue;
    rows.set(id, {
      ...row,
      status: LIVE_STATUS[state.status],
      finishedAt: state.finishedAtMs ? new Date(state.finishedAtMs).toISOString() : row.finishedAt,
      lastNote: state.notes.at(-1)?.text ?? row.lastNote,
    });
  }
  return [...rows.values()];
}

export interface EveningGroups {
  now: EveningRow[];
  coming: EveningRow[];
  past: EveningRow[];
}

/** No pot is on the fire for so long after sitting down. */
const STALE_MS = 12 * 3_600_000;

/** What is cooking or comes next, what comes later, and what is over; each in the order in which it is looked for. */
export function groupRows(rows: readonly EveningRow[], nowMs: number): EveningGroups {
  const at = (row: EveningRow) => Date.parse(row.sitDownAt);
  const open = rows.filter((row) => row.status !== 'finished').sort((a, b) => at(a) - at(b));
  // A pot that was never told to be finished does not stand before the next evening for ever.
  const isStale = (row: EveningRow) => at(row) <= nowMs - STALE_MS;
  const live = open.filter((row) => row.status === 'live' && !isStale(row));
  const forgotten = open.filter((row) => row.status === 'live' && isStale(row));
  const ahead = open.filter((row) => row.status === 'planned' && at(row) > nowMs - 6 * 3_600_000);
  const missed = open.filter((row) => row.status === 'planned' && at(row) <= nowMs - 6 * 3_600_000);
  const now = [...live, ...ahead].slice(0, 1);
  return {
    now,
    coming: [...live, ...ahead].filter((row) => !now.includes(row)),
    past: [...missed, ...forgotten, ...rows.filter((row) => row.status === 'finished')].sort((a, b) => at(b) - at(a)),
  };
}

/** Everybody who has been at the table: as the server knows them, or as they were changed here since. */
export function knownPeople(people: readonly Diner[], drafts: DraftsState): Diner[] {
  const here = Object.values(drafts)
    .filter((draft) => draft.unsaved)
    .sort((a, b) => Date.parse(a.evening.sitDownAt) - Date.parse(b.evening.sitDownAt))
    .flatMap((draft) => draft.evening.diners);
  const byName = new Map([...people, ...here].map((diner) => [diner.name.toLowerCase(), diner]));
  return [...byName.values()].sort((a, b) => a.name.localeCompare(b.name));
}
