import type { Liquid } from '@elixa/contract';
import { ingredientById, parseAmount } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

type Part = Liquid['ingredients'][number];

/** Measured without a scale: what was typed, in grams. */
function typedGrams(text: string, part: Part, units: Parameters<typeof parseAmount>[1]): number | undefined {
  const what = ingredientById(part.ingredientId);
  const densityGPerMl = (part.cut && what.cuts[part.cut]?.densityGPerMl) || what.densityGPerMl;
  const amount = parseAmount(text, units);
  if (amount?.kind === 'mass') return amount.massG;
  if (amount?.kind === 'volume') return amount.volumeMl * densityGPerMl;
  return amount?.kind === 'count' && what.sold ? amount.count * what.sold.massG : undefined;
}

/** For a cook with spoons and no scale: `1½ tbsp`, `250 ml`, `2 cloves`. */
export function TypedAmount({ part, onTaken }: { part: Part; onTaken(massG: number): void }) {
  const { evening } = useEvening();
  const [text, setText] = useState('');
  const massG = typedGrams(text, part, evening.units);
  const wrong = text.trim() !== '' && massG === undefined;
  return (
    <View className="flex-row items-start gap-3">
      <Field
        label="Or what you measured"
        value={text}
        maxLength={40}
        placeholder="1½ tbsp"
        onChange={setText}
        error={wrong ? 'Amount: write it like 1½ tbsp, 250 ml or 40 g.' : undefined}
      />
      <Button
        className="mt-6"
        label="Take it"
        disabled={massG === undefined}
        onPress={() => massG !== undefined && onTaken(massG)}
      />
    </View>
  );
}
