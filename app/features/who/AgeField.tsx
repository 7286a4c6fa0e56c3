import { useState } from 'react';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { typedNumber } from '@/ui/typedNumber';

/** From eighteen on nobody is asked for an age. */
const OLDEST_CHILD = 17;

interface Props {
  years: number | undefined;
  onChange(years: number | undefined): void;
}

/** A child's age in full years; it may stay untold. */
export function AgeField({ years, onChange }: Props) {
  const [typed, setTyped] = useState<string>();
  const text = typed ?? (years === undefined ? '' : String(years));
  const read = (said: string) => {
    const number = typedNumber(said, OLDEST_CHILD);
    return number !== undefined && number >= 0 && number <= OLDEST_CHILD ? Math.floor(number) : undefined;
  };
  const isWrong = text.trim() !== '' && read(text) === undefined;
  return (
    <View className="w-[14rem]">
      <Field
        label="Age in years"
        value={text}
        maxLength={4}
        hint="Where it is not told, small children are thought of."
        error={isWrong ? `Age: use a number from 0 to ${OLDEST_CHILD}, or leave it empty.` : undefined}
        onChange={(next) => {
          setTyped(next);
          onChange(read(next));
        }}
      />
    </View>
  );
}
