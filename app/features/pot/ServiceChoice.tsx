import type { Service } from '@elixa/contract';
import { styleById } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { ChoiceList } from '@/ui/Choice';
import { Section } from '@/ui/Page';

const WORDS: Record<Service, { label: string; says: string }> = {
  allAtOnce: { label: 'All at once', says: 'Everything at its best at one moment.' },
  rounds: { label: 'In rounds', says: 'The first round is ready as you sit down, the next cooks at the table.' },
  swish: { label: 'Swish and eat', says: 'Each guest cooks a slice for seconds.' },
  searThenSimmer: { label: 'Sear, then simmer', says: 'Meat is seared and eaten first.' },
};

/** How the pot is eaten, of the ways that suit it. */
export function ServiceChoice() {
  const { evening, edit } = useEvening();
  const services = styleById(evening.style.id)?.services ?? [];
  return (
    <Section title="How it is served">
      <ChoiceList
        label="How it is served"
        options={services.map((value) => ({ value, ...WORDS[value] }))}
        value={evening.service}
        onChange={(service) => edit({ kind: 'serviceChosen', service })}
      />
    </Section>
  );
}
