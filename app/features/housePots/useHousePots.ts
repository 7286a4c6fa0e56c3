import type { HousePot } from '@elixa/contract';
import { keptPots } from '@elixa/core';
import { useCallback, useEffect, useMemo } from 'react';
import { nowIso } from '@/state/clock';
import { useAppDispatch, useAppSelector } from '@/state';
import { api } from '@/state/api';
import { potsArrived, potsKept } from '@/state/housePots';

/** The pots that the house keeps, and the ways to keep one and to throw one away. */
export function useHousePots() {
  const dispatch = useAppDispatch();
  const items = useAppSelector((state) => state.housePots.items);
  const { data } = api.useReadPotsQuery(undefined, { refetchOnMountOrArgChange: true });
  useEffect(() => {
    if (data) dispatch(potsArrived({ items: data.pots }));
  }, [data, dispatch]);
  const keep = useCallback(
    (pot: Omit<HousePot, 'changedAt'>) => {
      dispatch(potsKept([{ ...pot, changedAt: nowIso() }]));
    },
    [dispatch],
  );
  const pots = useMemo(() => keptPots(items), [items]);
  return { pots, keep, throwAway: (pot: HousePot) => keep({ ...pot, gone: true }) };
}
