import type { Watch } from '@elixa/core';
import { memo } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Body } from '@/ui/Text';

interface Props {
  says?: string;
  label?: string;
  onAnswer(): void;
}

/** What is to be watched beside what is next, and the answer to it. */
export const WatchLine = memo(function WatchLine({ says, label, onAnswer }: Props) {
  return (
    <View aria-live="polite">
      {says ? (
        <View className="flex-row flex-wrap items-center gap-x-3 gap-y-2 rounded-2xl bg-well py-2 pl-4 pr-2">
          <Body className="words min-w-[9rem] flex-1 text-lg">{says}</Body>
          {label ? <Button label={label} onPress={onAnswer} /> : null}
        </View>
      ) : null}
    </View>
  );
});

/** The same, by what is to be watched. */
export const watchShown = (watch: Watch | undefined) => ({ says: watch?.says, label: watch?.answer?.label });
