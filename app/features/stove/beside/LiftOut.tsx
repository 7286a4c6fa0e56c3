import type { Unasked } from '@elixa/core';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Body } from '@/ui/Text';
import { byName, type Named } from './named';

interface Props {
  things: readonly Named[];
  onTell(said: Unasked): void;
}

/** What lies in the pot, to be taken out of it. */
export function LiftOut({ things, onTell }: Props) {
  return (
    <View className="gap-2">
      <Body>What came out? It cooks no further, and nothing waits for it.</Body>
      {byName(things).map(({ name, ids }) => (
        <Button
          key={name}
          left
          className="min-h-main"
          label={`${name} out`}
          onPress={() => onTell({ is: 'liftedOut', pieceIds: ids })}
        />
      ))}
      <Button
        left
        className="min-h-main"
        label="All of it"
        onPress={() => onTell({ is: 'liftedOut', pieceIds: things.map(({ id }) => id) })}
      />
    </View>
  );
}

/** What was lifted out, to go back in. */
export function PutBack({ things, onTell }: Props) {
  return (
    <View className="gap-2">
      <Body>What was lifted out goes on cooking where it was.</Body>
      {byName(things).map(({ name, ids }) => (
        <Button
          key={name}
          left
          className="min-h-main"
          label={`${name} back in`}
          onPress={() => onTell({ is: 'putBack', pieceIds: ids })}
        />
      ))}
    </View>
  );
}
