import type { Evening, PantryItem } from '@elixa/contract';
import { useCallback, useEffect, useMemo } from 'react';
import { nowIso } from './clock';
import { useAppDispatch, useAppSelector } from '@/state';
import { api } from './api';
import { itemsCounted, pantryArrived } from './pantry';

/** What the house has, and the way to count it. */
export function usePantry() {
  const dispatch = useAppDispatch();
  const items = useAppSelector((state) => state.pantry.items);
  const count = useCallback(
    (counted: ReadonlyArray<Omit<PantryItem, 'changedAt'>>) =>
      dispatch(itemsCounted(counted.map((item) => ({ ...item, changedAt: nowIso() })))),
    [dispatch],
  );
  return { items, count };
}

/** An evening with what the house has, this device's counts and the server's: what its plan is made from. */
export function useStocked(evening: Evening | undefined): Evening | undefined {
  const dispatch = useAppDispatch();
  const pantry = useAppSelector((state) => state.pantry.items);
  const { data } = api.useReadPantryQuery(undefined, { refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data) dispatch(pantryArrived({ items: data.items }));
  }, [data, dispatch]);
  return useMemo(() => (evening && pantry.length > 0 ? { ...evening, pantry } : evening), [evening, pantry]);
}
