import type { EveningStatus } from '@elixa/contract';
import { router } from 'expo-router';
import { View } from 'react-native';
import { usePlan } from '@/features/evening/usePlan';
import { useEveningDocument } from '@/features/evening/useEveningDocument';
import { Button } from '@/ui/Button';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, day } from '@/ui/time';
import { placeOf } from './EveningItem';
import type { EveningRow } from './eveningRows';

const WORDS: Record<EveningStatus, string> = {
  planned: 'Open the plan',
  live: 'Back to the stove',
  finished: 'See how it went',
};

/** The evening that matters now, with its pot. */
export function NextEvening({ row }: { row: EveningRow }) {
  const { evening } = useEveningDocument(row.id);
  const { plan } = usePlan(evening);
  const names = row.diners.map((diner) => diner.name).join(', ');
  return (
    <View className="gap-5 lg:flex-row lg:items-center lg:gap-12">
      <View className="w-full self-center lg:w-[420px]" style={{ minHeight: 260 }}>
        {evening && plan ? <PotFromAbove vessel={evening.vessel} sectors={plan.build.sectors} /> : null}
      </View>
      <View className="flex-1 gap-4">
        <View className="gap-1">
          <Small className="text-base">{row.status === 'live' ? 'On the stove' : day(row.sitDownAt)}</Small>
          <Heading level={1}>{row.title}</Heading>
          <Body className="text-soft">{names}</Body>
        </View>
        <View className="flex-row flex-wrap gap-x-10 gap-y-3">
          <View>
            <Figure size="large">{clock(row.sitDownAt)}</Figure>
            <Small>sit down</Small>
          </View>
          {plan ? (
            <View>
              <Figure size="large">{clock(plan.simmer.litAt)}</Figure>
              <Small>light the burner</Small>
            </View>
          ) : null}
        </View>
        <Button
          look="main"
          className="sm:self-start"
          label={WORDS[row.status]}
          onPress={() => router.push(placeOf(row))}
        />
      </View>
    </View>
  );
}
