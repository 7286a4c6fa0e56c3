import { api, problemOf, wasSilence } from '@/store/api';
import type { AppStore } from '@/store';
import { readEvening, type AnyLiveEvent } from '@elixa/contract';
import { pantryKey, upcastLog } from '@elixa/core';
import { KEPT } from '@/store/keepLocally';
import { localStore } from '@/store/localStore';
import { draftFound, eveningSaved, saveRefused, sendStarted, type Draft } from '../evening/draftsSlice';
import { pantryArrived, pantryFound, type PantryState } from '../pantry/pantrySlice';
import { settingsFound, type Settings } from '../settings/settingsSlice';
import { timersFound, type Timers } from '../timers/timersSlice';
import { eventsStored, logFound, type LiveLog } from '../stove/liveSlice';

/** What an earlier visit kept, by today's version; undefined where it is no evening. */
function readDraft(draft: Draft): Draft | undefined {
  const { evening } = readEvening(draft.evening);
  const unanswered = draft.unanswered?.flatMap((sent) => readEvening(sent).evening ?? []);
  return evening && { ...draft, evening, unanswered };
}

/** A log of any version as today's; its steps are what they were when it was written. */
const readLog = ({ events, unsent }: { events: AnyLiveEvent[]; unsent: string[] }): LiveLog => {
  const known = events.map((event) =>
    'evening' in event ? { ...event, evening: readEvening(event.evening).evening ?? event.evening } : event,
  );
  const read = upcastLog(known);
  // What an old event became besides itself has to be sent with it.
  const ofOld = new Set(events.map((event) => event.id));
  const added = unsent.length > 0 ? read.filter((event) => !ofOld.has(event.id)).map((event) => event.id) : [];
  return { events: read, unsent: [...added, ...unsent] };
};

/** Brings back what an earlier visit left on this device. */
export async function recall(store: AppStore): Promise<void> {
  const [drafts, logs, settings, timers, pantry] = await Promise.all([
    localStore.all<Draft>(KEPT.draft),
    localStore.all<LiveLog>(KEPT.live),
    localStore.read<Settings>(KEPT.settings),
    localStore.read<Timers>(KEPT.timers),
    localStore.read<PantryState>(KEPT.pantry),
  ]);
  if (settings) store.dispatch(settingsFound(settings));
  if (pantry) store.dispatch(pantryFound(pantry));
  if (timers) store.dispatch(timersFound(timers));
  for (const [id, draft] of drafts) {
    const read = readDraft(draft);
    if (read) store.dispatch(draftFound({ id, draft: read }));
    else console.warn(`What this device kept of ${id} cannot be read`);
  }
  for (const [eveningId, log] of logs) store.dispatch(logFound({ eveningId, log: readLog(log) }));
}

async function sendDraft(store: AppStore, id: string, draft: Draft): Promise<void> {
  const sent = draft.evening;
  store.dispatch(sendStarted({ id, sent }));
  const request =
    draft.baseVersion === 0
      ? store.dispatch(api.endpoints.createEvening.initiate({ evening: sent }))
      : store.dispatch(api.endpoints.changeEvening.initiate({ version: draft.baseVersion, evening: sent }));
  try {
    const stored = await request.unwrap();
    store.dispatch(eveningSaved({ id, stored, sent }));
  } catch (error) {
    if (wasSilence(error)) throw error;
    const problem = problemOf(error) ?? {
      type: 'about:blank',
      title: 'Not saved',
      status: 0,
      detail: 'The server gave an answer that could not be read.',
    };
    store.dispatch(saveRefused({ id, problem }));
  }
}

async function sendEvents(store: AppStore, eveningId: string, log: LiveLog): Promise<void> {
  const events = log.events.filter((event) => log.unsent.includes(event.id)).slice(0, 100);
  try {
    const answer = await store.dispatch(api.endpoints.appendEvents.initiate({ eveningId, events })).unwrap();
    store.dispatch(eventsStored({ eveningId, ids: [...answer.accepted, ...answer.alreadyHad] }));
  } catch (error) {
    if (wasSilence(error)) throw error;
    // Refused for good (the evening was deleted elsewhere): the log stays on this device, and is tried again next time.
    console.error('The server refused events', problemOf(error)?.detail);
  }
}

async function sendPantry(store: AppStore): Promise<void> {
  const { items, unsent } = store.getState().pantry;
  const sent = items.filter((item) => unsent.includes(pantryKey(item)));
  if (sent.length === 0) return;
  try {
    const answer = await store.dispatch(api.endpoints.countPantry.initiate({ items: sent })).unwrap();
    store.dispatch(pantryArrived({ items: answer.items, sent }));
  } catch (error) {
    if (wasSilence(error)) throw error;
    console.error('The server refused the pantry', problemOf(error)?.detail);
  }
}

let underWay: Promise<void> | undefined;
/** Tries that failed one after another, because nobody answered or the server was ill. */
let failures = 0;

async function flush(store: AppStore): Promise<void> {
  await sendPantry(store);
  for (const [id, draft] of Object.entries(store.getState().drafts)) {
    if (draft.unsaved && !draft.conflict && !draft.problem) await sendDraft(store, id, draft);
  }
  for (const [eveningId, log] of Object.entries(store.getState().live)) {
    const draft = store.getState().drafts[eveningId];
    const isThere = !draft || draft.baseVersion > 0;
    if (log.unsent.length > 0 && isThere) await sendEvents(store, eveningId, log);
  }
}

/** Sends what the server does not have yet, evenings before their events; one run at a time. */
export function sendWhatIsLeft(store: AppStore): Promise<void> {
  underWay ??= flush(store)
    .then(() => {
      failures = 0;
    })
    .catch((error: unknown) => {
      if (!wasSilence(error)) throw error;
      failures += 1;
    })
    .finally(() => {
      underWay = undefined;
    });
  return underWay;
}

const EVERY_MS = 2500;
const LONGEST_WAIT_MS = 60_000;

/** How long to wait before the next try: longer after each that failed, so that an ill server is left alone. */
export const waitMs = (failed: number) => Math.min(LONGEST_WAIT_MS, EVERY_MS * 2 ** Math.min(failed, 10));

/** Keeps sending while the application is open. @returns a function that stops it */
export function startSync(store: AppStore): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let isStopped = false;
  const send = async () => {
    clearTimeout(timer);
    await sendWhatIsLeft(store).catch((error: unknown) => console.error('Sending failed', error));
    if (!isStopped) timer = setTimeout(() => void send(), waitMs(failures));
  };
  const atOnce = () => void send();
  window.addEventListener('online', atOnce);
  atOnce();
  return () => {
    isStopped = true;
    clearTimeout(timer);
    window.removeEventListener('online', atOnce);
  };
}
