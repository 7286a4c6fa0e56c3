import { chosenSchool, ingredientById, styleById } from '@elixa/core';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList, ToggleChip } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Small } from '@/ui/Text';

/** What can be had ready from a shop, of what is cut or cooked at home. */
const READY = ['chickenThigh', 'codFillet', 'cookedRice', 'prawn', 'beefSlice', 'porkLoin', 'lambSlice', 'duckBreast'];

/** Ways of preparing that cooks disagree on, and what is bought ready. */
export function WaysOfPreparing() {
  const { evening, plan, change } = useEvening();
  const style = styleById(evening.style.id);
  if (!plan || !style) return null;
  const bought = evening.choices.bought ?? [];
  const used = new Set(plan.amounts.map((amount) => amount.ingredientId));
  const ready = READY.filter((id) => used.has(id));
  const choices = style.schools.filter((choice) => choice.id !== 'seasoning');
  return (
    <>
      {choices.map((choice) => (
        <Section key={choice.id} title={choice.question}>
          <ChoiceList
            label={choice.question}
            options={choice.options.map((option) => ({ value: option.id, label: option.label, says: option.says }))}
            value={chosenSchool(style, evening.style.schools, choice.id)}
            onChange={(option) =>
              change({
                ...evening,
                style: { ...evening.style, schools: { ...evening.style.schools, [choice.id]: option } },
              })
            }
          />
        </Section>
      ))}
      {ready.length > 0 ? (
        <Section title="Bought ready">
          <View className="flex-row flex-wrap gap-2">
            {ready.map((id) => (
              <ToggleChip
                key={id}
                label={ingredientById(id).name}
                on={bought.includes(id)}
                onChange={(on) =>
                  change({
                    ...evening,
                    choices: {
                      ...evening.choices,
                      bought: on ? [...bought, id] : bought.filter((other) => other !== id),
                    },
                  })
                }
              />
            ))}
          </View>
          <Small>Cut, sliced or cooked by somebody else: nothing is left to do for it.</Small>
        </Section>
      ) : null}
    </>
  );
}
