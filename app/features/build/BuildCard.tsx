import type { Build, Evening, PotPlan, Units } from '@elixa/contract';
import {
  type BuildStep,
  buildSteps,
  type Catalogue,
  catalogueOf,
  saucesOf,
  shortName,
  showLength,
  showVolume,
} from '@elixa/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { useEveningDocument } from '@/features/evening/useEveningDocument';
import { usePlanned, usePlanning } from '@/features/evening/usePlanning';
import { useStocked } from '@/state/usePantry';
import { CatalogueProvider, useCatalogue } from '@/ui/catalogue';
import { Instead } from '@/ui/Page';
import { PaperPage } from '@/ui/PaperPage';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { PotFromSide } from '@/ui/pot/PotFromSide';
import { Body, Heading, Small } from '@/ui/Text';
import { piecesWords } from './BunchPanel';
import { bunchName, PLACE_WORDS } from './placeWords';
import { pourWords } from './pourWords';
import { StackCard } from './StackCard';

/** Of full size: a pot of twenty things fills one page so. */
const CARD_SIZE = '0.62';

/** A line of the card: what is done, how much, and where. */
function lineOf(
  catalogue: Catalogue,
  step: BuildStep,
  build: Build,
  units: Units,
): { name: string; says: string } | undefined {
  switch (step.kind) {
    case 'picture':
      return undefined;
    case 'pour':
      return {
        name: `Pour ${pourWords(build, units).much}`,
        says: pourWords(build, units).deep,
      };
    case 'lay': {
      const amounts = step.cuts.map((one) => piecesWords(one, units)).join(' and ');
      const [first] = step.cuts;
      return { name: bunchName(catalogue, step.cuts), says: `${amounts}, ${first ? PLACE_WORDS[first.place] : ''}` };
    }
  }
}

function Lines({ plan, units }: { plan: PotPlan; units: Units }) {
  const catalogue = useCatalogue();
  const lines = buildSteps(plan).flatMap((step) => lineOf(catalogue, step, plan.build, units) ?? []);
  return (
    <View className="border-t border-line">
      {lines.map(({ name, says }, index) => (
        <View key={`${name}-${index}`} className="flex-row flex-wrap items-baseline gap-x-3 border-b border-line py-1">
          <Body className="min-w-[1.75rem] font-semibold">{index + 1}</Body>
          <Body className="font-semibold">{name}</Body>
          <Small className="words text-ink">{says}</Small>
        </View>
      ))}
    </View>
  );
}

/** What waits for the later rounds, in one line each. */
function LaterRounds({ build, units }: { build: Build; units: Units }) {
  const catalogue = useCatalogue();
  return build.plates.slice(1).map((plate, index) => (
    <Small key={index} className="text-ink">
      <Small className="font-semibold text-ink">Plate {index + 2}: </Small>
      {plate
        .filter((one) => one.massG > 0)
        .map((one) => `${shortName(catalogue.byId(one.ingredientId), one.cut)} ${piecesWords(one, units)}`)
        .join(' · ')}
    </Small>
  ));
}

function Card({ evening, plan }: { evening: Evening; plan: PotPlan }) {
  const { vessel, units } = evening;
  const { build } = plan;
  return (
    <>
      <View>
        <Heading level={1} className="text-3xl leading-9">
          {evening.title}
        </Heading>
        <Body>
          {plan.style.name} · {vessel.name}
          {build.rounds.length > 1 ? ` · the first of ${build.rounds.length} rounds` : ''}
        </Body>
      </View>
      <View className="flex-row flex-wrap items-center gap-6">
        <View className="min-w-[min(16rem,100%)] flex-1">
          <PotFromAbove vessel={vessel} build={build} {...saucesOf(plan)} />
        </View>
        <View className="min-w-[min(16rem,100%)] flex-1 gap-2">
          <PotFromSide vessel={vessel} build={build} units={units} {...saucesOf(plan)} measured />
          <Small className="text-ink">
            The dashed line leaves {showLength(build.headroomMm, units)} for foam.
            {build.reserveMl >= 25 ? ` ${showVolume(build.reserveMl, units)} are kept back for topping up.` : ''}
          </Small>
        </View>
      </View>
      <Heading level={3}>In this order</Heading>
      <Lines plan={plan} units={units} />
      <StackCard build={build} units={units} />
      <LaterRounds build={build} units={units} />
      {build.warnings.map(({ id, text, because }) => (
        <Small key={id} className="text-ink">
          <Small className="font-semibold text-ink">{text}. </Small>
          {because}
        </Small>
      ))}
    </>
  );
}

/** One page to build from: the pot from above and from the side, and everything in the order in which it goes in. */
export function BuildCard() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { evening, missing } = useEveningDocument(id);
  const stocked = useStocked(evening);
  usePlanning(stocked, undefined);
  const { plan } = usePlanned(stocked);
  const title = evening?.title;
  useEffect(() => {
    document.title = title ? `${title}, the pot` : 'Elixa';
    document.documentElement.style.setProperty('--sheet-size', CARD_SIZE);
  }, [title]);
  if (missing) return <Instead title="This evening is not here" />;
  if (!evening || !plan) return <Instead title="Drawing the card" busy />;
  return (
    <PaperPage onBack={() => router.replace(`/evening/${id}/build`)}>
      <CatalogueProvider value={catalogueOf(evening)}>
        <Card evening={evening} plan={plan} />
      </CatalogueProvider>
    </PaperPage>
  );
}
