import type { PotPlan } from '@elixa/contract';
import { beliefOff, byHandScore, watchTonight, type EveningToldAgain, type Truth } from '@elixa/core';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Figures, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';

interface Props {
  plan: PotPlan;
  rehearsed: EveningToldAgain;
  /** Where it was tapped by hand: how what was lifted out really was. */
  truth?: Truth | undefined;
  onAgain(): void;
}

/** What a rehearsal came to: how it was eaten, how far the phone was from the truth, and what to watch tonight. */
export function Outcome({ plan, rehearsed: itself, truth, onAgain }: Props) {
  const catalogue = useCatalogue();
  const rehearsed = truth ? { ...itself, said: [], score: byHandScore(plan, truth) } : itself;
  const { score, said, startsMs } = rehearsed;
  const watched = watchTonight(catalogue, plan, rehearsed);
  const { medianK, mostK } = beliefOff(rehearsed);
  const wellDone = score.lifted - score.outOfWindow.length;
  return (
    <View className="gap-6">
      <View className="gap-3">
        <Heading level={2}>
          {score.outOfWindow.length === 0
            ? 'All of it came out as it should'
            : `${wellDone} of ${score.lifted} as they should be`}
        </Heading>
        <Figures
          items={[
            { value: String(score.unsafeCalledReady.length), says: 'called ready while raw' },
            {
              value: score.lateS < 60 ? 'in time' : lasting(score.lateS),
              says: score.lateS < 60 ? 'at the table' : 'late at the table',
            },
            { value: medianK.toFixed(1), unit: '°C', says: `off in the broth, ${mostK.toFixed(0)} °C at most` },
          ]}
        />
      </View>
      <Section title="To watch tonight">
        {watched.length === 0 ? <Body>Nothing in particular: it went as it was planned.</Body> : null}
        <View role="list" className="gap-3">
          {watched.map(({ happened, tonight }) => (
            <View role="listitem" key={happened} className="gap-1 rounded-2xl bg-well p-4">
              <Small>{happened}</Small>
              <Body className="text-lg font-semibold">{tonight}</Body>
            </View>
          ))}
        </View>
      </Section>
      {said.length > 0 ? (
        <Section title="What was told">
          <View role="list" className="border-t border-line">
            {said.map(({ atS, text }) => (
              <View role="listitem" key={atS} className="flex-row gap-3 border-b border-line py-2">
                <Body className="w-[4rem] font-semibold">{clock(startsMs + atS * 1000)}</Body>
                <Body className="words">{text}</Body>
              </View>
            ))}
          </View>
        </Section>
      ) : null}
      <Button label="Rehearse it again" onPress={onAgain} />
    </View>
  );
}
