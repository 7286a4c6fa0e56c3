import { findFood, foodTonight, inStock, showWeight, usualSlotOf } from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/state/usePantry';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { FoodRow } from '@/ui/FoodRow';
import { Sheet } from '@/ui/Sheet';
import { Small } from '@/ui/Text';
import { OwnThingSheet } from './OwnThingSheet';

/** More than these are not read through; another letter finds it. */
const SHOWN = 14;

interface Props {
  onPutIn(ingredientId: string): void;
  onClose(): void;
}

/** Anything that the catalogue or the cook knows, found by its name, its family or what the house has, and put in. */
export function AddFoodSheet({ onPutIn, onClose }: Props) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const { items } = usePantry();
  const [wanted, setWanted] = useState('');
  const [own, setOwn] = useState(false);
  const house = useMemo(() => new Map(inStock(items).map((one) => [one.itemId, one.massG])), [items]);
  const found = useMemo(() => {
    const there = new Set(foodTonight(evening).flatMap((one) => (one.isLeftOut ? [] : [one.ingredientId])));
    const things = (evening.own ?? []).map((one) => catalogue.byId(one.id));
    return findFood(wanted, new Set(house.keys()), things).filter((one) => !there.has(one.id));
  }, [catalogue, evening, wanted, house]);
  const putIn = (ingredientId: string) => {
    edit({ kind: 'putIn', ingredientId });
    onPutIn(ingredientId);
  };
  if (own) return <OwnThingSheet name={wanted} onMade={onPutIn} onClose={onClose} />;
  const says = (id: string, nativeName?: string) => {
    const inHouse = house.get(id);
    return [
      nativeName,
      `${showWeight(usualSlotOf(catalogue.byId(id)).rangeG[1], evening.units)} a head`,
      inHouse === undefined ? undefined : `${showWeight(inHouse, evening.units)} in the house`,
    ]
      .filter(Boolean)
      .join(' · ');
  };
  return (
    <Sheet
      open
      title="Put something in"
      onClose={onClose}
      footer={<Button label="Something that is not here" onPress={() => setOwn(true)} />}
    >
      <View className="flex-row">
        <Field
          label="Find it by name, or by what it is"
          value={wanted}
          maxLength={60}
          placeholder="mushroom, daikon, pork"
          onChange={setWanted}
          autoFocus
        />
      </View>
      <View className="border-t border-line">
        {found.slice(0, SHOWN).map(({ id, name, nativeName }) => (
          <FoodRow
            key={id}
            ingredientId={id}
            name={name}
            says={says(id, nativeName)}
            label={`Put in ${name}`}
            onPress={() => putIn(id)}
          />
        ))}
      </View>
      <Small role="status">
        {found.length === 0
          ? 'Nothing is known by that name. It can be put in as something of your own.'
          : found.length > SHOWN
            ? `${found.length - SHOWN} more: type some letters of it.`
            : ''}
      </Small>
    </Sheet>
  );
}
