import type { Fire, Unasked } from '@elixa/core';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Heading } from '@/ui/Text';

interface Props {
  onTell(said: Unasked): void;
  /** A hob tells of its fire by itself. */
  onHob?(): void;
}

const LIDS = [
  { lid: 'on', label: 'Lid on' },
  { lid: 'ajar', label: 'Lid ajar' },
  { lid: 'off', label: 'Lid off' },
] as const;

const FIRES: ReadonlyArray<{ fire: Fire; label: string }> = [
  { fire: 'full', label: 'Full fire' },
  { fire: 'simmer', label: 'Down to a simmer' },
  { fire: 'low', label: 'Low, just under the boil' },
  { fire: 'off', label: 'Fire off' },
];

const HALF = 'min-h-main min-w-[9rem] flex-1';

/** How the lid lies and the fire stands now, and what the spoon did. */
export function LidAndFire({ onTell, onHob }: Props) {
  return (
    <View className="gap-5">
      <View className="gap-2">
        <Heading level={3}>The lid</Heading>
        <View className="flex-row flex-wrap gap-2">
          {LIDS.map(({ lid, label }) => (
            <Button
              key={lid}
              className="min-h-main min-w-[6rem] flex-1"
              label={label}
              onPress={() => onTell({ is: 'lid', lid })}
            />
          ))}
        </View>
      </View>
      <View className="gap-2">
        <Heading level={3}>The fire</Heading>
        <View className="flex-row flex-wrap gap-2">
          {FIRES.map(({ fire, label }) => (
            <Button key={fire} className={HALF} label={label} onPress={() => onTell({ is: 'fire', fire })} />
          ))}
        </View>
        {onHob ? <Button label="The hob tells by itself" onPress={onHob} /> : null}
      </View>
      <View className="gap-2">
        <Heading level={3}>The spoon</Heading>
        <View className="flex-row flex-wrap gap-2">
          <Button className={HALF} label="Stirred from the bottom" onPress={() => onTell({ is: 'stirred' })} />
          <Button className={HALF} label="Skimmed" onPress={() => onTell({ is: 'skimmed' })} />
        </View>
      </View>
    </View>
  );
}
