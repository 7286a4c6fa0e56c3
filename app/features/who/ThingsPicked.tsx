import { allergenSchema, type Diner } from '@elixa/contract';
import { findThing, nameOf } from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { useCatalogue } from '@/ui/catalogue';
import { ToggleChip } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Plus } from '@/ui/icons';
import { Small } from '@/ui/Text';

/** More than these are not read through; another letter finds it. */
const SHOWN = 6;

const isAllergen = (name: string) => (allergenSchema.options as readonly string[]).includes(name);

interface Props {
  label: string;
  /** Allergens among them have chips of their own elsewhere. */
  picked: Diner['avoids'];
  onChange(picked: Diner['avoids']): void;
}

/** Single things of the catalogue that somebody does without: those that were named, and a field that finds more. */
export function ThingsPicked({ label, picked, onChange }: Props) {
  const catalogue = useCatalogue();
  const [wanted, setWanted] = useState('');
  const found = useMemo(
    () => (wanted.trim() === '' ? [] : findThing(wanted).filter((one) => !picked.includes(one.id))),
    [wanted, picked],
  );
  const things = picked.filter((one) => !isAllergen(one) && catalogue.has(one));
  return (
    <View className="gap-2">
      {things.length > 0 ? (
        <View className="flex-row flex-wrap gap-2">
          {things.map((id) => (
            <ToggleChip
              key={id}
              label={nameOf(catalogue, id)}
              on
              onChange={() => onChange(picked.filter((one) => one !== id))}
            />
          ))}
        </View>
      ) : null}
      <View className="flex-row">
        <Field label={label} value={wanted} maxLength={40} onChange={setWanted} />
      </View>
      {found.length > 0 ? (
        <View className="flex-row flex-wrap gap-2">
          {found.slice(0, SHOWN).map(({ id, name }) => (
            <Button
              key={id}
              label={name}
              aria-label={`${label}: ${name}`}
              icon={<Plus size={18} color="rgb(var(--soft))" />}
              onPress={() => {
                onChange([...picked, id]);
                setWanted('');
              }}
            />
          ))}
        </View>
      ) : null}
      <Small role="status">
        {wanted.trim() !== '' && found.length === 0
          ? 'No pot here knows a thing of that name.'
          : found.length > SHOWN
            ? `${found.length - SHOWN} more: type some letters of it.`
            : ''}
      </Small>
    </View>
  );
}
