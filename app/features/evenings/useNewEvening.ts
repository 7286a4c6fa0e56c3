import type { Evening } from '@elixa/contract';
import { router } from 'expo-router';
import { kitchen } from '@/kitchenDoor';
import { nowDate } from '@/state/clock';
import { useAppDispatch, useAppSelector, type RootState } from '@/state';
import { api } from '@/state/api';
import { newId } from '@/state/newId';
import { eveningMade } from '@/state/drafts';
import type { EveningRow } from './eveningRows';

const byUpdate = (state: RootState) => state.drafts;

/** Makes an evening in the kitchen of the newest one and opens it. */
export function useNewEvening(rows: readonly EveningRow[]) {
  const dispatch = useAppDispatch();
  const drafts = useAppSelector(byUpdate);
  return async () => {
    const newest = [...rows].sort((a, b) => Date.parse(b.sitDownAt) - Date.parse(a.sitDownAt))[0];
    let last: Evening | undefined = newest && drafts[newest.id]?.evening;
    if (newest && !last) {
      // Without the server the usual kitchen will do.
      const answer = await dispatch(api.endpoints.readEvening.initiate(newest.id));
      last = answer.data?.evening;
    }
    const { makeEvening } = await kitchen();
    const evening = makeEvening(newId(), nowDate(), last);
    dispatch(eveningMade(evening));
    router.push(`/evening/${evening.id}/choose`);
  };
}
