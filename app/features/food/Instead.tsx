import { type FoodTonight, inStock, likesOf, showWeight } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/state/usePantry';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

/** More than these are looked for by name, as something put in. */
const SHOWN = 6;

/** Like for like: what else could be in its place, what the house has first. */
export function Instead({ food: { ingredientId, servedId, isFat } }: { food: FoodTonight }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const { items } = usePantry();
  const [all, setAll] = useState(false);
  const house = new Map(inStock(items).map((one) => [one.itemId, one.massG]));
  const own = (evening.own ?? []).map((one) => catalogue.byId(one.id)).filter((one) => one.likeId === ingredientId);
  const known = catalogue.byId(ingredientId).replacements.map((one) => catalogue.byId(one.withIngredientId));
  const likes = [...new Set([...own, ...known, ...(isFat ? [] : likesOf(catalogue.byId(ingredientId)))])]
    .filter((one) => one.id !== servedId)
    .sort((a, b) => Number(house.has(b.id)) - Number(house.has(a.id)));
  const shown = all ? likes : likes.slice(0, SHOWN);
  const take = (withIngredientId: string) =>
    edit({ kind: 'swapTaken', swap: { ingredientId, withIngredientId, scope: 'everyone' } });
  return (
    <Section title="Instead of it">
      {servedId === ingredientId ? null : (
        <Button
          left
          className="self-start"
          label={`${catalogue.byId(ingredientId).name} again`}
          onPress={() => edit({ kind: 'putBack', ingredientIds: [ingredientId] })}
        />
      )}
      <View className="flex-row flex-wrap gap-2">
        {shown.map(({ id, name }) => {
          const inHouse = house.get(id);
          return (
            <Button
              key={id}
              left
              label={inHouse === undefined ? name : `${name}, ${showWeight(inHouse, evening.units)} in the house`}
              onPress={() => take(id)}
            />
          );
        })}
      </View>
      {likes.length > SHOWN && !all ? (
        <Button
          look="quiet"
          className="self-start"
          label={`${likes.length - SHOWN} more`}
          onPress={() => setAll(true)}
        />
      ) : null}
      {likes.length === 0 ? <Small>Nothing in the catalogue is like it.</Small> : null}
    </Section>
  );
}
