import type { Liquid } from '@elixa/contract';
import { gramsTyped } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

type Part = Liquid['ingredients'][number];

/** For a cook with spoons and no scale: `1½ tbsp`, `250 ml`, `2 cloves`. */
export function TypedAmount({ part, onTaken }: { part: Part; onTaken(massG: number): void }) {
  const catalogue = useCatalogue();
  const { evening } = useEvening();
  const [text, setText] = useState('');
  const massG = gramsTyped(text, catalogue.byId(part.ingredientId), evening.units, part.cut);
  const wrong = text.trim() !== '' && massG === undefined;
  const take = () => {
    if (massG !== undefined) onTaken(massG);
  };
  return (
    <View className="flex-row flex-wrap items-start gap-3">
      <Field
        label="Or what you measured"
        value={text}
        maxLength={40}
        placeholder="1½ tbsp"
        onChange={setText}
        onEnter={take}
        error={wrong ? 'Amount: write it like 1½ tbsp, 250 ml or 40 g.' : undefined}
      />
      <Button className="mt-6" label="Take it" disabled={massG === undefined} onPress={take} />
    </View>
  );
}
