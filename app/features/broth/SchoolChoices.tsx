import { fits, formulaById, schoolsOf, schoolsOfStyle, styleById, type SchoolChoice } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';

interface Props {
  formulaId: string;
  /** It is what simmers in the pot, and not a sauce or a base. */
  inPot: boolean;
}

/** The questions on which cooks differ about one liquid, each with its answers; what simmers at all is the first. */
export function SchoolChoices({ formulaId, inPot }: Props) {
  const { evening, edit } = useEvening();
  const formula = formulaById(formulaId);
  const style = styleById(evening.style.id);
  if (!formula || !style) return null;
  const { schools } = evening.style;
  const ofPot = inPot ? style.schools.filter(({ id }) => id === style.brothBySchool?.question) : [];
  // Where the cook chose another broth altogether, none of the pot's own answers stands.
  const isOther = evening.choices.liquids?.broth !== undefined;
  const followed = schoolsOf(formula, schools);
  const asked: Array<[SchoolChoice, string]> = [
    ...ofPot.map((one): [SchoolChoice, string] => [one, isOther ? '' : (schoolsOfStyle(style, schools)[one.id] ?? '')]),
    ...formula.schools
      .filter((one) => fits(one.when, followed))
      .map((one): [SchoolChoice, string] => [one, followed[one.id] ?? one.usual]),
  ];
  return asked.map(([choice, value]) => (
    <Section key={choice.id} title={choice.question}>
      <ChoiceList
        label={choice.question}
        options={choice.options.map((one) => ({ value: one.id, label: one.label, says: one.says }))}
        value={value}
        onChange={(option) => edit({ kind: 'schoolFollowed', question: choice.id, option })}
      />
    </Section>
  ));
}
