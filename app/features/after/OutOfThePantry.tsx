import type { Evening, PotPlan } from '@elixa/contract';
import { inStock, pantryKey, showWeight, takenOut } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { PantryRow } from '@/features/pantry/PantryRow';
import { usePantry } from '@/state/usePantry';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body } from '@/ui/Text';
import { things } from '@/ui/words';

/** The tick that remembers, on every device, that this evening has been taken out. */
const TAKEN = 'evening';

/** What the evening took from the pantry, taken out of its count once. */
export function OutOfThePantry({ plan, evening, log }: { plan: PotPlan; evening: Evening; log: LiveLogAccess }) {
  const { items, count } = usePantry();
  const [open, setOpen] = useState(false);
  const isDone = log.state.ticks.used[TAKEN] !== undefined;
  const stock = new Map(inStock(items).map((item) => [pantryKey(item), item.massG]));
  const counts = isDone ? [] : takenOut(plan, items, evening.sitDownAt.slice(0, 10));
  if (!isDone && counts.length === 0) return null;
  const takeOut = () => {
    count(counts);
    log.record({ type: 'ticked', list: 'used', itemId: TAKEN, on: true });
  };
  return (
    <Section title="Pantry">
      {isDone ? (
        <Body>What was eaten has been taken out of the pantry.</Body>
      ) : (
        <>
          <Body>The evening used {things(counts.length)} that the pantry counts.</Body>
          {open ? (
            <View role="list" className="border-t border-line">
              {counts.map((item) => (
                <PantryRow
                  key={pantryKey(item)}
                  itemId={item.itemId}
                  says={item.massG > 0 ? `${showWeight(item.massG, evening.units)} left` : 'used up'}
                  figure={`−${showWeight((stock.get(pantryKey(item)) ?? 0) - item.massG, evening.units)}`}
                />
              ))}
            </View>
          ) : null}
          <View className="flex-row flex-wrap gap-2">
            <Button label="Take them out of the pantry" onPress={takeOut} />
            <Button
              look="quiet"
              aria-expanded={open}
              label={open ? 'Hide them' : 'Show them'}
              onPress={() => setOpen(!open)}
            />
          </View>
        </>
      )}
    </Section>
  );
}
