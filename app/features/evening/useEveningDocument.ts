import type { Evening, EveningStatus } from '@elixa/contract';
import { useEffect } from 'react';
import { useAppDispatch, useAppSelector } from '@/store';
import { api } from '@/store/api';
import { eveningArrived, eveningChanged, type Draft } from './draftsSlice';

interface EveningDocument {
  evening?: Evening;
  draft?: Draft;
  status: EveningStatus;
  missing: boolean;
  change(evening: Evening): void;
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
  return {
    evening: draft?.evening,
    draft,
    status: data?.status ?? 'planned',
    missing: isError && !draft,
    change: (evening) => dispatch(eveningChanged(evening)),
  };
}
