import { boilWords, type BoilAwaited } from '@elixa/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Body, Heading } from '@/ui/Text';
import { lasting } from '@/ui/time';

/** The boil that is waited for, as the pot has it; where it is late, why that may be and what to try. */
export const BoilLine = memo(function BoilLine({ words, late, tries }: BoilSaid) {
  return (
    <View aria-live="polite" className="gap-2">
      <Body className="text-lg text-soft">{words}</Body>
      {tries.length > 0 ? (
        <View className="gap-2 rounded-2xl bg-well px-4 py-3">
          <Heading level={3}>{late}</Heading>
          {tries.map((one) => (
            <Body key={one}>{one}</Body>
          ))}
        </View>
      ) : null}
    </View>
  );
});

export interface BoilSaid {
  words: string;
  late: string;
  tries: readonly string[];
}

/** What is said of a boil; it changes by the minute and not by the second. */
export const boilSaid = (boil: BoilAwaited): BoilSaid => ({
  words: `By the pot as it is, it ${boilWords(boil)}.`,
  late: boil.isOverdue ? 'Does it not boil yet?' : `It may boil ${lasting(boil.lateS)} late`,
  tries: boil.tries,
});
