import type { Evening } from '@elixa/contract';
import { pantryKey } from '@elixa/core/shopping/pantry';
import { api } from './api';
import type { Trouble } from './connection';
import { answerWasLost, draftFound, eveningSaved, saveRefused, sendStarted, type Draft } from './drafts';
import { isTrouble, kindOf, problemOf } from './failures';
import { KEPT } from './keepLocally';
import { keptLog, unsentLogs } from './keptLogs';
import { inTime, localStore } from './localStore';
import { batchOf } from './batch';
import { eventsRefused, eventsStored, logFound, plansOf, type LiveLog } from './log';
import { noticeShown } from './notice';
import { potsArrived, potsFound, potsRefused, type HousePotsState } from './housePots';
import {
  photoBytes,
  photoLost,
  photoRefused,
  photosFound,
  photoSent,
  type PhotoHere,
  type PhotosState,
} from './photos';
import { pantryArrived, pantryFound, pantryRefused, type PantryState } from './pantry';
import { settingsFound, type Settings } from './settings';
import { timersFound, type Timers } from './timers';
import type * as reading from './reading';
import type { AppStore } from './index';

/** What reads documents of any version. It comes with the planner, which the first page does without. */
export type LoadReaders = () => Promise<Pick<typeof reading, 'readDraft' | 'readLog' | 'isStoredAs'>>;

/** Brings back what this device kept under a key, when it comes. */
async function bring<Value>(key: string, found: (value: Value) => void): Promise<void> {
  const value = await localStore.read<Value>(key);
  if (value) found(value);
}

/** Brings back what an earlier visit left on this device, but for evenings: those are read when they are asked for. */
export async function recall({ dispatch }: AppStore): Promise<void> {
  const all = Promise.all([
    bring<Settings>(KEPT.settings, (settings) => dispatch(settingsFound(settings))),
    bring<PantryState>(KEPT.pantry, (pantry) => dispatch(pantryFound(pantry))),
    bring<HousePotsState>(KEPT.housePots, (pots) => dispatch(potsFound(pots))),
    bring<PhotosState>(KEPT.photos, (photos) => dispatch(photosFound(photos))),
    bring<Timers>(KEPT.timers, (timers) => dispatch(timersFound(timers))),
  ]);
  await inTime<unknown>(all, undefined);
}

function bringBack(
  store: AppStore,
  { readDraft, readLog }: Awaited<ReturnType<LoadReaders>>,
  id: string,
  { draft, log }: { draft?: Draft; log?: reading.KeptLog },
): void {
  const read = draft && readDraft(draft);
  if (read) store.dispatch(draftFound({ id, draft: read }));
  else if (draft) console.warn(`What this device kept of ${id} cannot be read`);
  if (log) store.dispatch(logFound({ eveningId: id, log: readLog(log) }));
}

/** Brings back an evening and its log, where this device kept them; nobody waits long for a device that is slow. */
export function recallEvening(store: AppStore, id: string, readers: LoadReaders): Promise<void> {
  const recalling = async () => {
    const [draft, log] = await Promise.all([localStore.read<Draft>(KEPT.draft + id), keptLog(id)]);
    if (draft || log) bringBack(store, await readers(), id, { draft, log });
  };
  return inTime(recalling(), undefined);
}

/** Brings back what was never sent. */
export function recallUnsent(store: AppStore, readers: LoadReaders): Promise<void> {
  const recalling = async () => {
    const [drafts, unsent] = await Promise.all([localStore.all<Draft>(KEPT.draft), unsentLogs()]);
    const unsaved = new Map(drafts.filter(([, draft]) => draft.unsaved));
    const ids = new Set([...unsaved.keys(), ...unsent.keys()]);
    if (ids.size === 0) return;
    const reading = await readers();
    for (const id of ids) bringBack(store, reading, id, { draft: unsaved.get(id), log: unsent.get(id) });
  };
  return inTime(recalling(), undefined);
}

/** Nothing got through, for a reason that passes or that signing in mends. */
class NotSent extends Error {
  constructor(readonly trouble: Trouble) {
    super(trouble);
  }
}

/** Sends something. What is refused for good is settled by `refused`. @throws NotSent where it is to be tried again */
async function sending<Answer>(
  request: Promise<Answer>,
  sent: (answer: Answer) => void,
  refused: (error: unknown) => void | Promise<void>,
): Promise<void> {
  let answer: Answer;
  try {
    answer = await request;
  } catch (error) {
    const kind = kindOf(error);
    if (isTrouble(kind)) throw new NotSent(kind);
    await refused(error);
    return;
  }
  sent(answer);
}

async function sendDraft(store: AppStore, id: string, draft: Draft, readers: LoadReaders): Promise<void> {
  const sent = draft.evening;
  store.dispatch(sendStarted({ id, sent }));
  const request =
    draft.baseVersion === 0
      ? store.dispatch(api.endpoints.createEvening.initiate({ evening: sent }))
      : store.dispatch(api.endpoints.changeEvening.initiate({ version: draft.baseVersion, evening: sent }));
  await sending(
    request.unwrap(),
    (stored) => store.dispatch(eveningSaved({ id, stored, sent })),
    async (error) => {
      const problem = problemOf(error);
      const there = problem.current;
      const now = store.getState().drafts[id];
      if (there && now) {
        const { isStoredAs } = await readers();
        const isThere = (evening: Evening) => isStoredAs(evening, there.evening);
        if (now.unanswered?.some(isThere)) {
          store.dispatch(answerWasLost({ id, version: there.version, isSame: isThere(now.evening) }));
          return;
        }
      }
      store.dispatch(saveRefused({ id, problem }));
    },
  );
}

/** Events that go in one request: a plan that was adopted is large, and the server reads no more than two megabytes. */
const BATCH = { most: 100, mostBytes: 1_500_000 };

async function sendEvents(store: AppStore, eveningId: string, log: LiveLog): Promise<void> {
  const unsent = new Set(log.unsent);
  const mine = log.events
    .filter((event) => unsent.has(event.id))
    .map((event) => ({ event, plans: plansOf(log, [event]) }));
  const events = batchOf(mine, BATCH).map(({ event }) => event);
  const plans = plansOf(log, events);
  await sending(
    store.dispatch(api.endpoints.appendEvents.initiate({ eveningId, plans, events })).unwrap(),
    (answer) => store.dispatch(eventsStored({ eveningId, ids: [...answer.accepted, ...answer.alreadyHad] })),
    (error) => void store.dispatch(eventsRefused({ eveningId, problem: problemOf(error) })),
  );
}

async function sendPantry(store: AppStore): Promise<void> {
  const { items, unsent } = store.getState().pantry;
  const sent = items.filter((item) => unsent.includes(pantryKey(item)));
  if (sent.length === 0) return;
  await sending(
    store.dispatch(api.endpoints.countPantry.initiate({ items: sent })).unwrap(),
    (answer) => store.dispatch(pantryArrived({ items: answer.items, sent })),
    (error) => {
      store.dispatch(pantryRefused());
      store.dispatch(noticeShown({ says: `The pantry was not stored. ${problemOf(error).detail}` }));
    },
  );
}

async function sendPots(store: AppStore): Promise<void> {
  const { items, unsent } = store.getState().housePots;
  const sent = items.filter((pot) => unsent.includes(pot.id));
  if (sent.length === 0) return;
  await sending(
    store.dispatch(api.endpoints.keepPots.initiate({ pots: sent })).unwrap(),
    (answer) => store.dispatch(potsArrived({ items: answer.pots, sent })),
    (error) => {
      store.dispatch(potsRefused());
      store.dispatch(noticeShown({ says: `The pot of the house was not stored. ${problemOf(error).detail}` }));
    },
  );
}

async function sendPhoto(store: AppStore, id: string, { changedAt, gone }: PhotoHere): Promise<void> {
  const bytes = gone ? undefined : await photoBytes.read(id);
  if (!gone && !bytes) {
    store.dispatch(photoLost(id));
    return;
  }
  // One that was put there just now is sent when the store knows of it.
  if (bytes && bytes.changedAt !== changedAt) return;
  const photo = bytes ?? { changedAt, gone: true as const };
  await sending(
    store.dispatch(api.endpoints.keepPhoto.initiate({ id, photo })).unwrap(),
    () => {
      store.dispatch(photoSent({ id, changedAt }));
      void photoBytes.sent(id, changedAt);
    },
    (error) => {
      store.dispatch(photoRefused(id));
      const { status, detail } = problemOf(error);
      // Its evening was deleted, or is not there yet: nobody looks for the picture.
      if (status !== 404) store.dispatch(noticeShown({ says: `The picture was not stored. ${detail}` }));
    },
  );
}

/** The server has the evening, as far as this device knows. */
function isThere(store: AppStore, id: string): boolean {
  const draft = store.getState().drafts[id];
  return !draft || draft.baseVersion > 0;
}

/** All that is to be sent: an evening before its events, and what was refused not again. */
function* owed(store: AppStore, readers: LoadReaders): Generator<() => Promise<void>> {
  const { pantry, housePots } = store.getState();
  if (pantry.unsent.length > 0 && !pantry.refused) yield () => sendPantry(store);
  if (housePots.unsent.length > 0 && !housePots.refused) yield () => sendPots(store);
  for (const [id, draft] of Object.entries(store.getState().drafts)) {
    if (draft.unsaved && !draft.conflict && !draft.problem) yield () => sendDraft(store, id, draft, readers);
  }
  for (const [eveningId, log] of Object.entries(store.getState().live)) {
    if (log.unsent.length > 0 && !log.refused && isThere(store, eveningId))
      yield () => sendEvents(store, eveningId, log);
  }
  // A picture is large: every tap goes before it.
  for (const [id, photo] of Object.entries(store.getState().photos)) {
    if (photo.unsent && !photo.refused && isThere(store, id)) yield () => sendPhoto(store, id, photo);
  }
}

/** One that the server cannot take now does not keep the others; where nobody answers the rest is not tried. */
async function flush(store: AppStore, readers: LoadReaders): Promise<void> {
  let left: NotSent | undefined;
  for (const send of owed(store, readers)) {
    try {
      await send();
    } catch (error) {
      if (!(error instanceof NotSent)) throw error;
      left = error;
      if (error.trouble !== 'later') break;
    }
  }
  if (left) throw left;
}

let underWay: Promise<void> | undefined;
/** Tries that failed one after another. */
let failures = 0;

/** Sends what the server does not have yet, evenings before their events; one run at a time. */
export function sendWhatIsLeft(store: AppStore, readers: LoadReaders): Promise<void> {
  underWay ??= flush(store, readers)
    .then(() => {
      failures = 0;
    })
    .catch((error: unknown) => {
      failures += 1;
      if (!(error instanceof NotSent)) throw error;
    })
    .finally(() => {
      underWay = undefined;
    });
  return underWay;
}

const FIRST_WAIT_MS = 2500;
const LONGEST_WAIT_MS = 60_000;
/** A tap is on the other phone before the cook looks there. */
const TAPPED_MS = 100;
/** Letters are not sent one by one. */
const TYPED_MS = 800;

/** How long to wait before the next try: longer after each that failed, so that an ill server is left alone. */
export const waitMs = (failed: number) => Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(failed, 10));

/**
 * Keeps sending while the application is open: soon after each change, at once when the server answers again, when the
 * network is back, and when somebody comes back to the page, perhaps from signing in.
 * @returns a function that stops it
 */
export function startSync(store: AppStore, readers: LoadReaders): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let dueAt = Infinity;
  let isStopped = false;
  const isOwed = () => !owed(store, readers).next().done;
  const within = (ms: number) => {
    const at = performance.now() + ms;
    if (isStopped || at >= dueAt) return;
    dueAt = at;
    clearTimeout(timer);
    timer = setTimeout(() => void send(), ms);
  };
  const send = async () => {
    clearTimeout(timer);
    dueAt = Infinity;
    await sendWhatIsLeft(store, readers).catch((error: unknown) => console.error('Sending failed', error));
    if (isOwed()) within(failures > 0 ? waitMs(failures) : TAPPED_MS);
  };
  let before = store.getState();
  const unsubscribe = store.subscribe(() => {
    const now = store.getState();
    const isTapped = now.live !== before.live;
    const isChanged =
      isTapped ||
      now.drafts !== before.drafts ||
      now.pantry !== before.pantry ||
      now.photos !== before.photos ||
      now.housePots !== before.housePots;
    const isBack = before.connection.trouble === 'noAnswer' && now.connection.trouble === undefined;
    before = now;
    if (isBack) failures = 0;
    // After a failure the next try is planned already. Two tabs have the same to send: the one in front does.
    if (failures > 0 || !(isBack || isChanged) || !isOwed()) return;
    if (document.hasFocus()) within(isTapped || isBack ? TAPPED_MS : TYPED_MS);
    else within(FIRST_WAIT_MS);
  });
  const atOnce = () => void send();
  window.addEventListener('online', atOnce);
  window.addEventListener('focus', atOnce);
  atOnce();
  return () => {
    isStopped = true;
    unsubscribe();
    clearTimeout(timer);
    window.removeEventListener('online', atOnce);
    window.removeEventListener('focus', atOnce);
  };
}
