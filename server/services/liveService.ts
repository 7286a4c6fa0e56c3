import { isDeepStrictEqual } from 'node:util';
import type { AppendedAnswer, LiveEvent } from '@elixa/contract';
import { checkEvening } from '@elixa/core';
import { eventMismatch, invalid, notFound } from '../http/problems';
import type { EveningStore } from '../store/eveningStore';
import type { EventStore } from '../store/eventStore';

/** A log lays its steps out from the evening that it started with: one that cannot be planned would spoil it for good. */
function mustBeKnown(batch: readonly LiveEvent[]): void {
  const faults = batch.flatMap((event, index) =>
    event.type === 'started'
      ? checkEvening(event.evening).map((fault) => ({ ...fault, field: `events[${index}].evening.${fault.field}` }))
      : [],
  );
  if (faults.length > 0) throw invalid(faults);
}

/** The live evening's log on the server. */
export function liveService(evenings: EveningStore, events: EventStore, now: () => Date = () => new Date()) {
  const mustExist = async (eveningId: string) => {
    const row = await evenings.find(eveningId);
    if (!row || row.deletedAt) throw notFound(`evening "${eveningId}"`);
  };
  return {
    async read(eveningId: string): Promise<LiveEvent[]> {
      await mustExist(eveningId);
      return events.read(eveningId);
    },
    /** Idempotent: an event that is there already is not stored again, and one that differs from it is refused. */
    async append(eveningId: string, batch: readonly LiveEvent[]): Promise<AppendedAnswer> {
      await mustExist(eveningId);
      mustBeKnown(batch);
      const known = await events.withIds(batch.map((event) => event.id));
      const differing = batch.filter((event) =>
        known.some(
          (stored) =>
            stored.body.id === event.id && (stored.eveningId !== eveningId || !isDeepStrictEqual(stored.body, event)),
        ),
      );
      if (differing.length > 0) throw eventMismatch(differing.map((event) => event.id));
      const accepted = await events.append(eveningId, batch, now());
      return { accepted, alreadyHad: batch.map((event) => event.id).filter((id) => !accepted.includes(id)) };
    },
  };
}

export type LiveService = ReturnType<typeof liveService>;
