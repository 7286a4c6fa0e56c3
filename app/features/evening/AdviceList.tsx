import type { Advice } from '@elixa/contract';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Small } from '@/ui/Text';
import { useEvening } from './EveningContext';

/** What mends something: a button where one tap can do it, words where only the cook can. */
export function AdviceList({ advice }: { advice: readonly Advice[] }) {
  const { edit: make } = useEvening();
  return (
    <View className="gap-2">
      {advice.map(({ text, edit }) =>
        edit ? (
          <Button key={text} left className="self-start" label={text} onPress={() => make(edit)} />
        ) : (
          <Small key={text}>{text}.</Small>
        ),
      )}
    </View>
  );
}
