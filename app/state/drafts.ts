import type { Edit, Evening, Problem, StoredEvening } from '@elixa/contract';
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
  /** What it was before each change made here, and what was taken back; for this visit only. */
  past?: Evening[];
  future?: Evening[];
  /** The last change, where one more of its kind belongs to it: letters typed one by one. */
  typing?: string;
}

export type DraftsState = Record<string, Draft>;

interface Saved {
  id: string;
  stored: StoredEvening;
  sent: Evening;
}

/** Sends that are remembered while no answer comes. */
const REMEMBERED_SENDS = 8;

/** Changes that can be taken back. */
const REMEMBERED_EDITS = 60;

/** Changes that come one letter or one step at a time. */
const TYPED: readonly string[] = ['titled', 'heightSet'] satisfies Array<Edit['kind']>;

function changed(draft: Draft, evening: Evening): void {
  draft.evening = evening;
  draft.unsaved = true;
  draft.problem = undefined;
}

const drafts = createSlice({
  name: 'drafts',
  initialState: {} as DraftsState,
  reducers: {
    /** Kept on this device from an earlier visit. */
    /** Kept by an earlier visit. Where the device was slow, the server's may be here already: what is unsaved stands above it. */
    draftFound(state, { payload: { id, draft } }: PayloadAction<{ id: string; draft: Draft }>) {
      if (!state[id] || (draft.unsaved && !state[id].unsaved)) state[id] = draft;
    },
    /** Changed in another tab of this browser: it is the same draft. */
    draftShared(state, { payload }: PayloadAction<{ id: string; draft: Draft }>) {
      state[payload.id] = payload.draft;
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
    /** One named change, and what it made of the evening. Every one but the letters of a word can be taken back by itself. */
    edited(state, { payload }: PayloadAction<{ id: string; kind: Edit['kind']; evening: Evening }>) {
      const draft = state[payload.id];
      if (!draft) return;
      const before = current(draft).evening;
      const { evening } = payload;
      if (equal(evening, before)) return;
      const typing = TYPED.includes(payload.kind) ? payload.kind : undefined;
      if (typing === undefined || typing !== draft.typing) {
        draft.past = [...(draft.past ?? []), before].slice(-REMEMBERED_EDITS);
      }
      draft.typing = typing;
      draft.future = undefined;
      changed(draft, evening);
    },
    editTakenBack(state, { payload }: PayloadAction<string>) {
      const draft = state[payload];
      const before = draft?.past?.at(-1);
      if (!draft || !before) return;
      draft.future = [...(draft.future ?? []), draft.evening];
      draft.past = draft.past?.slice(0, -1);
      draft.typing = undefined;
      changed(draft, before);
    },
    editMadeAgain(state, { payload }: PayloadAction<string>) {
      const draft = state[payload];
      const after = draft?.future?.at(-1);
      if (!draft || !after) return;
      draft.past = [...(draft.past ?? []), draft.evening];
      draft.future = draft.future?.slice(0, -1);
      draft.typing = undefined;
      changed(draft, after);
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
      if (equal(current(draft).evening, payload.sent)) draft.unsaved = false;
    },
    /** Nobody else wrote what the server has: it is what this device sent, and only the answer was lost. */
    answerWasLost(state, { payload }: PayloadAction<{ id: string; version: number; isSame: boolean }>) {
      const draft = state[payload.id];
      if (!draft) return;
      draft.baseVersion = payload.version;
      draft.unanswered = undefined;
      draft.unsaved = !payload.isSame;
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
  draftShared,
  eveningArrived,
  eveningMade,
  edited,
  editTakenBack,
  editMadeAgain,
  sendStarted,
  eveningSaved,
  answerWasLost,
  saveRefused,
  conflictSettled,
  sendAgain,
  draftDropped,
} = drafts.actions;
export const draftsReducer = drafts.reducer;
