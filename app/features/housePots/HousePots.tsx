import type { FieldError, HousePot } from '@elixa/contract';
import { housePotSays } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { FaultsSheet } from '@/ui/FaultsSheet';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { fileNameOf, saveText } from '@/ui/saveText';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { useFileChoice } from '@/ui/useFileChoice';
import { readPotFile } from './readPotFile';
import { useHousePots } from './useHousePots';

function PotSheet({ pot, onClose }: { pot: HousePot; onClose(): void }) {
  const { keep, throwAway } = useHousePots();
  const [name, setName] = useState(pot.name);
  const rename = () => {
    if (name.trim() === '') return;
    if (name.trim() !== pot.name) keep({ ...pot, name: name.trim() });
    onClose();
  };
  return (
    <Sheet open title={pot.name} onClose={onClose} footer={<Button look="main" label="Done" onPress={rename} />}>
      <Field
        label="Name"
        value={name}
        maxLength={60}
        onChange={setName}
        onEnter={rename}
        error={name.trim() === '' ? 'Name: write one.' : undefined}
      />
      <Small>{housePotSays(pot).join(' · ')}</Small>
      <Button
        label="Save it as a file"
        onPress={() => saveText(`${fileNameOf(pot.name)}.pot.json`, 'application/json', JSON.stringify(pot, null, 2))}
      />
      <Button
        look="quiet"
        label="Throw it away"
        onPress={() => {
          throwAway(pot);
          onClose();
        }}
      />
    </Sheet>
  );
}

/** The pots that the house composed: one tap to cook one tonight; others come from files. */
export function HousePots({ onChosen }: { onChosen(): void }) {
  const { evening, edit } = useEvening();
  const { pots, keep } = useHousePots();
  const [open, setOpen] = useState<HousePot>();
  const [faults, setFaults] = useState<readonly FieldError[]>([]);
  const file = useFileChoice('Pot file', 'application/json,.json', async (text) => {
    const { pot, faults: found } = readPotFile(text, evening);
    setFaults(found);
    if (pot) keep(pot);
  });
  const choose = (pot: HousePot) => {
    onChosen();
    edit({ kind: 'housePotChosen', pot });
  };
  return (
    <Section
      title="Pots of the house"
      aside={<Button look="quiet" label="Take one in from a file" onPress={file.choose} />}
    >
      {file.field}
      {pots.length === 0 ? (
        <Small>None is kept yet. A pot that you have changed can be kept on its own page.</Small>
      ) : (
        <View role="list" className="border-t border-line">
          {pots.map((pot) => (
            <View
              key={pot.id}
              role="listitem"
              className="min-h-main flex-row flex-wrap items-center gap-x-3 gap-y-2 border-b border-line py-2"
            >
              <View className="w-full">
                <Body className="font-semibold">{pot.name}</Body>
                <Small>{housePotSays(pot).join(' · ')}</Small>
              </View>
              <View className="ml-auto flex-row gap-1">
                <Button look="quiet" label="Change" aria-label={`Change ${pot.name}`} onPress={() => setOpen(pot)} />
                <Button
                  label={evening.housePot?.id === pot.id ? 'As it is kept' : 'Cook it'}
                  aria-label={`Cook ${pot.name} tonight`}
                  onPress={() => choose(pot)}
                />
              </View>
            </View>
          ))}
        </View>
      )}
      {open ? <PotSheet pot={open} onClose={() => setOpen(undefined)} /> : null}
      <FaultsSheet title="This file cannot be opened" faults={faults} onClose={() => setFaults([])} />
    </Section>
  );
}
