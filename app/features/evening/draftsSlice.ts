import type { Evening, Problem, StoredEvening } from '@elixa/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** An evening as the cook sees it, with what the server last had of it. */
export interface Draft {
  evening: Evening;
  /** Version that the server stored; 0 when it has none yet. */
  baseVersion: number;
  /** Changed here and not stored there yet. */
  unsaved: boolean;
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

const drafts = createSlice({
  name: 'drafts',
  initialState: {} as DraftsState,
  reducers: {
    /** Kept on this device from an earlier visit. */
    draftFound(state, { payload }: PayloadAction<{ id: string; draft: Draft }>) {
      state[payload.id] ??= payload.draft;
    },
    /** Came from the server; what is unsaved here is not overwritten. */
    eveningArrived(state, { payload }: PayloadAction<StoredEvening>) {
      const { id } = payload.evening;
      if (state[id]?.unsaved) return;
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
    eveningSaved(state, { payload }: PayloadAction<Saved>) {
      const draft = state[payload.id];
      if (!draft) return;
      draft.baseVersion = payload.stored.version;
      draft.problem = undefined;
      // What was typed while the request was under way still has to go.
      if (JSON.stringify(draft.evening) === JSON.stringify(payload.sent)) draft.unsaved = false;
    },
    saveRefused(state, { payload }: PayloadAction<{ id: string; problem: Problem }>) {
      const draft = state[payload.id];
      if (!draft) return;
      draft.problem = payload.problem;
      draft.conflict = payload.problem.current;
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
  eveningSaved,
  saveRefused,
  conflictSettled,
  draftDropped,
} = drafts.actions;
export const draftsReducer = drafts.reducer;
