import { resolveMenu } from '@elixa/core';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';

/** Which side of a pot with two broths is free of meat, and who eats from one side only. */
export function SidesChoice() {
  const { evening, edit } = useEvening();
  const sides = useMemo(() => resolveMenu(evening).menu?.sides, [evening]);
  if (!sides) return null;
  const { names, only, meatFree } = sides;
  return (
    <Section title="The two sides">
      <ChoiceList
        label="Which side is free of meat and fish"
        options={[
          {
            value: 'second',
            label: `No meat in the ${names.second.toLowerCase()}`,
            says: 'Meat and fish go into the other.',
          },
          {
            value: 'first',
            label: `No meat in the ${names.first.toLowerCase()}`,
            says: 'Meat and fish go into the other.',
          },
          { value: 'none', label: 'Everything in both', says: 'Each guest chooses by taste alone.' },
        ]}
        value={meatFree ?? 'none'}
        onChange={(side) => edit({ kind: 'meatFreeSideChosen', side })}
      />
      {[...only].map(([diner, side]) => (
        <View key={diner.name} className="flex-row flex-wrap gap-x-2">
          <Body className="font-semibold">{diner.name}</Body>
          <Body>eats from the {names[side].toLowerCase()} only.</Body>
        </View>
      ))}
      <Small>What goes where is changed with each thing, in the list above.</Small>
    </Section>
  );
}
