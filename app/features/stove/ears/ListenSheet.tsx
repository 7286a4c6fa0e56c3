import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import type { Listener, SoundGoes } from './listener';

const GOES: Record<SoundGoes, string> = {
  nowhere: 'This browser makes words of it by itself: the sound does not leave this device.',
  away: 'Your browser makes words of the sound. Most send it to the servers of their maker for that, and need the network. Elixa keeps no sound and no words, only the answer that was meant.',
};

const SAID: ReadonlyArray<readonly [string, string]> = [
  ['“It’s in”, “it boils”, “lid on”, “they’re out”', 'the step is done'],
  ['“The prawns are in”', 'done early, by its name'],
  ['“Not yet”', 'asked again in a minute'],
  ['“What’s next?”, “how much?”', 'said again, with amounts'],
  ['“How long?”', 'until it is ready'],
  ['“Take that back”', 'the last answer undone'],
];

interface Props {
  listener: Listener;
  onListen(): void;
  onClose(): void;
}

/** Before it listens: what can be said, and where the sound goes. */
export function ListenSheet({ listener, onListen, onClose }: Props) {
  const [goes, setGoes] = useState<SoundGoes>('away');
  useEffect(() => {
    let isHere = true;
    listener
      .soundGoes()
      .then((found) => isHere && setGoes(found))
      .catch((error: unknown) => console.warn('It is not known where the sound goes', error));
    return () => {
      isHere = false;
    };
  }, [listener]);
  return (
    <Sheet title="Answer by voice" open onClose={onClose}>
      <Body>{GOES[goes]}</Body>
      <View className="gap-3">
        {SAID.map(([words, meaning]) => (
          <View key={words}>
            <Body className="font-semibold">{words}</Body>
            <Small>{meaning}</Small>
          </View>
        ))}
      </View>
      <Small>What people say to each other is no answer. Nothing is served by voice before it is cooked through.</Small>
      <Button look="main" label="Listen" onPress={onListen} />
    </Sheet>
  );
}
