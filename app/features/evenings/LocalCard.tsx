import { catalogueOf, drawFromAbove, saucesOf } from '@elixa/core';
import { useMemo } from 'react';
import { usePlanned, usePlanning } from '@/features/evening/usePlanning';
import { useAppSelector } from '@/state';
import type { EveningRow } from './eveningRows';
import { PotCardView } from './PotCardView';

/** The next evening as it is on this device: the server does not have it so, yet. */
export function LocalCard({ row }: { row: EveningRow }) {
  const evening = useAppSelector((state) => state.drafts[row.id]?.evening);
  usePlanning(evening, undefined);
  const { plan, pending } = usePlanned(evening);
  const card = useMemo(
    () =>
      evening &&
      plan && {
        drawing: drawFromAbove(catalogueOf(evening), evening.vessel, plan.build),
        ...saucesOf(plan),
      },
    [evening, plan],
  );
  return <PotCardView row={row} card={card} litAt={pending ? undefined : plan?.simmer.litAt} />;
}
