import type { Edit } from '@elixa/contract';
import { applyEdit } from '@elixa/core';
import type { AppDispatch, RootState } from '@/state';
import { edited } from '@/state/drafts';

/** Makes one named change of an evening that is open here. */
export const makeEdit = (id: string, edit: Edit) => (dispatch: AppDispatch, getState: () => RootState) => {
  const draft = getState().drafts[id];
  if (draft) dispatch(edited({ id, kind: edit.kind, evening: applyEdit(draft.evening, edit) }));
};
