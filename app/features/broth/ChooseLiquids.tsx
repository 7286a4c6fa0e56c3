import type { Evening } from '@elixa/contract';
import {
  BASES,
  BROTHS,
  capital,
  chosenLiquids,
  type Formula,
  MARINADES,
  nearestFirst,
  SAUCES,
  styleById,
  suitsMarinade,
} from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { ChoiceList, ToggleRow } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Sheet } from '@/ui/Sheet';
import { FAMILY } from './liquidWords';

const MOST = 6;
const says = (formula: Formula) =>
  `${capital(formula.families.map((family) => FAMILY[family]).join(', '))}. ${formula.purpose}`;

interface ListProps {
  title: string;
  formulas: readonly Formula[];
  on: ReadonlySet<string>;
  onToggle(id: string, on: boolean): void;
}

function ManyOf({ title, formulas, on, onToggle }: ListProps) {
  return (
    <Section title={title}>
      <View className="overflow-hidden rounded-xl border border-line bg-sheet">
        {formulas.map((formula) => (
          <ToggleRow
            key={formula.id}
            label={formula.name}
            says={says(formula)}
            on={on.has(formula.id)}
            disabled={!on.has(formula.id) && on.size >= MOST}
            onChange={(chosen) => onToggle(formula.id, chosen)}
          />
        ))}
      </View>
    </Section>
  );
}

/** Which broth, which sauces, what is marinated or made ahead. */
export function ChooseLiquids({ open, onClose }: { open: boolean; onClose(): void }) {
  const catalogue = useCatalogue();
  const { evening, plan, edit } = useEvening();
  const style = styleById(evening.style.id);
  if (!style) return null;
  const chosen = chosenLiquids(evening, style);
  const set = (liquids: NonNullable<Evening['choices']['liquids']>) => edit({ kind: 'liquidsChosen', liquids });
  const toggled = (list: readonly Formula[], id: string, on: boolean) => {
    const ids = list.map((one) => one.id).filter((one) => one !== id);
    return on ? [...ids, id] : ids;
  };
  const inPot = plan?.amounts.filter((one) => one.purpose === 'pot' || one.purpose === 'aside');
  const kinds = new Set(inPot?.flatMap((one) => catalogue.byId(one.ingredientId).kinds));
  const isFor = ({ needs }: Formula) => needs === undefined || kinds.has(needs);
  // What needs a food that this pot does not have stays only where it is chosen already.
  const suiting = BROTHS.filter((one) => isFor(one) || one === chosen.broth || one === chosen.otherHalf);
  // What this pot is made with stands first.
  const broths = nearestFirst(style, suiting);
  const ids = (list: readonly Formula[]) => new Set(list.map((one) => one.id));
  return (
    <Sheet title="Broths and sauces" open={open} onClose={onClose}>
      <Section title="Broth">
        <ChoiceList
          label="Broth"
          options={broths.map((one) => ({ value: one.id, label: one.name, says: says(one) }))}
          value={chosen.broth?.id ?? ''}
          onChange={(broth) => set({ broth })}
        />
      </Section>
      {evening.vessel.divided ? (
        <Section title="In the other half of the pot">
          <ChoiceList
            label="In the other half of the pot"
            options={[
              { value: chosen.broth?.id ?? '', label: 'The same broth', says: 'One broth on both sides.' },
              ...broths
                .filter((one) => one.id !== chosen.broth?.id)
                .map((one) => ({
                  value: one.id,
                  label: one.name,
                  says: says(one),
                })),
            ]}
            value={(chosen.otherHalf ?? chosen.broth)?.id ?? ''}
            onChange={(otherHalf) => set({ otherHalf: otherHalf === chosen.broth?.id ? undefined : otherHalf })}
          />
        </Section>
      ) : null}
      <ManyOf
        title={chosen.sauces.length >= MOST ? `Dips and sauces: ${MOST} at most` : 'Dips and sauces'}
        formulas={nearestFirst(style, SAUCES)}
        on={ids(chosen.sauces)}
        onToggle={(id, on) => set({ sauces: toggled(chosen.sauces, id, on) })}
      />
      <ManyOf
        title="Marinades"
        formulas={nearestFirst(
          style,
          MARINADES.filter(
            (one) =>
              chosen.ahead.includes(one) ||
              inPot?.some(({ ingredientId, cut }) => suitsMarinade(one, catalogue.byId(ingredientId), cut)),
          ),
        )}
        on={ids(chosen.ahead)}
        onToggle={(id, on) => set({ ahead: toggled(chosen.ahead, id, on) })}
      />
      <ManyOf
        title="Made ahead"
        formulas={nearestFirst(style, BASES)}
        on={ids(chosen.ahead)}
        onToggle={(id, on) => set({ ahead: toggled(chosen.ahead, id, on) })}
      />
    </Sheet>
  );
}
