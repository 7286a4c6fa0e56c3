import type { Edit, Evening, EveningStatus } from '@elixa/contract';
import { useCallback, useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '@/store';
import { api } from '@/store/api';
import { edited, eveningArrived, editTakenBack, editMadeAgain, type Draft } from './draftsSlice';

interface EveningDocument {
  evening?: Evening;
  draft?: Draft;
  status: EveningStatus;
  missing: boolean;
  edit(edit: Edit): void;
  undo?(): void;
  redo?(): void;
}

/** An evening with what is unsaved of it here; read from the server, or from this device while that is silent. */
export function useEveningDocument(id: string): EveningDocument {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.drafts[id]);
  const isNew = draft?.baseVersion === 0;
  const { data, isError } = api.useReadEveningQuery(id, { skip: isNew, refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data) dispatch(eveningArrived(data));
  }, [data, dispatch]);
  const edit = useCallback((given: Edit) => dispatch(edited({ id, edit: given })), [dispatch, id]);
  const undo = useCallback(() => dispatch(editTakenBack(id)), [dispatch, id]);
  const redo = useCallback(() => dispatch(editMadeAgain(id)), [dispatch, id]);
  return {
    evening: draft?.evening,
    draft,
    status: data?.status ?? 'planned',
    missing: isError && !draft,
    edit,
    undo: draft?.past?.length ? undo : undefined,
    redo: draft?.future?.length ? redo : undefined,
  };
}
