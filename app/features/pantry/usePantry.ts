import type { PantryItem } from '@elixa/contract';
import { useCallback, useEffect } from 'react';
import { isoNow } from '@/features/stove/isoNow';
import { useAppDispatch, useAppSelector } from '@/store';
import { api } from '@/store/api';
import { itemsCounted, pantryArrived } from './pantrySlice';

/** What the house has, and the way to count it. */
export function usePantry() {
  const dispatch = useAppDispatch();
  const items = useAppSelector((state) => state.pantry.items);
  const count = useCallback(
    (counted: ReadonlyArray<Omit<PantryItem, 'changedAt'>>) =>
      dispatch(itemsCounted(counted.map((item) => ({ ...item, changedAt: isoNow(new Date()) })))),
    [dispatch],
  );
  return { items, count };
}

/** The same, with what the server has besides: for the page that all others stand in. */
export function usePantryOfServer() {
  const dispatch = useAppDispatch();
  const { data } = api.useReadPantryQuery(undefined, { refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data) dispatch(pantryArrived({ items: data.items }));
  }, [data, dispatch]);
  return usePantry();
}
