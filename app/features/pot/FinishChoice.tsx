import { chosenLiquids, finishesOf, NO_FINISH, styleById } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';

const NONE = { value: NO_FINISH, label: 'Nothing more', says: 'The broth is kept, or drunk as it is.' };

/** What ends the evening in the broth, of the ways that suit the pot. */
export function FinishChoice() {
  const { evening, edit } = useEvening();
  const style = styleById(evening.style.id);
  const finishes = style ? finishesOf(evening, style, chosenLiquids(evening, style).broth) : [];
  return (
    <Section title="How it ends">
      <ChoiceList
        label="How it ends"
        options={[...finishes.map(({ id, name, says }) => ({ value: id, label: name, says })), NONE]}
        value={evening.choices.finish ?? finishes[0]?.id ?? NO_FINISH}
        onChange={(finishId) => edit({ kind: 'finishChosen', finishId })}
      />
    </Section>
  );
}
