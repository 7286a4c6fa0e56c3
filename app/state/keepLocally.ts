import { createListenerMiddleware } from '@reduxjs/toolkit';
import type { Draft } from '@/state/drafts';
import type { HousePotsState } from '@/state/housePots';
import type { PantryState } from '@/state/pantry';
import type { Settings } from '@/state/settings';
import type { Timers } from '@/state/timers';
import { keepLogs } from './keptLogs';
import { localStore } from './localStore';
import { unsentPhotos, type PhotosState } from './photos';
import type { RootState } from './reducer';
import { keptForGood, sayAtOnce } from './tapJournal';

export const keepLocally = createListenerMiddleware();

/** Keys under which things are kept on the device. */
export const KEPT = {
  draft: 'draft:',
  settings: 'settings',
  timers: 'timers',
  pantry: 'pantry',
  housePots: 'housePots',
  photos: 'photos',
} as const;

async function keepChanged<Value>(
  prefix: string,
  before: Record<string, Value>,
  after: Record<string, Value>,
  kept: (value: Value) => unknown = (value) => value,
) {
  await Promise.all(
    Object.entries(after)
      .filter(([id, value]) => before[id] !== value)
      .map(([id, value]) => localStore.write(prefix + id, kept(value))),
  );
  await Promise.all(
    Object.keys(before)
      .filter((id) => !(id in after))
      .map((id) => localStore.remove(prefix + id)),
  );
}

/** Every change of a draft, a log or a setting is on the device before anything is sent. */
keepLocally.startListening({
  predicate: (_action, now, before) => {
    const [after, earlier] = [now as RootState, before as RootState];
    return (
      after.drafts !== earlier.drafts ||
      after.live !== earlier.live ||
      after.settings !== earlier.settings ||
      after.timers !== earlier.timers ||
      after.pantry !== earlier.pantry ||
      after.photos !== earlier.photos ||
      after.housePots !== earlier.housePots
    );
  },
  effect: async (_action, listener) => {
    const before = listener.getOriginalState() as RootState;
    const after = listener.getState() as RootState;
    // Nothing has been waited for: the tap itself is still under way.
    sayAtOnce(before.live, after.live);
    await keepChanged<Draft>(
      KEPT.draft,
      before.drafts,
      after.drafts,
      ({ past: _past, future: _future, ...draft }) => draft,
    );
    await keepLogs(before.live, after.live);
    if (before.live !== after.live) keptForGood(before.live, after.live);
    if (before.timers !== after.timers) await localStore.write(KEPT.timers, after.timers satisfies Timers);
    if (before.pantry !== after.pantry) await localStore.write(KEPT.pantry, after.pantry satisfies PantryState);
    if (before.housePots !== after.housePots) {
      await localStore.write(KEPT.housePots, after.housePots satisfies HousePotsState);
    }
    if (before.photos !== after.photos) {
      await localStore.write(KEPT.photos, unsentPhotos(after.photos) satisfies PhotosState);
    }
    if (before.settings !== after.settings) await localStore.write(KEPT.settings, after.settings satisfies Settings);
  },
});
