import type { Evening, OwnThing, PotPlan } from '@elixa/contract';
import { ownIngredient } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { useEvening } from '@/features/evening/EveningContext';
import { Segmented } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { lasting } from '@/ui/time';

/** How much longer it is cooked next time, and within what; kitchen estimates. */
const TIMES = { hard: 1.3, right: 1, soft: 0.75 } as const;
type Found = keyof typeof TIMES;
const BOUNDS = { least: 0.3, most: 4 };

const WORDS: ReadonlyArray<{ value: Found; label: string }> = [
  { value: 'hard', label: 'Too hard' },
  { value: 'right', label: 'Just right' },
  { value: 'soft', label: 'Too soft' },
];

const timesOf = (thing: OwnThing) => thing.timesLonger ?? 1;
const isSame = (a: OwnThing, b: OwnThing) => a.name === b.name && a.likeId === b.likeId;

function bestS(thing: OwnThing, cut: string | undefined): number | undefined {
  const { cuts } = ownIngredient(thing);
  const minutes = cuts[cut ?? Object.keys(cuts)[0] ?? '']?.cooks?.simmered?.bestMin;
  return minutes === undefined ? undefined : minutes * 60;
}

/**
 * How the things of the cook's own came out: they were cooked like what they are like, and are cooked by what was found
 * from now on.
 * @param cooked the evening as it was cooked
 */
export function OwnTimes({ cooked, plan }: { cooked: Evening; plan: PotPlan }) {
  const { evening, edit } = useEvening();
  const catalogue = useCatalogue();
  const things = (cooked.own ?? []).flatMap((was) => {
    const piece = plan.simmer.pieces.find((one) => one.ingredientId === was.id);
    const now = evening.own?.find((one) => isSame(one, was));
    return piece && now ? [{ was, now, cut: piece.cut }] : [];
  });
  if (things.length === 0) return null;
  return (
    <Section title="What you brought yourself">
      {things.map(({ was, now, cut }) => {
        const times = timesOf(now) / timesOf(was);
        const found: Found = times > 1 ? 'hard' : times < 1 ? 'soft' : 'right';
        const [hadS, nextS] = [bestS(was, cut), bestS(now, cut)];
        const set = (value: Found) => {
          const wanted = Math.min(BOUNDS.most, Math.max(BOUNDS.least, timesOf(was) * TIMES[value]));
          edit({ kind: 'ownTimed', ingredientId: now.id, timesLonger: Number(wanted.toFixed(3)) });
        };
        return (
          <View key={was.id} className="gap-2">
            <Body className="font-semibold">{was.name}</Body>
            <Segmented label={`How ${was.name} came out`} options={WORDS} value={found} onChange={set} />
            {hadS === undefined || nextS === undefined ? null : (
              <Small>
                {found === 'right'
                  ? `It is cooked for ${lasting(hadS)}, like ${catalogue.byId(was.likeId).name}.`
                  : nextS === hadS
                    ? `It has to be cooked through: ${lasting(hadS)} stay the least. Cut it otherwise.`
                    : `Next time ${lasting(nextS)} instead of ${lasting(hadS)}.`}
              </Small>
            )}
          </View>
        );
      })}
    </Section>
  );
}
