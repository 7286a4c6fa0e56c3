import { MISHAPS, type Mishap } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Play } from '@/ui/icons';
import { TickRow } from '@/ui/TickRow';
import { Body, Heading, Small } from '@/ui/Text';
import type { Setting } from './useRehearsal';

const WORDS: Record<Mishap, { name: string; says: string }> = {
  weakBurner: { name: 'A weak burner', says: 'a third less than it should bring' },
  wind: { name: 'A draught', says: 'for some minutes, two minutes in' },
  lateBoil: { name: 'Cool broth', says: 'poured much cooler than planned' },
  forgottenLid: { name: 'The lid forgotten', says: 'until somebody asks' },
  forgotten: { name: 'Something left on the counter', says: 'and found minutes later' },
  early: { name: 'Something in too early', says: 'long before its time' },
  frozen: { name: 'Frozen in the middle', says: 'and that is told' },
  lateGuests: { name: 'Guests ten minutes late', says: 'the pot is ready and waits' },
  boilOver: { name: 'It boils over', says: 'and stands off the fire for a minute' },
  phoneAsleep: { name: 'Nobody looks at the phone', says: 'for seven minutes after the boil' },
};

interface Props {
  seed: number;
  failure?: string | undefined;
  onStart(setting: Setting): void;
}

/** What goes wrong in a rehearsal, and in which kitchen. */
export function SetUp({ seed, failure, onStart }: Props) {
  const [kitchen, setKitchen] = useState(seed);
  const [mishaps, setMishaps] = useState<readonly Mishap[]>([]);
  const set = (one: Mishap, on: boolean) =>
    setMishaps((before) => (on ? [...before, one] : before.filter((other) => other !== one)));
  return (
    <View className="gap-6">
      <View className="gap-2">
        <Heading level={2}>Rehearse the evening</Heading>
        <Body>
          The whole pot on a simulated stove, in minutes. Its burner, its lid and its broth are not quite what the plan
          thinks, as in any kitchen. You see what you would be told, and what would come of it.
        </Body>
      </View>
      <View className="gap-1">
        <Heading level={3}>What goes wrong</Heading>
        <View role="list" className="border-t border-line">
          {MISHAPS.map((one) => (
            <TickRow
              key={one}
              name={WORDS[one].name}
              says={WORDS[one].says}
              on={mishaps.includes(one)}
              onChange={(on) => set(one, on)}
            />
          ))}
        </View>
      </View>
      <View className="flex-row flex-wrap items-center gap-3">
        <Body className="words">Kitchen {kitchen}: the same number is the same kitchen and the same cook.</Body>
        <Button label="Another kitchen" onPress={() => setKitchen(kitchen + 1)} />
      </View>
      <Button
        look="main"
        className="min-h-[72px]"
        wordsClassName="text-xl"
        label="Rehearse it"
        icon={<Play size={24} color="rgb(var(--on-iron))" />}
        onPress={() => onStart({ seed: kitchen, mishaps })}
      />
      {failure ? (
        <Small role="alert" className="text-ember">
          {failure}
        </Small>
      ) : null}
    </View>
  );
}

/** While an evening is gone through. */
export function GoingThrough({ onLeave }: { onLeave(): void }) {
  return (
    <View className="gap-4">
      <Heading level={2}>The evening is gone through…</Heading>
      <Body role="status">Some seconds; half a minute where there are many to feed.</Body>
      <Button label="Leave it" onPress={onLeave} />
    </View>
  );
}
