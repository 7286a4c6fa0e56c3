import type { PotPlan, SimmerPiece } from '@elixa/contract';
import { capital, type LiveStep, liveSteps, roundName, shiftIso, shortName, spanText } from '@elixa/core';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { EachPot } from '@/features/evening/EachPot';
import { Refused } from '@/features/evening/Refused';
import { useEvening } from '@/features/evening/EveningContext';
import { WhatDoesNot } from '@/features/evening/WhatDoesNot';
import { useStopSearching } from '@/features/evening/usePlanning';
import { Faults } from '@/features/evening/Faults';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { RoundChoice } from '@/ui/RoundChoice';
import { SearchProgress } from '@/ui/SearchProgress';
import { Body, clockColumn, Figure, Figures, Small } from '@/ui/Text';
import { clock, dayInSentence } from '@/ui/time';
import { useSame } from '@/ui/useSame';
import { useScreen } from '@/ui/useScreen';
import { StepDetail } from './StepDetail';
import { InTheMiddle } from './InTheMiddle';
import { ChartKey } from './chart/ChartKey';
import { SimmerChart } from './chart/SimmerChart';
import { useMoment, type MomentShown } from './MomentContext';
import { MomentPanel } from './MomentPanel';
import { PiecePanel } from './PiecePanel';
import { useWhatIf } from './useWhatIf';
import { WhatIfOffers, WhatIfPanel } from './WhatIfPanel';

const heightWords = (altitudeM: number) =>
  Math.round(altitudeM) === 0 ? 'at sea level' : `${Math.round(altitudeM)} m up`;

/** The round and the moment that is looked at; the last of the round where none is chosen. */
function lookedAt(plan: PotPlan, chosen: number, momentS: number | undefined): MomentShown {
  const ofRound = (round: number) => plan.simmer.pieces.filter((one) => one.round === round);
  const round = ofRound(chosen).length > 0 ? chosen : 1;
  const readyS = Math.max(...ofRound(round).map((one) => one.outAtS));
  return { plan, round, atS: Math.min(momentS ?? readyS, readyS) };
}

/** When everything goes in, back from sitting down. */
export function SimmerScreen() {
  const catalogue = useCatalogue();
  const { evening, plan: own, pending, mending, edit } = useEvening();
  const stop = useStopSearching(evening.id);
  const [chosen, setChosen] = useState(1);
  const [momentS, setMomentS] = useState<number | undefined>(undefined);
  const [pieceId, setPieceId] = useState<string | undefined>(undefined);
  const [levels, setLevels] = useState(false);
  const whatIf = useWhatIf(evening);
  const { wide } = useScreen();
  const { show } = useMoment();
  const plan = whatIf.plan ?? own;
  const looked = plan ? lookedAt(plan, chosen, momentS) : undefined;
  // A pot that was not gone through has nothing to tell of a moment.
  const moment = useSame(plan?.simmer.trace ? looked : undefined);
  useEffect(() => show(moment), [show, moment]);
  useEffect(() => () => show(undefined), [show]);
  if (!own || !plan || !looked) return <Faults />;
  const { simmer } = plan;
  const steps = liveSteps(catalogue, simmer);
  const rounds = [...new Set(steps.map((step) => step.round))];
  const { round, atS } = looked;
  const shown = simmer.pieces.filter((one) => one.round === round);
  const piece = shown.find((one) => one.id === pieceId);
  const moved = (one: SimmerPiece, seconds: number) => {
    setPieceId(one.id);
    whatIf.ask({
      label: `${capital(shortName(catalogue.byId(one.ingredientId), one.cut))} in for ${spanText(seconds)}`,
      edits: [{ kind: 'timeInPotSet', ingredientId: one.ingredientId, cut: one.cut, minutes: seconds / 60 }],
      inHand: true,
    });
  };
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
      <Refused plan={own} />
      <EachPot plan={plan} />
      <WhatDoesNot items={own.simmer.unsatisfied.filter((one) => !one.refused)} />
      {mending ? <SearchProgress {...mending} stopLabel="Stop looking for what mends the pot" onStop={stop} /> : null}
      {rounds.length > 1 ? (
        <RoundChoice
          options={rounds.map((number) => {
            const { short, name } = roundName(plan, number);
            return { value: String(number), label: short, name };
          })}
          value={String(round)}
          onChange={(value) => {
            setChosen(Number(value));
            setMomentS(undefined);
            setPieceId(undefined);
          }}
        />
      ) : null}
      {pending && !simmer.trace ? (
        <Small role="status">The times of this pot are still worked out; they may move by a few minutes.</Small>
      ) : null}
      <View className="gap-4">
        <SimmerChart
          simmer={simmer}
          compared={whatIf.plan ? own.simmer : undefined}
          round={round}
          units={evening.units}
          atS={atS}
          chosenId={piece?.id}
          levels={levels}
          onMoment={setMomentS}
          onChosen={(one) => setPieceId(one.id)}
          onMoved={moved}
        />
        <ChartKey hasTrace={simmer.trace !== undefined} levels={levels} onLevels={setLevels} />
        <WhatIfPanel whatIf={whatIf} edit={edit} />
        {piece ? (
          <PiecePanel
            evening={evening}
            piece={piece}
            onMoved={moved}
            ask={whatIf.ask}
            edit={edit}
            onClose={() => setPieceId(undefined)}
          />
        ) : null}
      </View>
      {moment ? <MomentPanel evening={evening} moment={moment} drawn={!wide} /> : null}
      <WhatIfOffers evening={evening} ask={whatIf.ask} />
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
