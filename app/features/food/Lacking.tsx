import { inStock, lackingIn } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { usePantry } from '@/state/usePantry';
import { Button } from '@/ui/Button';
import { useCatalogue } from '@/ui/catalogue';
import { Plus } from '@/ui/icons';
import { Small } from '@/ui/Text';

/** More than these is a list again. */
const SHOWN = 2;

/** A gentle word where the pot has lost what makes one whole, and what would bring it back, a tap each. */
export function Lacking() {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const { items } = usePantry();
  const lacks = lackingIn(evening, new Set(inStock(items).map((one) => one.itemId)));
  return lacks.map(({ id, text, offers }) => (
    <View key={id} className="gap-2 rounded-2xl bg-well p-4">
      <Small className="text-ink">{text}.</Small>
      <View className="flex-row flex-wrap gap-2">
        {offers.slice(0, SHOWN).map((ingredientId) => (
          <Button
            key={ingredientId}
            label={catalogue.byId(ingredientId).name}
            aria-label={`Put in ${catalogue.byId(ingredientId).name}`}
            icon={<Plus size={18} color="rgb(var(--ink))" />}
            onPress={() => edit({ kind: 'putIn', ingredientId })}
          />
        ))}
      </View>
    </View>
  ));
}
