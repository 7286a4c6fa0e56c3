import type { Liquid } from '@elixa/contract';
import { inStock, showVolume } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/state/usePantry';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { dayAndMonth } from '@/ui/time';

/** What comes out of a jar in the house, and the way to have it made all the same; and back again. */
export function JarSection({ liquid }: { liquid: Liquid }) {
  const { evening, edit } = useEvening();
  const { items } = usePantry();
  const fresh = evening.choices.fresh ?? [];
  const isFresh = fresh.includes(liquid.formulaId);
  const make = (on: boolean) => edit({ kind: 'madeFresh', formulaId: liquid.formulaId, fresh: on });
  const { jar } = liquid;
  if (jar) {
    return (
      <Section title="From the jar">
        <View className="gap-1 rounded-2xl border-2 border-dashed border-edge p-4">
          <Body className="text-lg font-semibold">{showVolume(jar.needG, evening.units)} of it tonight</Body>
          <Body>
            {showVolume(jar.haveG, evening.units)} in the pantry
            {jar.bestBefore ? `, good until ${dayAndMonth(jar.bestBefore)}` : ''}.
          </Body>
          <Button className="mt-2 self-start" label="Make it fresh all the same" onPress={() => make(true)} />
        </View>
      </Section>
    );
  }
  if (!isFresh || liquid.place === 'aside' || !inStock(items).some((item) => item.itemId === liquid.formulaId)) {
    return null;
  }
  return (
    <View className="gap-2">
      <Button className="self-start" label="Take it from the jar instead" onPress={() => make(false)} />
      <Small>A jar of it is in the pantry.</Small>
    </View>
  );
}
