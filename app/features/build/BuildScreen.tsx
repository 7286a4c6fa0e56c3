import type { Build, PotPlan, Units } from '@elixa/contract';
import { isMeatOrFish, isOfRoom, saucesOf, showVolume } from '@elixa/core';
import { router } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { EachPot } from '@/features/evening/EachPot';
import { Refused } from '@/features/evening/Refused';
import { useEvening } from '@/features/evening/EveningContext';
import { WhatDoesNot } from '@/features/evening/WhatDoesNot';
import { Faults } from '@/features/evening/Faults';
import { PhotoPlace } from '@/features/photo/PhotoPlace';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { Body, Figures } from '@/ui/Text';
import { fileNameOf } from '@/ui/saveText';
import { useScreen } from '@/ui/useScreen';
import { BunchPanel } from './BunchPanel';
import { LayBoard } from './LayBoard';
import { LevelView } from './LevelView';
import { Plates } from './Plates';
import { PotTabs } from './PotTabs';
import { pourWords } from './pourWords';
import { RulerTool } from './RulerTool';
import { savePicture } from './savePicture';
import { StackCard } from './StackCard';
import { StepsView } from './StepsView';
import { Told } from './Told';
import { Tools } from './Tools';
import { useLaying } from './useLaying';

const pourFigures = (build: Build, units: Units) => [
  { value: pourWords(build, units).much, says: `poured, ${pourWords(build, units).deep}` },
  ...(build.reserveMl >= 25 ? [{ value: showVolume(build.reserveMl, units), says: 'kept back for topping up' }] : []),
  { value: `${Math.round(build.fullnessPct)} %`, says: 'of what it takes, at its fullest' },
];

/** Where everything lies in the pot, how high the liquid stands, and what waits for which round. */
export function BuildScreen() {
  const { plan } = useEvening();
  return (
    <>
      <PotTabs at="build" />
      <Faults />
      {plan ? <Building plan={plan} /> : null}
    </>
  );
}

function Building({ plan }: { plan: PotPlan }) {
  const catalogue = useCatalogue();
  const { evening, edit } = useEvening();
  const { vessel, units } = evening;
  const sauces = useMemo(() => saucesOf(plan), [plan]);
  const laying = useLaying(plan.build);
  const [stepping, setStepping] = useState(false);
  const boardRef = useRef<HTMLElement>(null);
  const [chosenId, setChosenId] = useState<string>();
  const [moving, setMoving] = useState(false);
  const [stayed, setStayed] = useState<string>();
  const { build } = laying;
  const { wide } = useScreen();

  const carriedOver = (id: string, side: 'first' | 'second') => {
    const ingredientId = build.placements.find((one) => one.id === id)?.ingredientId;
    if (!ingredientId) return;
    const what = catalogue.byId(ingredientId);
    if (isMeatOrFish(what) && evening.choices.sides?.meatFree !== 'none') {
      setStayed(`The ${what.name} stays on its side: the other is free of meat and fish.`);
      return;
    }
    setStayed(undefined);
    edit({ kind: 'sideChosen', ingredientId, where: side });
  };

  if (stepping) {
    return (
      <StepsView
        evening={evening}
        build={build}
        simmer={plan.simmer}
        sauces={sauces}
        onDone={() => setStepping(false)}
      />
    );
  }

  const panel =
    chosenId === undefined ? null : (
      <BunchPanel key={chosenId} id={chosenId} laying={laying} units={units} onClose={() => setChosenId(undefined)} />
    );
  const board = (
    <View className="gap-4">
      <View ref={boardRef as never}>
        <LayBoard
          vessel={vessel}
          laying={laying}
          sauces={sauces}
          chosenId={chosenId}
          onChosen={(id) => {
            setChosenId(id);
            setStayed(undefined);
          }}
          moving={moving}
          onCarriedOver={carriedOver}
        />
      </View>
      {stayed ? (
        <Body aria-live="polite" className="font-semibold">
          {stayed}
        </Body>
      ) : null}
      <Told build={build} />
      {/* Under the finger that chose it. */}
      {wide ? null : panel}
      <Tools
        laying={laying}
        moving={moving}
        onMoving={setMoving}
        onSteps={() => setStepping(true)}
        onCard={() => router.push(`/card/${evening.id}`)}
        onSave={(type) => savePicture(boardRef.current, fileNameOf(evening.title), type)}
      />
    </View>
  );
  const rest = (
    <>
      {wide ? panel : null}
      <Section title="What to pour">
        <Figures items={pourFigures(build, units)} />
        <LevelView vessel={vessel} build={build} simmer={plan.simmer} units={units} sauces={sauces} />
      </Section>
      <StackCard build={build} units={units} />
      <Refused plan={plan} />
      <EachPot plan={plan} />
      <WhatDoesNot items={plan.simmer.unsatisfied.filter((one) => isOfRoom(one) && !one.refused)} />
      <Plates build={build} units={units} />
      <RulerTool vessel={vessel} units={units} foodMl={build.solidsMl / build.rounds.length} />
      <Section title="The picture">
        <PhotoPlace evening={evening} />
      </Section>
    </>
  );
  return wide ? (
    <View className="flex-row items-start gap-12">
      <View className="flex-1">{board}</View>
      <View className="flex-1 gap-8">{rest}</View>
    </View>
  ) : (
    <>
      {board}
      {rest}
    </>
  );
}
