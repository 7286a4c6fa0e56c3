import type { Evening, Liquid, PotPlan, Prep, PrepTask, Units } from '@elixa/contract';
import { type Catalogue, catalogueOf, counterList, liveSteps, shiftIso, showVolume, slicesFirst } from '@elixa/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect, useMemo } from 'react';
import { View } from 'react-native';
import { useEveningDocument } from '@/features/evening/useEveningDocument';
import { usePlanned, usePlanning } from '@/features/evening/usePlanning';
import { useStocked } from '@/state/usePantry';
import { useLiveLog } from '@/features/live/useLiveLog';
import { Instead } from '@/ui/Page';
import { PaperPage } from '@/ui/PaperPage';
import { Body, clockColumn, Heading, Small } from '@/ui/Text';
import { clock, dayShort, lasting } from '@/ui/time';
import { handTasks, howsOf, inGoes, lengthS } from './prepWords';
import { laterRounds } from './laterRounds';
import { sheetSize, type SheetWords } from './sheetSize';

const dark = (task: PrepTask | undefined) => [task?.label, task?.amountText].filter(Boolean).join(', ');

/** What is measured for a liquid, in a row. */
function toMeasure(catalogue: Catalogue, { kind, jar, startWaterText, ingredients }: Liquid, units: Units): string[] {
  if (jar) return [`${showVolume(jar.needG, units)} out of the jar`];
  return [
    ...(startWaterText ? [`${startWaterText} ${kind === 'broth' ? 'water' : 'to let it down'}`] : []),
    ...ingredients.map((part) => `${part.shownText} ${catalogue.byId(part.ingredientId).name}`),
  ];
}

/** The first round, and how the others follow it. */
function simmerWords(catalogue: Catalogue, plan: PotPlan): string {
  const { simmer, build } = plan;
  const steps = liveSteps(catalogue, simmer).filter((step) => step.round <= 1 + slicesFirst(plan));
  const first = steps.map((step) => `${clock(shiftIso(simmer.litAt, step.atS))} ${step.title}`).join(' · ');
  return [`${first}.`, ...laterRounds(build.rounds.length)].join(' ');
}

/** Everything that stands on the sheet. */
function wordsOf(evening: Evening, plan: PotPlan, prep: Prep): SheetWords {
  const catalogue = catalogueOf(evening);
  const sitDown = `${dayShort(evening.sitDownAt)}, sit down at ${clock(evening.sitDownAt)}`;
  return {
    opening: `${sitDown}, ${evening.diners.length} at table. Light the burner at ${clock(plan.simmer.litAt)}.`,
    liquids: plan.liquids.map((liquid) => {
      const name = liquid.forGuests ? `${liquid.name}, for ${liquid.forGuests.join(' and ')}` : liquid.name;
      return `${name}: ${toMeasure(catalogue, liquid, evening.units).join(', ')}.`;
    }),
    rows: inGoes(handTasks(prep)).map(({ tasks }) => `${dark(tasks[0])}: ${howsOf(tasks)}`),
    counter: counterList(catalogue, plan)
      .map((item) => (item.amountText ? `${item.name} (${item.amountText})` : item.name))
      .join(' · '),
    simmer: simmerWords(catalogue, plan),
    cautions: plan.cautions
      .filter((caution) => caution.severity === 'danger')
      .map((caution) =>
        caution.id === 'unsettledAllergen' ? `${caution.because.join('. ')}. ${caution.text}` : caution.text,
      )
      .join(' '),
  };
}

/** One page to hang by the stove: the work in order, what to measure, and what stands on the counter. */
export function PrintSheet() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { evening, missing } = useEveningDocument(id);
  const stocked = useStocked(evening);
  const { state: live } = useLiveLog(id);
  // The sheet says what the preparation says: one start, from one plan.
  const { prep: ticks, begun } = live.ticks;
  const over = live.status !== 'waiting';
  usePlanning(
    stocked,
    useMemo(() => ({ ticks, begun, over }), [ticks, begun, over]),
  );
  const { plan, prep } = usePlanned(stocked);
  const title = evening?.title;
  useEffect(() => {
    document.title = title ? `${title}, preparation` : 'Elixa';
  }, [title]);
  const words = useMemo(
    () => (evening && plan && prep ? wordsOf(evening, plan, prep) : undefined),
    [evening, plan, prep],
  );
  useEffect(() => {
    if (words) document.documentElement.style.setProperty('--sheet-size', String(sheetSize(words)));
  }, [words]);
  if (missing) return <Instead title="This evening is not here" />;
  if (!evening || !plan || !prep || !words) return <Instead title="Writing the sheet" busy />;
  const groups = inGoes(handTasks(prep));
  return (
    <PaperPage onBack={() => router.replace(`/evening/${id}/prep`)}>
      <View>
        <Heading level={1} className="text-3xl leading-9">
          {evening.title}
        </Heading>
        <Body>{words.opening}</Body>
      </View>
      <View className="gap-2">
        <Heading level={3}>Measure</Heading>
        {plan.liquids.map((liquid, index) => (
          <Bold key={liquid.id} words={words.liquids[index]!} />
        ))}
      </View>
      <View>
        <Heading level={3}>Then, in order</Heading>
        {groups.map(({ tasks }, index) => (
          <View key={tasks[0]!.id} className="flex-row flex-wrap gap-x-3 border-b border-line py-1">
            <Body className={`${clockColumn()} font-semibold`}>{clock(tasks[0]!.startsAt)}</Body>
            <View className="h-4 w-4 self-center border border-ink" />
            <View className="words">
              <Bold words={words.rows[index]!} />
            </View>
            <Small>{lasting(tasks.reduce((total, task) => total + lengthS(task), 0))}</Small>
          </View>
        ))}
      </View>
      <View>
        <Heading level={3}>On the counter</Heading>
        <Small className="text-ink">{words.counter}</Small>
      </View>
      <View>
        <Heading level={3}>At the pot</Heading>
        <Small className="text-ink">{words.simmer}</Small>
      </View>
      <Small>{words.cautions}</Small>
    </PaperPage>
  );
}

/** What comes before the first colon stands out. */
function Bold({ words }: { words: string }) {
  const end = words.indexOf(': ') + 2;
  return (
    <Small className="text-ink">
      <Small className="font-semibold text-ink">{words.slice(0, end)}</Small>
      {words.slice(end)}
    </Small>
  );
}
