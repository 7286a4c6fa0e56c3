import type { FieldError, ShoppingItem } from '@elixa/contract';
import { inStock, pantryCsv, pantryFromCsv, pantryKey, showWeight } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { nowIso } from '@/state/clock';
import { NOT_READ, saveMade } from '@/ui/saveText';
import { FaultsSheet } from '@/ui/FaultsSheet';
import { Button, IconButton } from '@/ui/Button';
import { Download, Plus, Trash2, Upload } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { dayAndMonth } from '@/ui/time';
import { things } from '@/ui/words';
import { useFileChoice } from '@/ui/useFileChoice';
import { AddToPantry } from './AddToPantry';
import { PantryRow, pantryName } from './PantryRow';
import { usePantry } from '@/state/usePantry';

const INK = 'rgb(var(--ink))';

/** What the house has, with the days of what was made ahead. */
export function PantrySection({ tonight }: { tonight: readonly ShoppingItem[] }) {
  const { evening } = useEvening();
  const { items, count } = usePantry();
  const [adding, setAdding] = useState(false);
  const [faults, setFaults] = useState<FieldError[]>([]);
  const [told, setTold] = useState('');
  const stock = inStock(items);
  const needed = new Map(tonight.map((item) => [item.ingredientId, item.needG]));
  const today = nowIso().slice(0, 10);
  const file = useFileChoice('Pantry file', '.csv,text/csv', async (text) => {
    try {
      const read = await pantryFromCsv(text, nowIso());
      count(read.items);
      setFaults(read.faults);
      setTold(read.items.length > 0 ? `${read.items.length} read from the file.` : '');
    } catch (error) {
      console.error('The pantry file could not be read', error);
      setTold(NOT_READ);
    }
  });
  return (
    <Section title="Pantry" aside={<Small>{stock.length === 0 ? '' : things(stock.length)}</Small>}>
      {stock.length === 0 ? (
        <Body className="text-soft">Nothing is counted yet. What is here comes off the shopping list.</Body>
      ) : (
        <View role="list" className="border-t border-line">
          {stock.map((item) => {
            const isPast = item.bestBefore !== undefined && item.bestBefore < today;
            const needG = needed.get(item.itemId);
            const says = [
              item.bestBefore ? `${isPast ? 'was good until' : 'good until'} ${dayAndMonth(item.bestBefore)}` : '',
              needG === undefined ? '' : `${showWeight(needG, evening.units)} of it tonight`,
            ].filter(Boolean);
            return (
              <PantryRow
                key={pantryKey(item)}
                itemId={item.itemId}
                says={says.join(' · ')}
                warns={isPast}
                figure={showWeight(item.massG, evening.units)}
              >
                <IconButton
                  label={`${pantryName(item.itemId)} is used up`}
                  icon={<Trash2 size={20} color={INK} />}
                  onPress={() => count([{ itemId: item.itemId, bestBefore: item.bestBefore, massG: 0 }])}
                />
              </PantryRow>
            );
          })}
        </View>
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Add" icon={<Plus size={20} color={INK} />} onPress={() => setAdding(true)} />
        <Button label="Read a CSV" icon={<Upload size={20} color={INK} />} onPress={file.choose} />
        <Button
          label="Save as CSV"
          aria-label="Save the pantry as CSV"
          icon={<Download size={20} color={INK} />}
          disabled={stock.length === 0}
          onPress={() => void saveMade('pantry.csv', 'text/csv', pantryCsv(stock)).then(setTold)}
        />
      </View>
      {file.field}
      <Small aria-live="polite">{told}</Small>
      {adding ? <AddToPantry onAdd={(item) => count([item])} onClose={() => setAdding(false)} /> : null}
      <FaultsSheet
        title="Some lines could not be read"
        says="Everything else was taken. Mend these lines and read the file again."
        faults={faults}
        onClose={() => setFaults([])}
      />
    </Section>
  );
}
