import type { Evening } from '@elixa/contract';
import { STYLES, type PotPreview } from '@elixa/core';
import { useEffect, useState } from 'react';
import { useAppDispatch, useAppSelector } from '@/state';
import { previewFound, previewsAsked, selectPreviews } from '@/state/plans';
import { askPlanner, stopPlanner } from '@/workers/planner';

/** Of an evening, what changes what its pots would come to. */
const askedOf = ({ diners, vessel, heatSource, place, kitchen, cooks, sitDownAt, pantry }: Evening) =>
  JSON.stringify([diners, vessel, heatSource, place, kitchen, cooks, sitDownAt, pantry]);

const KEY = 'previews';

/** What each pot would come to tonight, one after another; those that are not known yet are missing. */
export function usePreviews(evening: Evening): Readonly<Record<string, PotPreview>> {
  const dispatch = useAppDispatch();
  const { of, found } = useAppSelector(selectPreviews);
  const key = askedOf(evening);
  // The choice among the pots is made for the evening as it came to this page: another pot changes no other preview.
  const [first] = useState(() => new Map<string, Evening>());
  if (!first.has(key)) first.set(key, evening);
  useEffect(() => {
    dispatch(previewsAsked(key));
    askPlanner(
      KEY,
      { evening: first.get(key)!, previews: STYLES.map(({ id }) => id) },
      {
        found: (one) => one.kind === 'preview' && dispatch(previewFound(one.preview)),
        failed: (message) => console.error('The pots could not be judged', message),
      },
      true,
    );
    return () => stopPlanner(KEY);
  }, [dispatch, first, key]);
  return of === key ? found : {};
}
