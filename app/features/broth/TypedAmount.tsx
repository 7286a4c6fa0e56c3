import { ingredientById, parseAmount } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';

/** Measured without a scale: what was typed, in grams. */
function typedGrams(text: string, ingredientId: string, units: Parameters<typeof parseAmount>[1]): number | undefined {
  const what = ingredientById(ingredientId);
  const amount = parseAmount(text, units);
  if (amount?.kind === 'mass') return amount.massG;
  if (amount?.kind === 'volume') return amount.volumeMl * what.densityGPerMl;
  return amount?.kind === 'count' && what.sold ? amount.count * what.sold.massG : undefined;
}

/** For a cook with spoons and no scale: `1½ tbsp`, `250 ml`, `2 cloves`. */
export function TypedAmount({ ingredientId, onTaken }: { ingredientId: string; onTaken(massG: number): void }) {
  const { evening } = useEvening();
  const [text, setText] = useState('');
  const massG = typedGrams(text, ingredientId, evening.units);
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
