import { Link } from 'expo-router';
import { nowMs } from '@/state/clock';
import { ChevronRight } from '@/ui/icons';
import { Pressable, View } from 'react-native';
import { EveningThumb } from '@/features/photo/EveningThumb';
import { Body, Heading, Small } from '@/ui/Text';
import { clock, day } from '@/ui/time';
import type { EveningRow } from './eveningRows';

export const placeOf = (row: EveningRow) => {
  if (row.status === 'live') return `/evening/${row.id}/stove` as const;
  return row.status === 'finished' ? (`/evening/${row.id}/after` as const) : (`/evening/${row.id}/who` as const);
};

/** One evening in the list. */
export function EveningItem({ row }: { row: EveningRow }) {
  const missed = row.status === 'planned' && Date.parse(row.sitDownAt) < nowMs();
  return (
    <View className="flex-row items-center border-b border-line">
      <Link href={placeOf(row)} asChild>
        <Pressable
          className="min-h-main flex-1 flex-row items-center gap-4 py-4"
          aria-label={`${row.title}, ${day(row.sitDownAt)}`}
        >
          <View className="flex-1 gap-1">
            <Heading level={3}>{row.title}</Heading>
            <Small>
              {row.status === 'live' ? 'On the stove · ' : ''}
              {day(row.sitDownAt)} at {clock(row.sitDownAt)} · {row.diners.length} at the table
              {missed ? ' · not cooked' : ''}
              {row.onlyHere ? ' · on this device only' : ''}
            </Small>
            {row.lastNote ? (
              <Body className="italic text-soft" numberOfLines={2}>
                {row.lastNote}
              </Body>
            ) : null}
          </View>
          <EveningThumb id={row.id} photoAt={row.photoAt} />
          <ChevronRight size={22} color="rgb(var(--edge))" aria-hidden />
        </Pressable>
      </Link>
    </View>
  );
}
