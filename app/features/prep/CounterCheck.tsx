import { counterList, type CounterItem } from '@elixa/core';
import { memo, useCallback, useMemo } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useLiveLog } from '@/features/stove/useLiveLog';
import { Section } from '@/ui/Page';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Small } from '@/ui/Text';
import { TickRow } from '@/ui/TickRow';

/** Everything that must stand by the pot, in the order in which it goes in. */
export function CounterCheck() {
  const { evening, plan } = useEvening();
  const log = useLiveLog(evening.id);
  const { record } = log;
  const items = useMemo(() => (plan ? counterList(plan) : []), [plan]);
  const onTick = useCallback(
    (itemId: string, on: boolean) => record({ type: 'ticked', list: 'counter', itemId, on }),
    [record],
  );
  return <CounterItems items={items} ticked={log.state.ticks.counter} onTick={onTick} />;
}

interface Props {
  items: readonly CounterItem[];
  ticked: Readonly<Record<string, number>>;
  onTick(itemId: string, on: boolean): void;
}

const CounterItems = memo(function CounterItems({ items, ticked, onTick }: Props) {
  const left = items.filter((item) => ticked[item.id] === undefined).length;
  return (
    <Section
      title="On the counter"
      aside={<Small aria-live="polite">{left === 0 ? 'all there' : `${left} still to come`}</Small>}
    >
      <View role="list" className="border-t border-line">
        {items.map((item) => (
          <TickRow
            key={item.id}
            name={item.name}
            figure={item.amountText}
            picture={
              item.ingredientId && item.cut ? (
                <PieceSwatch ingredientId={item.ingredientId} cut={item.cut} size={30} />
              ) : undefined
            }
            on={ticked[item.id] !== undefined}
            onChange={(on) => onTick(item.id, on)}
          />
        ))}
      </View>
      <Small>From first in to last. What is not ticked is named again before the burner is lit.</Small>
    </Section>
  );
});
