import type { EveningStatus } from '@elixa/contract';
import type { PotCard } from '@elixa/core';
import { router } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { PotDrawn } from '@/ui/pot/PotDrawn';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, day } from '@/ui/time';
import { placeOf } from './EveningItem';
import type { EveningRow } from './eveningRows';

const WORDS: Record<EveningStatus, string> = {
  planned: 'Open the plan',
  live: 'Back to the stove',
  finished: 'See how it went',
};

/** The evening that matters now, with its pot as soon as that is known. */
export function PotCardView({ row, card, litAt }: { row: EveningRow; card?: PotCard; litAt?: string }) {
  const names = row.diners.map((diner) => diner.name).join(', ');
  return (
    <View className="gap-5 lg:flex-row lg:items-center lg:gap-12">
      <View className="w-full self-center lg:w-[420px]" style={{ minHeight: 260 }}>
        {card ? <PotDrawn drawing={card.drawing} sauce={card.sauce} otherSauce={card.otherSauce} /> : null}
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
          {card ? (
            <View>
              {litAt === undefined ? (
                // The place is kept while the pot is gone through, so that nothing moves under a finger.
                <Figure size="large" className="opacity-0" aria-hidden>
                  {clock(row.sitDownAt)}
                </Figure>
              ) : (
                <Figure size="large">{clock(litAt)}</Figure>
              )}
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
