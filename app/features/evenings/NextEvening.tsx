import { Suspense } from 'react';
import { inKitchen } from '@/kitchenDoor';
import { useAppSelector } from '@/state';
import { api } from '@/state/api';
import type { EveningRow } from './eveningRows';
import { PotCardView } from './PotCardView';

const LocalCard = inKitchen(({ LocalCard }) => LocalCard);

/** The evening that matters now. Its pot comes ready from the server; only what that does not have is planned here. */
export function NextEvening({ row }: { row: EveningRow }) {
  const isOnlyHere = useAppSelector((state) => state.drafts[row.id]?.unsaved === true);
  const { data } = api.useReadCardQuery({ id: row.id, version: row.version }, { skip: isOnlyHere });
  if (!isOnlyHere) return <PotCardView row={row} card={data} />;
  return (
    <Suspense fallback={<PotCardView row={row} />}>
      <LocalCard row={row} />
    </Suspense>
  );
}
