import type { Evening, FieldError, PotPlan, Prep, Remedy } from '@elixa/contract';
import type { Found, PotPreview } from '@elixa/core';
import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';

/** What has been worked out for an evening. The last good plan stays until there is a newer one. */
export interface Planned {
  /** The document that is being planned, and the one that `plan` or `faults` belong to. */
  asked?: Evening;
  of?: Evening;
  plan?: PotPlan;
  faults: FieldError[];
  prep?: Prep;
  /** The preparation as it was planned before the last change. */
  before?: Prep;
  /** What mends a late one, as far as it is known; undefined while nothing is. */
  remedies?: Remedy[];
  /** Changes that have been tried of those that may help; undefined when the search is over. */
  trying?: { tried: number; of: number };
  /** Changes to the pot that have been tried of those that may mend it; undefined when the search is over. */
  mending?: { tried: number; of: number };
  failure?: string;
}

export interface PlansState {
  evenings: Record<string, Planned>;
  /** What each pot would come to for these guests and this kitchen. */
  previews: { of: string; found: Record<string, PotPreview> };
}

const NOTHING: Planned = { faults: [] };

/** The old object where the new one says the same: who reads only that is not drawn again. */
const kept = <Value>(before: Value | undefined, now: Value): Value => copyWithStructuralSharing(before, now) as Value;

const plans = createSlice({
  name: 'plans',
  initialState: { evenings: {}, previews: { of: '', found: {} } } as PlansState,
  reducers: {
    planAsked(state, { payload: { id, evening } }: PayloadAction<{ id: string; evening: Evening }>) {
      state.evenings[id] = {
        ...(state.evenings[id] ?? NOTHING),
        asked: evening,
        mending: undefined,
        failure: undefined,
      };
    },
    planFound(state, { payload: { id, found } }: PayloadAction<{ id: string; found: Found }>) {
      const planned = state.evenings[id];
      const last = original(state)?.evenings[id];
      if (!planned) return;
      switch (found.kind) {
        case 'faults':
          planned.faults = found.faults as FieldError[];
          planned.of = planned.asked;
          break;
        case 'pot':
          planned.plan = kept(last?.plan, found.plan);
          planned.faults = [];
          planned.mending = undefined;
          // What is only quick is shown, and nobody cooks by it.
          if (!found.quick) planned.of = planned.asked;
          break;
        case 'prep':
          planned.before = last?.prep;
          planned.prep = kept(last?.prep, found.prep);
          planned.remedies = found.prep.late > 0 ? undefined : [];
          planned.trying = undefined;
          break;
        case 'trying':
          planned.remedies = found.found;
          planned.trying = { tried: found.tried, of: found.of };
          break;
        case 'remedies':
          planned.remedies = found.remedies;
          planned.trying = undefined;
          break;
        case 'mending':
          planned.mending = { tried: found.tried, of: found.of };
          break;
        case 'preview':
        case 'wondering':
        case 'whatIf':
          break;
      }
    },
    /** The search was left; what it had found stays. */
    searchLeft(state, { payload: id }: PayloadAction<string>) {
      const planned = state.evenings[id];
      if (planned) {
        planned.trying = undefined;
        planned.mending = undefined;
      }
    },
    planFailed(state, { payload: { id, message } }: PayloadAction<{ id: string; message: string }>) {
      const planned = state.evenings[id];
      if (!planned) return;
      planned.failure = message;
      planned.of = planned.asked;
      planned.trying = undefined;
      planned.mending = undefined;
    },
    previewsAsked(state, { payload: of }: PayloadAction<string>) {
      if (state.previews.of !== of) state.previews = { of, found: {} };
    },
    previewFound(state, { payload: preview }: PayloadAction<PotPreview>) {
      state.previews.found[preview.styleId] = preview;
    },
  },
});

export const { planAsked, planFound, searchLeft, planFailed, previewsAsked, previewFound } = plans.actions;
export const plansReducer = plans.reducer;

type State = { plans: PlansState };

/** What is planned of an evening; nothing before it was asked for. */
export const selectPlanned = (state: State, id: string): Planned => state.plans.evenings[id] ?? NOTHING;
export const selectPreviews = (state: State): PlansState['previews'] => state.plans.previews;
