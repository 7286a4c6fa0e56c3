import type { Liquid } from '@elixa/contract';
import { pantryKey, shiftIso, showVolume } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/state/usePantry';
import { nowIso } from '@/state/clock';
import { Button } from '@/ui/Button';
import { Segmented } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { dayAndMonth } from '@/ui/time';

/** What keeps for less than this is not worth making more of. */
const WORTH_KEEPING_DAYS = 4;

/** Made double, half kept: how much that is, and what to write on the jar. */
export function BatchSection({ liquid }: { liquid: Liquid }) {
  const { evening, edit } = useEvening();
  const { items: pantry, count } = usePantry();
  const keeps = liquid.kind === 'sauce' || liquid.kind === 'base';
  if (!keeps || liquid.place === 'aside' || liquid.keeps.fridgeDays < WORTH_KEEPING_DAYS) return null;
  const times = String(evening.choices.batches?.[liquid.formulaId] ?? 1);
  const set = (next: string) => edit({ kind: 'batchSet', formulaId: liquid.formulaId, times: Number(next) });
  const { batch } = liquid;
  const putAway = () => {
    const bestBefore = shiftIso(nowIso(), liquid.keeps.fridgeDays * 86_400).slice(0, 10);
    const jar = { itemId: liquid.formulaId, bestBefore };
    const before = pantry.find((item) => pantryKey(item) === pantryKey(jar))?.massG ?? 0;
    count([{ ...jar, massG: Math.round(before + liquid.finishedMl) }]);
    // From now on it is taken from its jar, tonight's share as well.
    edit({ kind: 'batchSet', formulaId: liquid.formulaId, times: 1 });
    edit({ kind: 'madeFresh', formulaId: liquid.formulaId, fresh: false });
  };
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
            Made {dayAndMonth(liquid.latestStartAt ?? evening.sitDownAt)}, good until {dayAndMonth(batch.keepUntil)}
          </Body>
          {liquid.contains.length > 0 ? <Body>Contains {liquid.contains.join(', ')}</Body> : null}
          <Body>{showVolume(batch.keptMl, evening.units)} are left after the evening.</Body>
          {batch.keptMl >= 5 ? (
            <Button className="mt-2 self-start" label="It is made: into the pantry" onPress={putAway} />
          ) : null}
        </View>
      ) : null}
    </Section>
  );
}
