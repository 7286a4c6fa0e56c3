import type { Edit, Evening, EveningStatus } from '@elixa/contract';
import { useCallback, useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import { useAppDispatch, useAppSelector, type AppStore } from '@/state';
import { api } from '@/state/api';
import { eveningArrived, editTakenBack, editMadeAgain, type Draft } from '@/state/drafts';
import * as reading from '@/state/reading';
import { recallEvening } from '@/state/sync';
import { makeEdits } from './makeEdits';

interface EveningDocument {
  evening?: Evening;
  draft?: Draft;
  status: EveningStatus;
  missing: boolean;
  edit(...edits: Edit[]): void;
  undo?(): void;
  redo?(): void;
}

/** Whether what this device kept of an evening is back. */
function useRecalled(id: string): boolean {
  const store = useStore() as AppStore;
  const [recalled, setRecalled] = useState<string>();
  useEffect(() => {
    let current = true;
    void recallEvening(store, id, async () => reading).finally(() => {
      if (current) setRecalled(id);
    });
    return () => {
      current = false;
    };
  }, [store, id]);
  return recalled === id;
}

/** What was read less long ago is not read again: the first page asks ahead, and what changes since is followed. */
const JUST_READ_S = 10;

/** An evening with what is unsaved of it here; read from the server, or from this device while that is silent. */
export function useEveningDocument(id: string): EveningDocument {
  const dispatch = useAppDispatch();
  const isRecalled = useRecalled(id);
  const draft = useAppSelector((state) => state.drafts[id]);
  const isNew = draft?.baseVersion === 0;
  const { data, isError } = api.useReadEveningQuery(id, { skip: isNew, refetchOnMountOrArgChange: JUST_READ_S });
  useEffect(() => {
    // What is unsaved here stands above what the server has: it has to be back first.
    const stored = isRecalled && data && reading.readStored(data);
    if (stored) dispatch(eveningArrived(stored));
  }, [data, dispatch, isRecalled]);
  const edit = useCallback((...given: Edit[]) => dispatch(makeEdits(id, given)), [dispatch, id]);
  const undo = useCallback(() => dispatch(editTakenBack(id)), [dispatch, id]);
  const redo = useCallback(() => dispatch(editMadeAgain(id)), [dispatch, id]);
  return {
    evening: draft?.evening,
    draft,
    status: data?.status ?? 'planned',
    missing: isRecalled && isError && !draft,
    edit,
    undo: draft?.past?.length ? undo : undefined,
    redo: draft?.future?.length ? redo : undefined,
  };
}
