import type { Build, Units } from '@elixa/contract';
import { shortName, showLength, showWeight } from '@elixa/core';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { Body, Figures, Small } from '@/ui/Text';

/** A count in each layer: a whole one, or between two. */
const some = (count: number) => {
  const whole = Math.round(count);
  return Math.abs(count - whole) < 0.15 ? String(whole) : `${Math.floor(count)}–${Math.ceil(count)}`;
};

/** How stacks are piled, cut and stood, and how sticks are threaded: in the numbers of tonight. */
export function StackCard({ build, units }: { build: Build; units: Units }) {
  const catalogue = useCatalogue();
  const { stacks, skewers, placements } = build;
  const cutOf = (ingredientId: string) => placements.find((one) => one.ingredientId === ingredientId)?.cut ?? '';
  const name = (ingredientId: string) => shortName(catalogue.byId(ingredientId), cutOf(ingredientId));
  if (stacks) {
    const repeat = stacks.inEach
      .map(({ ingredientId, pieces }) => `${name(ingredientId)} (${some(pieces)})`)
      .join(', ');
    return (
      <Section title="The stacks">
        <Figures
          items={[
            { value: String(stacks.stacks), says: stacks.stacks === 1 ? 'pile' : 'piles' },
            { value: showLength(stacks.cutWidthMm, units), says: 'wide cuts: as deep as the pot, less its headroom' },
            {
              value: String(stacks.blocks),
              says: `blocks, in ${stacks.rows.length === 1 ? 'one circle' : `circles of ${stacks.rows.map((row) => row.blocks).join(' and ')}`}`,
            },
          ]}
        />
        <Body>
          In each pile, {stacks.repeats} times: {repeat}. One more {name(stacks.topId)} on top, about{' '}
          {showLength(stacks.thicknessMm, units)} thick. Pin it, cut it into {stacks.blocksEach} blocks, and stand them
          on end from the rim inwards, cut face up, leaning outwards.
        </Body>
        <Small>
          A hole of {showLength(stacks.holeMm, units)} is left in the middle. The ends, about{' '}
          {showWeight(stacks.offcutsG, units)}, go to the bed.
        </Small>
      </Section>
    );
  }
  if (skewers) {
    const [first] = skewers.order;
    return (
      <Section title="The sticks">
        <Figures
          items={[
            {
              value: String(skewers.count),
              says: skewers.count === 1 ? 'stick in this round' : 'sticks in this round',
            },
            {
              value: showWeight(skewers.gramsEach, units),
              says: `of ${first ? catalogue.byId(first).name : 'food'} on each`,
            },
          ]}
        />
        <Small>They lean on the rim, points in the broth and handles out. Count them in and out.</Small>
      </Section>
    );
  }
  return null;
}
