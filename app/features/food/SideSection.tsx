import { resolveMenu, type FoodTonight } from '@elixa/core';
import { useMemo } from 'react';
import { useEvening } from '@/features/evening/EveningContext';
import { Segmented } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

/** In a pot with two broths: in which of them a thing is cooked. */
export function SideSection({ food: { ingredientId } }: { food: FoodTonight }) {
  const { evening, edit } = useEvening();
  const sides = useMemo(() => resolveMenu(evening).menu?.sides, [evening]);
  if (!sides) return null;
  const { names, meatFree } = sides;
  const where = sides.whereOf(ingredientId);
  if (meatFree && sides.isFixed(ingredientId)) {
    return (
      <Section title="In which broth">
        <Small>
          In the {names[meatFree === 'first' ? 'second' : 'first'].toLowerCase()}: the other side is kept free of meat
          and fish.
        </Small>
      </Section>
    );
  }
  return (
    <Section title="In which broth">
      <Segmented
        label="In which broth"
        options={[
          { value: 'first', label: names.first },
          { value: 'both', label: 'Both' },
          { value: 'second', label: names.second },
        ]}
        value={where}
        onChange={(value) => edit({ kind: 'sideChosen', ingredientId, where: value })}
      />
    </Section>
  );
}
