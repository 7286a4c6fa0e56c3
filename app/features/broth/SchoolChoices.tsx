import { formulaById, schoolsOf } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';

/** The questions on which cooks differ about one liquid, each with its answers. */
export function SchoolChoices({ formulaId }: { formulaId: string }) {
  const { evening, edit } = useEvening();
  const formula = formulaById(formulaId);
  if (!formula) return null;
  const followed = schoolsOf(formula, evening.style.schools);
  return formula.schools.map((choice) => (
    <Section key={choice.id} title={choice.question}>
      <ChoiceList
        label={choice.question}
        options={choice.options.map((one) => ({ value: one.id, label: one.label, says: one.says }))}
        value={followed[choice.id] ?? choice.usual}
        onChange={(option) => edit({ kind: 'schoolFollowed', question: choice.id, option })}
      />
    </Section>
  ));
}
