import { type FoodTonight, goesInFrozen, isCutByThickness } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { ToggleChip } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

const MM = { least: 1, most: 80 };

/** How thick a thing is cut and whether it goes in frozen: what its time in the pot follows. */
export function ThicknessSection({ food }: { food: FoodTonight }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const { servedId, cut = '' } = food;
  const { cuts, kept } = catalogue.byId(servedId);
  const found = cuts[cut];
  if (!found?.cooks) return null;
  const isFrozen = evening.choices.frozen?.includes(servedId) === true;
  const usualMm = found.thicknessMm;
  const mm = evening.overrides.thicknessMm?.[servedId]?.[cut] ?? usualMm;
  return (
    <Section title="As it goes in">
      <View className="flex-row flex-wrap items-end gap-3">
        {isCutByThickness(found) ? (
          <NumberField
            label="Thickness"
            unit="mm"
            min={MM.least}
            max={MM.most}
            value={mm}
            onChange={(thicknessMm) =>
              edit({
                kind: 'thicknessSet',
                ingredientId: servedId,
                cut,
                ...(thicknessMm === usualMm ? {} : { thicknessMm }),
              })
            }
            hint={mm === usualMm ? 'As it is usually cut.' : `Usually ${usualMm} mm.`}
          />
        ) : null}
        {kept === 'freezer' || !goesInFrozen(catalogue.byId(servedId)) ? null : (
          <ToggleChip
            label="Goes in frozen"
            on={isFrozen}
            onChange={(frozen) => edit({ kind: 'frozenSet', ingredientId: servedId, frozen })}
          />
        )}
      </View>
      {kept === 'freezer' ? <Small>It goes in frozen, as it is kept.</Small> : null}
      <Small>Its time in the pot follows: see what it does to the rest on the Simmer page.</Small>
    </Section>
  );
}
