import { eveningSchema, type Evening, type Problem, type StoredEvening } from '@elixa/contract';
import { createSlice, current, type PayloadAction } from '@reduxjs/toolkit';
import equal from 'fast-deep-equal';

/** An evening as the cook sees it, with what the server last had of it. */
export interface Draft {
  evening: Evening;
  /** Version that the server stored; 0 when it has none yet. */
  baseVersion: number;
  /** Changed here and not stored there yet. */
  unsaved: boolean;
  /** Sent, with an answer that never came: the server may have it. */
  unanswered?: Evening[];
  /** Stored by somebody else meanwhile; both are kept until the cook chooses. */
  conflict?: StoredEvening;
  problem?: Problem;
}

export type DraftsState = Record<string, Draft>;

interface Saved {
  id: string;
  stored: StoredEvening;
  sent: Evening;
}

/** Sends that are remembered while no answer comes. */
const REMEMBERED_SENDS = 8;

/**
 * Whether the server's document is this one. It trims, keeps keys in an order of its own, and never hears of a key whose
 * value is undefined, such as a form leaves behind.
 */
const isStoredAs = (sent: Evening, stored: Evening) => {
  const read = eveningSchema.safeParse(JSON.parse(JSON.stringify(sent)));
  return read.success && equal(read.data, stored);
};

const drafts = createSlice({
  name: 'drafts',
  initialState: {} as DraftsState,
  reducers: {
    /** Kept on this device from an earlier visit. */
    draftFound(state, { payload }: PayloadAction<{ id: string; draft: Draft }>) {
      state[payload.id] ??= payload.draft;
    },
    /** Came from the server, or from what was kept of it; neither what is unsaved here nor what is newer is overwritten. */
    eveningArrived(state, { payload }: PayloadAction<StoredEvening>) {
      const { id } = payload.evening;
      const draft = state[id];
      if (draft && (draft.unsaved || payload.version <= draft.baseVersion)) return;
      state[id] = { evening: payload.evening, baseVersion: payload.version, unsaved: false };
    },
    eveningMade(state, { payload }: PayloadAction<Evening>) {
      state[payload.id] = { evening: payload, baseVersion: 0, unsaved: true };
    },
    eveningChanged(state, { payload }: PayloadAction<Evening>) {
      const draft = state[payload.id];
      if (!draft) return;
      draft.evening = payload;
      draft.unsaved = true;
      draft.problem = undefined;
    },
    sendStarted(state, { payload }: PayloadAction<{ id: string; sent: Evening }>) {
      const draft = state[payload.id];
      if (draft) draft.unanswered = [...(draft.unanswered ?? []), payload.sent].slice(-REMEMBERED_SENDS);
    },
    eveningSaved(state, { payload }: PayloadAction<Saved>) {
      const draft = state[payload.id];
      if (!draft) return;
      draft.baseVersion = payload.stored.version;
      draft.problem = undefined;
      draft.unanswered = undefined;
      // What was typed while the request was under way still has to go.
      if (JSON.stringify(draft.evening) === JSON.stringify(payload.sent)) draft.unsaved = false;
    },
    saveRefused(state, { payload }: PayloadAction<{ id: string; problem: Problem }>) {
      const draft = state[payload.id];
      if (!draft) return;
      const there = payload.problem.current;
      const { unanswered = [], evening } = current(draft);
      if (there && unanswered.some((sent) => isStoredAs(sent, there.evening))) {
        // Nobody else wrote it: it is what this device sent, and only the answer was lost.
        draft.baseVersion = there.version;
        draft.unanswered = undefined;
        draft.unsaved = !isStoredAs(evening, there.evening);
        return;
      }
      draft.problem = payload.problem;
      draft.conflict = there;
    },
    conflictSettled(state, { payload }: PayloadAction<{ id: string; keep: 'mine' | 'theirs' }>) {
      const draft = state[payload.id];
      if (!draft?.conflict) return;
      draft.baseVersion = draft.conflict.version;
      if (payload.keep === 'theirs') {
        draft.evening = draft.conflict.evening;
        draft.unsaved = false;
      }
      draft.conflict = undefined;
      draft.problem = undefined;
    },
    /** It was refused once, and is to be tried again as it is. */
    sendAgain(state, { payload }: PayloadAction<string>) {
      const draft = state[payload];
      if (draft) draft.problem = undefined;
    },
    draftDropped(state, { payload }: PayloadAction<string>) {
      delete state[payload];
    },
  },
});

export const {
  draftFound,
  eveningArrived,
  eveningMade,
  eveningChanged,
  sendStarted,
  eveningSaved,
  saveRefused,
  conflictSettled,
  sendAgain,
  draftDropped,
} = drafts.actions;
export const draftsReducer = drafts.reducer;
