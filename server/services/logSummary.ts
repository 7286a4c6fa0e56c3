import type { EveningStatus } from '@elixa/contract';
import { foldLive, upcastLog, type AnyLog, type LiveState } from '@elixa/core';
import type { LogSummary } from '../store/eventStore';

const STATUS: Record<LiveState['status'], EveningStatus> = {
  waiting: 'planned',
  running: 'live',
  paused: 'live',
  finished: 'finished',
};

/** What the list of evenings shows of a log. */
export function summaryOf(log: AnyLog): LogSummary {
  const { status, finishedAtMs, notes } = foldLive(upcastLog(log));
  return {
    status: STATUS[status],
    finishedAt: finishedAtMs === undefined ? null : new Date(finishedAtMs),
    lastNote: notes.at(-1)?.text ?? null,
  };
}
