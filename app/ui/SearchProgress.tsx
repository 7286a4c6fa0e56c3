import { View } from 'react-native';
import { Button } from './Button';
import { Small } from './Text';

interface Props {
  tried: number;
  of: number;
  /** What a screen reader says of the button that leaves the search. */
  stopLabel: string;
  onStop(): void;
}

/** How far a search for what helps has come, and a way to leave it. */
export function SearchProgress({ tried, of, stopLabel, onStop }: Props) {
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-x-3">
      <View
        role="progressbar"
        aria-label="Changes tried"
        aria-valuemin={0}
        aria-valuemax={of}
        aria-valuenow={tried}
        className="words"
      >
        <Small>
          {tried} of {of} changes tried
        </Small>
      </View>
      <Button look="quiet" label="Enough" aria-label={stopLabel} onPress={onStop} />
    </View>
  );
}
