import { brothBodyOf, capital } from '@elixa/core';
import { useEvening } from '@/features/evening/EveningContext';
import { fatWords } from '@/features/food/fatWords';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';

/** What the food makes of its broth: how fat it gets, and how clear it stays. */
export function BrothBecomes() {
  const catalogue = useCatalogue();
  const { plan } = useEvening();
  const body = plan && brothBodyOf(catalogue, plan);
  if (!body) return null;
  return (
    <Section title="What it makes of the broth">
      <Body>
        {capital(fatWords(body))}
        {body.fatOf ? `, most of it from the ${body.fatOf}` : ''}; {body.clearness}.
      </Body>
      {body.fatOf ? (
        <Small>
          A kitchen estimate: half of that, or twice, is as likely. Lift fat off with a ladle, or leave it for the
          noodles.
        </Small>
      ) : null}
    </Section>
  );
}
