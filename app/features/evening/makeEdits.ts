import type { Edit } from '@elixa/contract';
import { applyEdits } from '@elixa/core';
import type { AppDispatch, RootState } from '@/state';
import { edited } from '@/state/drafts';

/** Makes named changes of an evening that is open here; several together are one, which is taken back at once. */
export const makeEdits = (id: string, edits: readonly Edit[]) => (dispatch: AppDispatch, getState: () => RootState) => {
  const draft = getState().drafts[id];
  const [first] = edits;
  if (draft && first) dispatch(edited({ id, kind: first.kind, evening: applyEdits(draft.evening, edits) }));
};
