import type { Evening, PotPlan } from '@elixa/contract';
import { brothBodyOf, type Catalogue, colourOf, showVolume } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { useCatalogue } from '@/ui/catalogue';
import { Body, Small } from '@/ui/Text';
import { lasting } from '@/ui/time';

import { fatWords } from './fatWords';

/** What somebody would notice of a pot, in words. */
export function noticedOf(
  plan: PotPlan,
  { units, vessel }: Evening,
  catalogue: Catalogue,
): ReadonlyArray<readonly [string, string]> {
  const { build, simmer, conflicts, liquids } = plan;
  const body = brothBodyOf(catalogue, plan);
  const broth = liquids.find((one) => one.kind === 'broth' && one.place === 'pot');
  const open = conflicts.filter((one) => !one.resolvedBy).length;
  return [
    ['Rounds', String(build.rounds.length)],
    ['Filled to', `${Math.round((build.fillHeightMm / vessel.innerDepthMm) * 100)} % of the depth`],
    [`${build.liquid === 'sauce' ? 'Sauce' : 'Broth'} in first`, showVolume(build.pourMl, units)],
    ...(broth
      ? [
          ['Broth to make', showVolume(broth.madeMl, units)] as const,
          ['Salt in it as it is made', `${broth.salinityAsMadePct.toFixed(2)} %`] as const,
          ['Its colour', colourOf(catalogue, broth).word] as const,
        ]
      : []),
    ...(body ? [['Fat on it', fatWords(body)] as const, ['In the bowl', body.clearness] as const] : []),
    ['From the flame to the first bowl', lasting(simmer.readyAtS[0] ?? 0)],
    ['Not for everybody', open === 0 ? 'nothing' : `${open} to settle`],
  ];
}

/** What a change does to the pot, told at once: before and after of everything that is otherwise now. */
export function PotEffect() {
  const catalogue = useCatalogue();
  const { evening, plan, pending } = useEvening();
  const [before] = useState(() => plan && { plan, noticed: new Map(noticedOf(plan, evening, catalogue)) });
  if (!before || !plan) return null;
  const changed = noticedOf(plan, evening, catalogue).filter(([what, now]) => before.noticed.get(what) !== now);
  const worse = plan.simmer.unsatisfied.filter(
    (one) => !before.plan.simmer.unsatisfied.some((other) => other.text === one.text),
  );
  return (
    <View role="status" className="gap-2 rounded-2xl bg-well p-4">
      <Body className="font-semibold">What it does to the pot</Body>
      {pending ? <Small>Working it out</Small> : null}
      {!pending && changed.length === 0 && worse.length === 0 ? <Small>Nothing that you would notice.</Small> : null}
      {changed.map(([what, now]) => (
        <View key={what} className="flex-row flex-wrap justify-between gap-x-3">
          <Small>{what}</Small>
          <Small className="font-semibold text-ink">
            {before.noticed.has(what) ? `${before.noticed.get(what)} → ` : ''}
            {now}
          </Small>
        </View>
      ))}
      {worse.map((one) => (
        <Small key={one.id} className="text-ember">
          {one.text}: {one.because}
        </Small>
      ))}
    </View>
  );
}
