import type { Amount, ShoppingItem, Units } from '@elixa/contract';
import { foodTonight, showWeight } from '@elixa/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { ChevronRight, Plus } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Figure, Small } from '@/ui/Text';
import { AddFoodSheet } from './AddFoodSheet';
import { FoodSheet } from './FoodSheet';
import { Lacking } from './Lacking';

/** What is bought is what the one shopping list says, for the whole evening. */
function boughtWords(item: ShoppingItem | undefined, units: Units): string {
  if (!item) return '';
  if (item.buy.count === 0) return ' · in the house';
  const left = item.leftG >= 20 ? `, ${showWeight(item.leftG, units)} left over` : '';
  return ` · buy ${item.buy.text}${left}`;
}

/** One thing with its amount; pressed, it can be changed where that means something. */
export function AmountRow({ amount, onPress }: { amount: Amount; onPress?(): void }) {
  const catalogue = useCatalogue();
  const { evening, plan } = useEvening();
  const what = catalogue.byId(amount.ingredientId);
  const item = plan?.shopping.find((one) => one.ingredientId === amount.ingredientId);
  const words = (
    <>
      <PieceSwatch ingredientId={amount.ingredientId} />
      <View className="words">
        <Body className="font-semibold">{what.name}</Body>
        <Small>
          {amount.cut}
          {boughtWords(item, evening.units)}
        </Small>
      </View>
      <Figure size="small" className="ml-auto text-right">
        {amount.shown.text}
      </Figure>
    </>
  );
  const look = 'min-h-main flex-row flex-wrap items-center gap-x-3 border-b border-line py-2';
  if (!onPress) return <View className={look}>{words}</View>;
  return (
    <Pressable
      role="button"
      aria-label={`Change ${what.name}, ${amount.shown.text}`}
      onPress={onPress}
      className={`${look} active:bg-well`}
    >
      {words}
      <ChevronRight size={20} color="rgb(var(--soft))" aria-hidden />
    </Pressable>
  );
}

/** What goes into the pot, each thing open to change, what was left out of it, and the way to put in more. */
export function FoodList() {
  const catalogue = useCatalogue();
  const { evening, plan, edit } = useEvening();
  const [open, setOpen] = useState<string>();
  const [adding, setAdding] = useState(false);
  const food = foodTonight(evening);
  const amounts = plan?.amounts.filter((one) => one.purpose === 'pot') ?? [];
  const leftOut = food.filter((one) => one.isLeftOut);
  const slotOf = (ingredientId: string) =>
    food.find((one) => one.servedId === ingredientId && !one.isLeftOut)?.ingredientId;
  return (
    <Section
      title="Into the pot"
      aside={
        <Button
          label="Put something in"
          icon={<Plus size={20} color="rgb(var(--ink))" />}
          onPress={() => setAdding(true)}
        />
      }
    >
      <View className="border-t border-line">
        {amounts.map((amount) => {
          const slot = slotOf(amount.ingredientId);
          return (
            <AmountRow
              key={amount.ingredientId}
              amount={amount}
              onPress={slot === undefined ? undefined : () => setOpen(slot)}
            />
          );
        })}
      </View>
      {leftOut.map(({ ingredientId }) => (
        <View key={ingredientId} className="flex-row flex-wrap items-center justify-between gap-x-3">
          <Small>Without {catalogue.byId(ingredientId).name}</Small>
          <Button
            look="quiet"
            label="Put it back"
            aria-label={`Put ${catalogue.byId(ingredientId).name} back`}
            onPress={() => edit({ kind: 'putBack', ingredientIds: [ingredientId] })}
          />
        </View>
      ))}
      <Lacking />
      {open === undefined ? null : <FoodSheet key={open} ingredientId={open} onClose={() => setOpen(undefined)} />}
      {adding ? (
        <AddFoodSheet
          onClose={() => setAdding(false)}
          onPutIn={(ingredientId) => {
            setAdding(false);
            setOpen(ingredientId);
          }}
        />
      ) : null}
    </Section>
  );
}
