import { type InPot, lookOf, type NextStep } from '@elixa/core';
import { memo } from 'react';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Small } from '@/ui/Text';
import { countdown, lasting } from '@/ui/time';

/** From so much on it is not known to the second when something is ready, in s; and what keeps longer than this has no hurry. */
const SPREAD_S = 60;
const KEEPS_S = 30 * 60;

/** How it stands with something in the pot: how long still, as far as that is known, and how long it is at its best. */
export function inPotWords({ state, readyInS, overInS, readyBetweenS }: InPot): string {
  if (state === 'over') return 'lift it out';
  if (state === 'ready') return overInS < KEEPS_S ? `ready, best for ${lasting(overInS)}` : 'ready';
  const [fromS, toS] = readyBetweenS ?? [readyInS, readyInS];
  if (toS - fromS < SPREAD_S || toS < 2 * SPREAD_S) return `${countdown(readyInS)} to go`;
  return `${Math.round(fromS / 60)} to ${Math.round(toS / 60)} min to go`;
}

const TONE = { cooking: 'text-soft', ready: 'text-moss font-bold', over: 'text-ember font-bold' } as const;

/** What is in the pot and for how long. */
export function InPotList({ inPot }: { inPot: readonly InPot[] }) {
  const catalogue = useCatalogue();
  if (inPot.length === 0) return null;
  return (
    <Section title="In the pot">
      <View className="border-t border-line">
        {inPot.map((one) => (
          <View key={one.piece.id} className="flex-row items-center gap-3 border-b border-line py-2">
            <PieceSwatch ingredientId={one.piece.ingredientId} cut={one.piece.cut} size={36} />
            <View className="min-w-0 flex-1 gap-1">
              <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
                <Body className="font-semibold">{one.name}</Body>
                <Body className={TONE[one.state]} style={{ fontVariant: ['tabular-nums'] }}>
                  {inPotWords(one)}
                </Body>
              </View>
              <View className="h-2 overflow-hidden rounded-full bg-well">
                <View
                  className="h-full rounded-full"
                  style={{
                    width: `${Math.round(one.share * 100)}%`,
                    backgroundColor: `var(--glaze-${lookOf(catalogue.byId(one.piece.ingredientId), one.piece.cut).glaze})`,
                  }}
                />
              </View>
              <Small>
                in for {countdown(one.forS)} · {one.piece.sign}
              </Small>
            </View>
          </View>
        ))}
      </View>
    </Section>
  );
}

interface ComingRow {
  step: number;
  when: string;
  title: string;
}

/** What comes after the next step, as it is told. */
export const comingRows = (coming: readonly NextStep[]): ComingRow[] =>
  coming.slice(0, 4).map(({ step, title, dueInS }) => ({
    step,
    title,
    when: dueInS > 0 ? `in ${lasting(dueInS)}` : 'then',
  }));

export const ComingList = memo(function ComingList({ coming }: { coming: readonly ComingRow[] }) {
  if (coming.length === 0) return null;
  return (
    <Section title="After that">
      <View role="list" className="border-t border-line">
        {coming.map(({ step, when, title }) => (
          <View role="listitem" key={step} className="flex-row flex-wrap gap-x-4 border-b border-line py-2">
            <Body className="w-[6rem] font-semibold" style={{ fontVariant: ['tabular-nums'] }}>
              {when}
            </Body>
            <Body className="words">{title}</Body>
          </View>
        ))}
      </View>
    </Section>
  );
});
