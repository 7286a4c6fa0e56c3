import { isDeepStrictEqual } from 'node:util';
import { BEFORE_DEVICES, type AnyLiveEvent, type AppendedAnswer, type LiveEvent } from '@elixa/contract';
import { checkEvening, upcastLog } from '@elixa/core';

import type { EveningStore } from '../store/eveningStore';
import type { EventStore, StoredEvent } from '../store/eventStore';
import { Failure, invalid } from '../failures';
import { mustFind } from './mustFind';
import { eveningNews, type Told } from './news';

/** A log lays its steps out from the evening that it started with: one that cannot be planned would spoil it for good. */
function mustBeKnown(batch: readonly AnyLiveEvent[]): void {
  const faults = batch.flatMap((event, index) =>
    event.type === 'planAdopted' || event.type === 'started'
      ? checkEvening(event.evening).map((fault) => ({ ...fault, field: `events[${index}].evening.${fault.field}` }))
      : [],
  );
  if (faults.length > 0) throw invalid(faults);
}

/** Whether a stored event says something else than one with its id. What was brought to today's version is its own reading. */
const differs = (stored: StoredEvent, event: AnyLiveEvent, eveningId: string): boolean =>
  stored.body.id === event.id &&
  (stored.eveningId !== eveningId ||
    ('v' in event &&
      event.device !== BEFORE_DEVICES &&
      !isDeepStrictEqual(stored.body, JSON.parse(JSON.stringify(event)))));

/** The live evening's log on the server. */
export function liveService(
  evenings: EveningStore,
  events: EventStore,
  news = eveningNews(),
  now: () => Date = () => new Date(),
) {
  /** What is told to the others: an event of version 1 is read with the whole of its log. */
  const asToday = async (eveningId: string, fresh: readonly AnyLiveEvent[]): Promise<LiveEvent[]> => {
    const today = fresh.filter((event): event is LiveEvent => 'v' in event);
    return today.length === fresh.length ? today : upcastLog(await events.read(eveningId));
  };
  return {
    async read(eveningId: string): Promise<LiveEvent[]> {
      await mustFind(evenings, eveningId);
      return upcastLog(await events.read(eveningId));
    },
    /** Idempotent: an event that is there already is not stored again, and one that differs from it is refused. */
    async append(eveningId: string, batch: readonly AnyLiveEvent[]): Promise<AppendedAnswer> {
      await mustFind(evenings, eveningId);
      mustBeKnown(batch);
      const known = await events.withIds(batch.map((event) => event.id));
      const differing = batch.filter((event) => known.some((stored) => differs(stored, event, eveningId)));
      if (differing.length > 0) {
        throw new Failure({ kind: 'eventMismatch', ids: differing.map((event) => event.id) });
      }
      const accepted = await events.append(eveningId, batch, now());
      const fresh = batch.filter((event) => accepted.includes(event.id));
      if (fresh.length > 0) news.tell(eveningId, { logged: await asToday(eveningId, fresh) });
      return { accepted, alreadyHad: batch.map((event) => event.id).filter((id) => !accepted.includes(id)) };
    },
    /** Tells what is stored of an evening from now on. @returns a function that ends it */
    async follow(eveningId: string, hear: (news: Told) => void): Promise<() => void> {
      await mustFind(evenings, eveningId);
      return news.follow(eveningId, hear);
    },
  };
}

export type LiveService = ReturnType<typeof liveService>;
