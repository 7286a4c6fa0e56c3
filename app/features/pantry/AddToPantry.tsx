import type { PantryItem } from '@elixa/contract';
import { BASES, gramsTyped, INGREDIENTS, ingredientById, SAUCES, thingNamed } from '@elixa/core';
import { useState } from 'react';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Small } from '@/ui/Text';

const THINGS = [...INGREDIENTS, ...SAUCES, ...BASES]
  .filter((one, index, all) => one.id !== 'water' && all.findIndex((other) => other.name === one.name) === index)
  .sort((a, b) => a.name.localeCompare(b.name));

interface Props {
  onAdd(item: Omit<PantryItem, 'changedAt'>): void;
  onClose(): void;
}

/** Something that is in the house: what, how much, and until when where that matters. */
export function AddToPantry({ onAdd, onClose }: Props) {
  const { evening } = useEvening();
  const [name, setName] = useState('');
  const [amount, setAmount] = useState('');
  const [day, setDay] = useState('');
  const [tried, setTried] = useState(false);
  const thing = thingNamed(name, THINGS);
  const ingredient = INGREDIENTS.find((one) => one.id === thing?.id) ?? ingredientById('water');
  const massG = gramsTyped(amount, ingredient, evening.units);
  const add = () => {
    setTried(true);
    if (!thing || massG === undefined) return;
    onAdd({ itemId: thing.id, massG, bestBefore: day === '' ? undefined : day });
    onClose();
  };
  return (
    <Sheet open title="In the house" onClose={onClose} footer={<Button look="main" label="Add it" onPress={add} />}>
      <Field
        label="What"
        value={name}
        onChange={setName}
        maxLength={80}
        onEnter={add}
        list="pantry-things"
        placeholder="dried kelp"
        autoFocus
        error={tried && !thing ? 'What: choose a name from the list.' : undefined}
      />
      {thing && thing.name.toLowerCase() !== name.trim().toLowerCase() ? (
        <Small>{`It is kept as ${thing.name}.`}</Small>
      ) : null}
      <datalist id="pantry-things">
        {THINGS.map((one) => (
          <option key={one.id} value={one.name} />
        ))}
      </datalist>
      <Field
        label="How much"
        value={amount}
        onChange={setAmount}
        maxLength={40}
        onEnter={add}
        placeholder="250 g"
        error={tried && massG === undefined ? 'How much: write it like 250 g, 500 ml or 1½ tbsp.' : undefined}
      />
      <Field label="Good until, if it matters" type="date" value={day} onChange={setDay} />
    </Sheet>
  );
}
