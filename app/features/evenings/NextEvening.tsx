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
  const asked = { id: row.id, version: row.version };
  const { data: card } = api.useReadCardQuery(asked, { skip: isOnlyHere });
  // The pot is drawn before it is gone through for its times.
  const { data: timed } = api.useReadLitAtQuery(asked, { skip: isOnlyHere || !card });
  if (!isOnlyHere) return <PotCardView row={row} card={card} litAt={timed?.litAt} />;
  return (
    <Suspense fallback={<PotCardView row={row} />}>
      <LocalCard row={row} />
    </Suspense>
  );
}
