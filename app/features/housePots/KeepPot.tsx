import { differsFromKept, housePotOf, styleById } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { nowIso } from '@/state/clock';
import { newId } from '@/state/newId';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { useHousePots } from './useHousePots';

/** The name under which it is kept. */
function NameSheet({
  taken,
  onKeep,
  onClose,
}: {
  taken: readonly string[];
  onKeep(name: string): void;
  onClose(): void;
}) {
  const { evening } = useEvening();
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const isTaken = taken.some((one) => one.toLowerCase() === name.trim().toLowerCase());
  const wrong =
    name.trim() === '' ? 'Name: write one.' : isTaken ? 'Name: there is one of that name. Use another.' : undefined;
  const keep = () => {
    setTried(true);
    if (!wrong) onKeep(name.trim());
  };
  return (
    <Sheet
      open
      title="A pot of the house"
      onClose={onClose}
      footer={<Button look="main" label="Keep it" onPress={keep} />}
    >
      <Field
        label="Name"
        value={name}
        maxLength={60}
        placeholder={`Our ${styleById(evening.style.id)?.name.toLowerCase() ?? 'pot'}`}
        onChange={setName}
        onEnter={keep}
        autoFocus
        error={tried ? wrong : undefined}
      />
      <Small>
        Kept is what goes into it, how it is cut and cooked, its liquids and amounts a head; not who eats, and not which
        vessel.
      </Small>
    </Sheet>
  );
}

/** Tonight's pot as one of the house: kept under a name of its own, or the changes of one that is kept already. */
export function KeepPot() {
  const { evening, edit } = useEvening();
  const { pots, keep } = useHousePots();
  const [naming, setNaming] = useState(false);
  const kept = pots.find((pot) => pot.id === evening.housePot?.id);
  const keepAs = (id: string, name: string) => {
    keep(housePotOf(evening, { id, name, changedAt: nowIso() }));
    edit({ kind: 'potKept', id, name });
    setNaming(false);
  };
  const isChanged = kept !== undefined && differsFromKept(evening, kept);
  return (
    <Section title="For another evening">
      <Body>
        {kept === undefined
          ? 'Keep this pot under a name of its own, to cook it again or to give it away as a file.'
          : isChanged
            ? `It began as ${kept.name}, and is not as that is kept any more.`
            : `This is ${kept.name}, as the house keeps it.`}
      </Body>
      <View className="flex-row flex-wrap gap-2">
        {isChanged ? (
          <Button label={`Keep the changes in ${kept.name}`} onPress={() => keepAs(kept.id, kept.name)} />
        ) : null}
        <Button label={kept ? 'Keep it as another' : 'Keep this pot'} onPress={() => setNaming(true)} />
      </View>
      {naming ? (
        <NameSheet
          taken={pots.map((pot) => pot.name)}
          onKeep={(name) => keepAs(newId(), name)}
          onClose={() => setNaming(false)}
        />
      ) : null}
    </Section>
  );
}
