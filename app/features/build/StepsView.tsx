import type { Build, Evening, Simmer } from '@elixa/contract';
import { type BuildStep, buildSteps, type Catalogue } from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { PhotoPlace } from '@/features/photo/PhotoPlace';
import { useCatalogue } from '@/ui/catalogue';
import { Button } from '@/ui/Button';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Heading, Small } from '@/ui/Text';
import { useScreen } from '@/ui/useScreen';
import { piecesWords } from './BunchPanel';
import { bunchName, PLACE_WORDS } from './placeWords';
import { pourWords } from './pourWords';

interface Props {
  evening: Evening;
  build: Build;
  simmer: Simmer;
  sauces: { sauce?: string; otherSauce?: string };
  onDone(): void;
}

/** What a card says: what to do in a few words, and the line under them. */
function wordsOf(
  catalogue: Catalogue,
  step: BuildStep,
  build: Build,
  units: Evening['units'],
): { title: string; says: string } {
  switch (step.kind) {
    case 'pour':
      return {
        title: `Pour ${pourWords(build, units).much}`,
        says: `${build.laidFirst ? 'Down the side, so that nothing is moved. ' : ''}It stands ${pourWords(build, units).deep}.`,
      };
    case 'picture':
      return build.laidFirst
        ? { title: 'It is never prettier', says: 'If you want a picture, take it now, before the liquid goes in.' }
        : { title: 'Everything is in', says: 'If you want a picture, take it now, before the lid goes on.' };
    case 'lay': {
      const [first] = step.cuts;
      return {
        title: bunchName(catalogue, step.cuts),
        says: first
          ? `${PLACE_WORDS[first.place].replace(/^./, (letter) => letter.toUpperCase())}. ${first.because}`
          : '',
      };
    }
  }
}

/** The pot being built, one card at a time: the picture grows by what each of them lays. */
export function StepsView({ evening, build, simmer, sauces, onDone }: Props) {
  const catalogue = useCatalogue();
  const { vessel, units } = evening;
  const { wide } = useScreen();
  const steps = useMemo(() => buildSteps({ build, simmer }), [build, simmer]);
  const [index, setIndex] = useState(0);
  const at = Math.min(index, steps.length - 1);
  const step = steps[at];
  const poured = steps.slice(0, at + 1).some((one) => one.kind === 'pour');
  const shownStacks = step?.shown.some((one) => one.place === 'stack') ? build.stacks : undefined;
  const drawn = useMemo(
    () => ({ placements: step?.shown ?? [], stacks: shownStacks, liquidStandsMm: build.liquidStandsMm }),
    [step, shownStacks, build.liquidStandsMm],
  );
  if (!step) return null;
  const { title, says } = wordsOf(catalogue, step, build, units);
  const isLast = at === steps.length - 1;
  const card = (
    <View className="gap-3" aria-live="polite">
      <Small>
        {at + 1} of {steps.length}
        {step.kind === 'lay' && step.poured ? ', into the liquid when its time comes' : ''}
      </Small>
      <Heading level={2} className="text-title">
        {title}
      </Heading>
      {step.kind === 'lay'
        ? step.cuts.map((one) => (
            <View key={one.cut} className="flex-row flex-wrap items-center gap-3">
              <PieceSwatch ingredientId={one.ingredientId} cut={one.cut} size={36} />
              <Body className="words text-xl font-semibold">{piecesWords(one, units)}</Body>
            </View>
          ))
        : null}
      <Body>{says}</Body>
      {step.kind === 'picture' ? <PhotoPlace evening={evening} /> : null}
    </View>
  );
  const buttons = (
    <View className="flex-row flex-wrap gap-3">
      <Button label="Back" disabled={at === 0} className="min-h-main px-5" onPress={() => setIndex(at - 1)} />
      <Button
        look="main"
        className="grow"
        label={isLast ? 'It is built' : 'Next'}
        onPress={() => (isLast ? onDone() : setIndex(at + 1))}
      />
    </View>
  );
  const picture = <PotFromAbove vessel={vessel} build={drawn} dry={!poured} {...sauces} />;
  return wide ? (
    <View className="flex-row items-center gap-12">
      <View className="flex-1">{picture}</View>
      <View className="flex-1 gap-8">
        {card}
        {buttons}
        <Button look="quiet" className="self-start" label="Leave the steps" onPress={onDone} />
      </View>
    </View>
  ) : (
    <View className="gap-4">
      {picture}
      {buttons}
      {card}
      <Button look="quiet" className="self-start" label="Leave the steps" onPress={onDone} />
    </View>
  );
}
