import type { Liquid } from '@elixa/contract';
import { inStock, pantryKey, showVolume } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/features/pantry/usePantry';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { dayAndMonth } from '@/ui/time';

/** What keeps for less than this is not worth making more of. */
const WORTH_KEEPING_DAYS = 4;

/** Made double, half kept: how much that is, and what to write on the jar. */
export function BatchSection({ liquid }: { liquid: Liquid }) {
  const { evening, change } = useEvening();
  const { items: pantry, count } = usePantry();
  const keeps = liquid.kind === 'sauce' || liquid.kind === 'base';
  if (!keeps || liquid.place === 'aside' || liquid.keeps.fridgeDays < WORTH_KEEPING_DAYS) return null;
  const times = String(evening.choices.batches?.[liquid.formulaId] ?? 1);
  const set = (next: string) =>
    change({
      ...evening,
      choices: { ...evening.choices, batches: { ...evening.choices.batches, [liquid.formulaId]: Number(next) } },
    });
  const { batch } = liquid;
  const jar = { itemId: liquid.formulaId, massG: Math.round(batch?.keptMl ?? 0), bestBefore: batch?.keepUntil };
  const inPantry = inStock(pantry).some((item) => pantryKey(item) === pantryKey(jar));
  return (
    <Section title="How much of it">
      <Segmented
        label="How much of it"
        options={[
          { value: '1', label: 'For tonight' },
          { value: '2', label: 'Double' },
          { value: '3', label: 'Triple' },
        ]}
        value={times}
        onChange={set}
      />
      {batch ? (
        <View className="gap-1 rounded-2xl border-2 border-dashed border-edge p-4">
          <Small>On the jar</Small>
          <Body className="text-lg font-semibold">{liquid.name}</Body>
          <Body>
            {showVolume(batch.keptMl, evening.units)}, made {dayAndMonth(liquid.startBy ?? evening.sitDownAt)}, good
            until {dayAndMonth(batch.keepUntil)}
          </Body>
          {batch.keptMl >= 5 ? (
            <Button
              className="mt-2 self-start"
              label={inPantry ? 'It is in the pantry' : 'Put it into the pantry'}
              disabled={inPantry}
              onPress={() => count([jar])}
            />
          ) : null}
        </View>
      ) : null}
    </Section>
  );
}
