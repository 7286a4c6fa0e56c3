import { chosenSchool, styleById } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';

/** The questions on which cooks differ, each with its answers. */
export function SchoolChoices() {
  const { evening, change } = useEvening();
  const style = styleById(evening.style.id);
  if (!style) return null;
  return style.schools.map((choice) => (
    <Section key={choice.id} title={choice.question}>
      <ChoiceList
        label={choice.question}
        options={choice.options.map((one) => ({ value: one.id, label: one.label, says: one.says }))}
        value={chosenSchool(style, evening.style.schools, choice.id)}
        onChange={(value) =>
          change({ ...evening, style: { ...evening.style, schools: { ...evening.style.schools, [choice.id]: value } } })
        }
      />
    </Section>
  ));
}
