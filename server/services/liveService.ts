import { isDeepStrictEqual } from 'node:util';
import {
  BEFORE_DEVICES,
  versionOf,
  type AnyLiveEvent,
  type AppendedAnswer,
  type FieldError,
  type LiveEvent,
  type LiveLog,
} from '@elixa/contract';
import { checkEvening, upcastLog, type AnyLog } from '@elixa/core';

import type { EveningStore } from '../store/eveningStore';
import type { EventStore, StoredEvent } from '../store/eventStore';
import { Failure, invalid } from '../failures';
import { mustFind } from './mustFind';
import { eveningNews, type Told } from './news';

/** A log lays its steps out from the evening that it started with: one that cannot be planned would spoil it for good. */
const unknownIn = (batch: readonly AnyLiveEvent[]): FieldError[] =>
  batch.flatMap((event, index) =>
    event.type === 'planAdopted' || event.type === 'started'
      ? checkEvening(event.evening).map((fault) => ({ ...fault, field: `events[${index}].evening.${fault.field}` }))
      : [],
  );

/** Whether a stored event says something else than one with its id. What was brought to today's version is its own reading. */
const differs = (stored: StoredEvent, event: AnyLiveEvent, eveningId: string): boolean =>
  stored.body.id === event.id &&
  (stored.eveningId !== eveningId ||
    ('v' in event &&
      event.device !== BEFORE_DEVICES &&
      versionOf(stored.body) === versionOf(event) &&
      !isDeepStrictEqual(stored.body, JSON.parse(JSON.stringify(event)))));

const isOfToday = (event: AnyLiveEvent): event is LiveEvent => versionOf(event) === 3;

/** The live evening's log on the server. */
export function liveService(
  evenings: EveningStore,
  events: EventStore,
  news = eveningNews(),
  now: () => Date = () => new Date(),
) {
  /** What is told to the others: an event of an older version is read with the whole of its log. */
  const asToday = async (eveningId: string, { plans, events: fresh }: AnyLog): Promise<LiveLog> =>
    fresh.every(isOfToday) ? { plans, events: [...fresh] } : upcastLog(await events.read(eveningId));
  /** Plans that are named and neither sent nor kept. */
  const missingPlans = async (eveningId: string, { plans, events: batch }: AnyLog): Promise<FieldError[]> => {
    const named = batch.flatMap((event, index) =>
      event.type === 'planAdopted' && isOfToday(event) ? [{ index, hash: event.planHash }] : [],
    );
    const asked = named.filter(({ hash }) => !(hash in plans));
    if (asked.length === 0) return [];
    const kept = await events.planHashes(
      eveningId,
      asked.map(({ hash }) => hash),
    );
    return asked.flatMap(({ index, hash }) =>
      kept.includes(hash)
        ? []
        : [
            {
              field: `events[${index}].planHash`,
              message: 'The plan of this name is not known here.',
              fix: 'Send it with this event, under `plans`.',
            },
          ],
    );
  };
  return {
    async read(eveningId: string): Promise<LiveLog> {
      await mustFind(evenings, eveningId);
      return upcastLog(await events.read(eveningId));
    },
    /** Idempotent: an event that is there already is not stored again, and one that differs from it is refused. */
    async append(eveningId: string, log: AnyLog): Promise<AppendedAnswer> {
      const batch = log.events;
      await mustFind(evenings, eveningId);
      const faults = [...unknownIn(batch), ...(await missingPlans(eveningId, log))];
      if (faults.length > 0) throw invalid(faults);
      const known = await events.withIds(batch.map((event) => event.id));
      const differing = batch.filter((event) => known.some((stored) => differs(stored, event, eveningId)));
      if (differing.length > 0) {
        throw new Failure({ kind: 'eventMismatch', ids: differing.map((event) => event.id) });
      }
      const accepted = await events.append(eveningId, log, now());
      const fresh = batch.filter((event) => accepted.includes(event.id));
      if (fresh.length > 0) {
        news.tell(eveningId, { logged: await asToday(eveningId, { plans: log.plans, events: fresh }) });
      }
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
