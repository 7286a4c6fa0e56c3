import type { PotPlan } from '@elixa/contract';
import { capital, potsInWords } from '@elixa/core';
import { Small } from '@/ui/Text';

/** That amounts are for one of several pots alike; nothing where there is one. */
export function EachPot({ plan }: { plan: Pick<PotPlan, 'pots'> }) {
  const { pots = 1 } = plan;
  if (pots < 2) return null;
  const count = potsInWords(pots);
  return (
    <Small>
      {capital(count)} pots alike, each on a burner of its own. What is told here is for one of them, and is done at
      each.
    </Small>
  );
}
