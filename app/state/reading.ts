import { readEvening, type Evening, type StoredEvening } from '@elixa/contract';
import { upcastLog, type AnyLog } from '@elixa/core';
import equal from 'fast-deep-equal';
import type { Draft } from './drafts';
import type { LiveLog } from './log';

/** What an earlier visit kept, by today's version; undefined where it is no evening. */
export function readDraft(draft: Draft): Draft | undefined {
  const { evening } = readEvening(draft.evening);
  const unanswered = draft.unanswered?.flatMap((sent) => readEvening(sent).evening ?? []);
  return evening && { ...draft, evening, unanswered };
}

/** An answer of the server by today's version: it may have been kept here since an older one. */
export function readStored(stored: StoredEvening): StoredEvening | undefined {
  const { evening } = readEvening(stored.evening);
  return evening && { ...stored, evening };
}

/** A log as an earlier visit kept it. Before plans were kept apart there were none. */
export type KeptLog = Pick<LiveLog, 'unsent' | 'refused'> & Pick<AnyLog, 'events'> & Partial<Pick<AnyLog, 'plans'>>;

/** A log of any version as today's; its steps are what they were when it was written. */
export function readLog({ plans, events, unsent, refused }: KeptLog): LiveLog {
  const known = events.map((event) =>
    'evening' in event ? { ...event, evening: readEvening(event.evening).evening ?? event.evening } : event,
  );
  const read = upcastLog({ plans: plans ?? {}, events: known });
  // What an old event became besides itself has to be sent with it.
  const ofOld = new Set(events.map((event) => event.id));
  const added = unsent.length > 0 ? read.events.filter((event) => !ofOld.has(event.id)).map((event) => event.id) : [];
  return { ...read, unsent: [...added, ...unsent], refused };
}

/**
 * Whether the server's document is this one. It trims, keeps keys in an order of its own, and never hears of a key whose
 * value is undefined, such as a form leaves behind.
 */
export const isStoredAs = (sent: Evening, stored: Evening): boolean => {
  const { evening } = readEvening(JSON.parse(JSON.stringify(sent)));
  return evening !== undefined && equal(evening, stored);
};
