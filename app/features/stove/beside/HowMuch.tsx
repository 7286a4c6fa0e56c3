import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

interface Props {
  placeholder: string;
  /** What is to be mended where it cannot be read. */
  wrong: string;
  /** @returns the amount; none where the words are none, or more than can be */
  read(text: string): number | undefined;
  onTell(amount: number): void;
}

/** An amount as the cook says it, where none of the usual ones is right. */
export function HowMuch({ placeholder, wrong, read, onTell }: Props) {
  const [typed, setTyped] = useState('');
  const [tried, setTried] = useState(false);
  const amount = read(typed);
  const tell = () => {
    setTried(true);
    if (amount !== undefined) onTell(amount);
  };
  return (
    <View className="gap-4">
      <View className="flex-row">
        <Field
          label="Or how much it was"
          value={typed}
          maxLength={30}
          placeholder={placeholder}
          onChange={setTyped}
          onEnter={tell}
          error={tried && amount === undefined ? wrong : undefined}
        />
      </View>
      {typed.trim() === '' ? null : <Button look="main" label="That is it" onPress={tell} />}
    </View>
  );
}
