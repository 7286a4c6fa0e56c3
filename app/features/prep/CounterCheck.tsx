import { type CounterItem, counterList, onCounterByPrep } from '@elixa/core';
import { memo, useCallback, useMemo } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useLiveLog } from '@/features/live/useLiveLog';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Small } from '@/ui/Text';
import { TickRow } from '@/ui/TickRow';

/** Everything that must stand by the pot, in the order in which it goes in. */
export function CounterCheck() {
  const catalogue = useCatalogue();
  const { evening, plan, prep } = useEvening();
  const log = useLiveLog(evening.id);
  const { record } = log;
  const items = useMemo(() => (plan ? counterList(catalogue, plan) : []), [catalogue, plan]);
  const onTick = useCallback(
    (itemId: string, on: boolean) => record({ type: 'ticked', list: 'counter', itemId, on }),
    [record],
  );
  const { counter } = log.state.ticks;
  const ready = useMemo(() => onCounterByPrep(items, prep), [items, prep]);
  return <CounterItems items={items} ticked={counter} ready={ready} onTick={onTick} />;
}

interface Props {
  items: readonly CounterItem[];
  ticked: Readonly<Record<string, number>>;
  /** There because its preparation is done. */
  ready: ReadonlySet<string>;
  onTick(itemId: string, on: boolean): void;
}

const saidOf = ({ holds }: CounterItem, isPrepared: boolean): string | undefined =>
  [holds, isPrepared ? 'prepared' : ''].filter(Boolean).join('; ') || undefined;

const CounterItems = memo(function CounterItems({ items, ticked, ready, onTick }: Props) {
  const isThere = (item: CounterItem) => ticked[item.id] !== undefined || ready.has(item.id);
  const left = items.filter((item) => !isThere(item)).length;
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
            on={isThere(item)}
            says={saidOf(item, ready.has(item.id) && ticked[item.id] === undefined)}
            onChange={(on) => onTick(item.id, on)}
          />
        ))}
      </View>
      <Small>From first in to last. What is not ticked is named again before the burner is lit.</Small>
    </Section>
  );
});
