import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

/** A line for the next time. */
export function Note({ onNote }: { onNote(text: string): void }) {
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (text.trim() !== '') onNote(text.trim());
  };
  return (
    <View className="gap-4">
      <View className="flex-row">
        <Field
          label="Note"
          value={text}
          maxLength={500}
          placeholder="more long onion next time"
          onChange={setText}
          onEnter={keep}
          autoFocus
          error={tried && text.trim() === '' ? 'Note: write a word or two.' : undefined}
        />
      </View>
      <Button look="main" label="Keep it" onPress={keep} />
    </View>
  );
}
