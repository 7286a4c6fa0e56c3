import type { Liquid } from '@elixa/contract';
import { formulaById } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Small } from '@/ui/Text';

/** What the cook left out of a liquid, with the way back. */
export function LeftOut({ liquid }: { liquid: Liquid }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const inFormula = new Set(formulaById(liquid.formulaId)?.parts.map((part) => part.ingredientId));
  const out = evening.choices.leaveOut.filter((id) => inFormula.has(id));
  if (out.length === 0) return null;
  return (
    <View className="gap-1 pt-3">
      <Small>Left out</Small>
      {out.map((id) => (
        <Button
          key={id}
          look="quiet"
          className="-ml-3 self-start"
          label={`Put ${catalogue.byId(id).name} back`}
          onPress={() => edit({ kind: 'putBack', ingredientIds: [id] })}
        />
      ))}
    </View>
  );
}
