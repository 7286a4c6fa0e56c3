import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import {
  conflictSettled,
  draftShared,
  edited,
  editMadeAgain,
  editTakenBack,
  eveningMade,
  eveningSaved,
  saveRefused,
  answerWasLost,
  type Draft,
} from '@/state/drafts';
import { eventRecorded, eventsStored, logFound, type LiveLog } from '@/state/log';
import type { RootState } from './reducer';

type Said = { drafts: Record<string, Draft>; live: Record<string, LiveLog> };

const CHANNEL = 'elixa';

/** What this tab changed of drafts and logs: other tabs of this browser work on the same. */
const ours = isAnyOf(
  edited,
  editTakenBack,
  editMadeAgain,
  eveningMade,
  eveningSaved,
  saveRefused,
  answerWasLost,
  conflictSettled,
  eventRecorded,
  eventsStored,
);

const changedIn = <Value>(before: Record<string, Value>, after: Record<string, Value>): Record<string, Value> =>
  Object.fromEntries(Object.entries(after).filter(([id, value]) => before[id] !== value));

/**
 * Tells the other tabs of this browser what is changed here, and takes over what they tell: they share one draft and one
 * log of an evening.
 */
export function shareWithTabs() {
  const listener = createListenerMiddleware();
  const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL);
  // Where this runs outside of a page, an open channel must not keep the process alive.
  (channel as { unref?(): void } | undefined)?.unref?.();
  listener.startListening({
    matcher: ours,
    effect: (_action, { getState, getOriginalState }) => {
      const [after, before] = [getState() as RootState, getOriginalState() as RootState];
      const said: Said = {
        drafts: changedIn(before.drafts, after.drafts),
        live: changedIn(before.live, after.live),
      };
      channel?.postMessage(said);
    },
  });
  return {
    middleware: listener.middleware,
    listen(dispatch: (action: unknown) => unknown): void {
      channel?.addEventListener('message', ({ data }: MessageEvent<Said>) => {
        for (const [id, draft] of Object.entries(data.drafts)) dispatch(draftShared({ id, draft }));
        for (const [eveningId, log] of Object.entries(data.live)) dispatch(logFound({ eveningId, log }));
      });
    },
  };
}
