import { liveSteps, roundName, shiftIso, traceBeforeS, type LiveStep } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { AdviceList } from '@/features/evening/AdviceList';
import { Faults } from '@/features/evening/Faults';
import { Segmented, Tabs } from '@/ui/Choice';
import { Section } from '@/ui/Page';
import { Body, clockColumn, Figure, Figures, Heading, Small } from '@/ui/Text';
import { clock, dayInSentence } from '@/ui/time';
import { StepDetail } from './StepDetail';
import { InTheMiddle } from './InTheMiddle';
import { PotOverTime } from './PotOverTime';
import { SimmerTimeline } from './SimmerTimeline';

const heightWords = (altitudeM: number) =>
  Math.round(altitudeM) === 0 ? 'at sea level' : `${Math.round(altitudeM)} m up`;

/** More rounds than these stand in rows of their own width on a phone. */
const SIDE_BY_SIDE = 6;

/** When everything goes in, back from sitting down. */
export function SimmerScreen() {
  const { evening, plan } = useEvening();
  const [chosen, setChosen] = useState(1);
  if (!plan) return <Faults />;
  const { simmer } = plan;
  const steps = liveSteps(simmer);
  const rounds = [...new Set(steps.map((step) => step.round))];
  const round = rounds.includes(chosen) ? chosen : 1;
  const shown = simmer.pieces.filter((one) => one.round === round);
  const fromS = Math.max(simmer.trace?.fromS ?? 0, round === 1 ? 0 : Math.min(...shown.map((one) => one.inAtS)) - 60);
  const readyS = Math.max(fromS, ...shown.map((one) => one.outAtS));
  const toS = simmer.trace ? traceBeforeS(simmer.trace, readyS) : readyS;
  const Rounds = rounds.length > SIDE_BY_SIDE ? Tabs : Segmented;
  return (
    <>
      <Faults />
      <Figures
        items={[
          { value: clock(simmer.litAt), says: `light the burner, ${dayInSentence(simmer.litAt)}` },
          { value: clock(evening.sitDownAt), says: 'sit down' },
          {
            value: simmer.boilingPointC.toFixed(1),
            unit: '°C',
            says: `it boils, ${heightWords(evening.place.altitudeM)}`,
          },
        ]}
      />
      {simmer.unsatisfied.map((one) => (
        <View key={one.id} className="gap-2 rounded-2xl bg-well p-4">
          <Heading level={3}>{one.text}</Heading>
          <Body>{one.because}</Body>
          <AdviceList advice={one.remedies} />
        </View>
      ))}
      {rounds.length > 1 ? (
        <Rounds
          label="Round"
          options={rounds.map((number) => ({
            value: String(number),
            label: roundName(plan, number).short,
          }))}
          value={String(round)}
          onChange={(value) => setChosen(Number(value))}
        />
      ) : null}
      {simmer.trace && toS > fromS ? (
        <Section title="How hot it is">
          <PotOverTime key={round} simmer={simmer} trace={simmer.trace} units={evening.units} fromS={fromS} toS={toS} />
        </Section>
      ) : null}
      <SimmerTimeline simmer={simmer} round={round} />
      <InTheMiddle pieces={shown} litAt={simmer.litAt} />
      <Section title={rounds.length > 1 ? `${roundName(plan, round).name}, step by step` : 'Step by step'}>
        <View role="list" className="border-t border-line">
          {steps
            .filter((step) => step.round === round)
            .map((step) => (
              <StepRow key={step.step} step={step} litAt={simmer.litAt} />
            ))}
        </View>
        <Small>
          {simmer.trace
            ? 'Each thing goes in when the heat in this pot has it done by the end: burner, vessel, height and all that goes in with it are reckoned with.'
            : `Times come from a ${simmer.timing}, slowed for the height and for each cold addition.`}{' '}
          Trust the sign before the clock.
        </Small>
      </Section>
    </>
  );
}

function StepRow({ step, litAt }: { step: LiveStep; litAt: string }) {
  return (
    <View role="listitem" className="flex-row flex-wrap gap-x-4 border-b border-line py-3">
      <Figure size="small" className={clockColumn()}>
        {clock(shiftIso(litAt, step.atS))}
      </Figure>
      <View className="words gap-1">
        <Body className="font-semibold">{step.title}</Body>
        <StepDetail step={step} />
      </View>
    </View>
  );
}
