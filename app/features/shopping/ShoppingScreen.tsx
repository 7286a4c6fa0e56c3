import type { ShoppingItem } from '@elixa/contract';
import {
  putAway,
  type Section as ShopSection,
  SECTION_WORDS,
  shoppingCsv,
  shoppingText,
  showWeight,
} from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { AdviceList } from '@/features/evening/AdviceList';
import { Faults } from '@/features/evening/Faults';
import { usePantry } from '@/state/usePantry';
import { PantrySection } from '@/features/pantry/PantrySection';
import { useLiveLog } from '@/features/live/useLiveLog';
import { nowIso } from '@/state/clock';
import { useCatalogue } from '@/ui/catalogue';
import { fileNameOf, saveMade } from '@/ui/saveText';
import { Button } from '@/ui/Button';
import { Download, Share } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Figures, Heading, Small } from '@/ui/Text';
import { TickRow } from '@/ui/TickRow';
import { dayShort } from '@/ui/time';
import { things } from '@/ui/words';
import { share } from './share';

const INK = 'rgb(var(--ink))';

/** One list over everything that goes into the evening, by the sections of a shop, less what the house has. */
export function ShoppingScreen() {
  const catalogue = useCatalogue();
  const { evening, plan } = useEvening();
  const log = useLiveLog(evening.id);
  const { items: pantry, count } = usePantry();
  const [told, setTold] = useState('');
  if (!plan) return <Faults />;
  const bought = log.state.ticks.bought;
  const missing = plan.shopping.filter((item) => item.buy.count > 0);
  const inTheHouse = plan.shopping.filter((item) => item.buy.count === 0);
  const left = missing.filter((item) => bought[item.ingredientId] === undefined).length;
  const sections = [...new Set(missing.map((item) => item.section))];
  const title = `${evening.title}, ${dayShort(evening.sitDownAt)}, ${evening.diners.length} at table`;
  const name = `${fileNameOf(evening.title)}-shopping`;
  const putAll = () => {
    const days = { today: nowIso().slice(0, 10), evening: evening.sitDownAt.slice(0, 10) };
    // The pantry counts what the catalogue knows; things of the cook's own belong to their evening.
    const own = new Set((evening.own ?? []).map((one) => one.id));
    const counts = putAway(missing, (id) => bought[id] !== undefined && !own.has(id), pantry, days);
    count(counts);
    // From now on the pantry says that it is there.
    for (const { itemId } of counts) log.record({ type: 'ticked', list: 'bought', itemId, on: false });
    setTold(counts.length === 0 ? 'Tick what was bought first.' : `${things(counts.length)} put away.`);
  };
  return (
    <View className="gap-8">
      <Faults />
      <View className="gap-3">
        <Heading level={2}>Shopping</Heading>
        <Figures
          items={[
            { value: String(left), says: left === 1 ? 'thing still to buy' : 'things still to buy' },
            { value: String(inTheHouse.length), says: 'in the house already' },
          ]}
        />
        <View className="flex-row flex-wrap gap-2">
          <Button
            label="Send as text"
            icon={<Share size={20} color={INK} />}
            onPress={() => void share(title, shoppingText(catalogue, title, plan.shopping)).then(setTold)}
          />
          <Button
            label="Save as CSV"
            icon={<Download size={20} color={INK} />}
            onPress={() =>
              void saveMade(`${name}.csv`, 'text/csv', shoppingCsv(catalogue, plan.shopping)).then(setTold)
            }
          />
        </View>
        <Small aria-live="polite">{told}</Small>
      </View>
      {sections.map((section) => (
        <Section key={section} title={SECTION_WORDS[section as ShopSection]}>
          <View role="list" className="border-t border-line">
            {missing
              .filter((item) => item.section === section)
              .map((item) => (
                <ShoppingRow
                  key={item.ingredientId}
                  item={item}
                  on={bought[item.ingredientId] !== undefined}
                  onChange={(on) => log.record({ type: 'ticked', list: 'bought', itemId: item.ingredientId, on })}
                />
              ))}
          </View>
        </Section>
      ))}
      {missing.length === 0 ? <Body>Everything is in the house.</Body> : null}
      {missing.length === 0 ? null : (
        <View className="gap-2">
          <Button className="self-start" label="Put the shopping away" onPress={putAll} />
          <Small>What is ticked goes into the pantry. What is eaten comes out again after the evening.</Small>
        </View>
      )}
      <PantrySection tonight={inTheHouse} />
    </View>
  );
}

function ShoppingRow({ item, on, onChange }: { item: ShoppingItem; on: boolean; onChange(on: boolean): void }) {
  const catalogue = useCatalogue();
  const { units } = useEvening().evening;
  const what = catalogue.byId(item.ingredientId);
  const notes = [
    `needs ${item.needText}`,
    item.haveG > 0 ? `${showWeight(item.haveG, units)} of it in the house` : '',
    item.leftG >= 20 ? `${showWeight(item.leftG, units)} left over` : '',
    item.use && !item.use.edit ? item.use.text : '',
  ].filter(Boolean);
  return (
    <>
      <TickRow name={what.name} says={notes.join(' · ')} figure={item.buy.text} on={on} onChange={onChange} />
      {item.use?.edit && !on ? (
        <View role="listitem" className="border-b border-line py-2">
          <AdviceList advice={[item.use]} />
        </View>
      ) : null}
    </>
  );
}
