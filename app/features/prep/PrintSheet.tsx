import type { Liquid, PrepTask, Units } from '@elixa/contract';
import { counterList, ingredientById, showVolume } from '@elixa/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { ScrollView, View } from 'react-native';
import { useEveningDocument } from '@/features/evening/useEveningDocument';
import { usePlan } from '@/features/evening/usePlan';
import { useStocked } from '@/features/pantry/usePantry';
import { Button } from '@/ui/Button';
import { ChevronLeft, Printer } from '@/ui/icons';
import { Instead } from '@/ui/Page';
import { Body, Heading, Small } from '@/ui/Text';
import { clock, dayShort, lasting } from '@/ui/time';
import { handTasks, inGoes, lengthS } from './prepWords';
import { usePrep } from './usePrep';

const NOTHING_TICKED = {};
/** So many rows fill a printed page at their full size; with more of them everything is set smaller, down to a limit. */
const ROWS_AT_FULL = 21;
const MOST_SIZE = 0.85;
const LEAST_SIZE = 0.5;

const dark = (task: PrepTask | undefined) => [task?.label, task?.amountText].filter(Boolean).join(', ');

/** What is measured for a liquid, in a row. */
function toMeasure({ kind, jar, startWaterText, ingredients }: Liquid, units: Units): string[] {
  if (jar) return [`${showVolume(jar.needG, units)} out of the jar`];
  return [
    ...(startWaterText ? [`${startWaterText} ${kind === 'broth' ? 'water' : 'to let it down'}`] : []),
    ...ingredients.map((part) => `${part.shownText} ${ingredientById(part.ingredientId).name}`),
  ];
}

/** One page to hang by the stove: the work in order, what to measure, and what stands on the counter. */
export function PrintSheet() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { evening, missing } = useEveningDocument(id);
  const stocked = useStocked(evening);
  const { plan } = usePlan(stocked);
  const { prep } = usePrep(stocked, NOTHING_TICKED, true);
  const title = evening?.title;
  useEffect(() => {
    document.title = title ? `${title}, preparation` : 'Elixa';
  }, [title]);
  const rows = prep && plan ? inGoes(handTasks(prep)).length + 2 * plan.liquids.length : 0;
  useEffect(() => {
    const size = Math.max(LEAST_SIZE, Math.min(MOST_SIZE, ROWS_AT_FULL / Math.max(1, rows)));
    document.documentElement.style.setProperty('--sheet-size', String(size));
  }, [rows]);
  if (missing) return <Instead title="This evening is not here" />;
  if (!evening || !plan || !prep) return <Instead title="Writing the sheet" busy />;
  const groups = inGoes(handTasks(prep));
  return (
    <ScrollView className="h-screen" contentContainerClassName="sheet mx-auto w-full max-w-3xl gap-5 p-6">
      <View className="no-print flex-row flex-wrap justify-between gap-2">
        <Button
          className="self-center"
          label="Back"
          icon={<ChevronLeft size={20} color="rgb(var(--ink))" />}
          onPress={() => router.replace(`/evening/${id}/prep`)}
        />
        <Button
          look="main"
          label="Print"
          icon={<Printer size={20} color="rgb(var(--on-iron))" />}
          onPress={() => window.print()}
        />
      </View>
      <View>
        <Heading level={1} className="text-3xl leading-9">
          {evening.title}
        </Heading>
        <Body>
          {dayShort(evening.sitDownAt)}, sit down at {clock(evening.sitDownAt)}, {evening.diners.length} at table. Light
          the burner at {clock(plan.simmer.litAt)}.
        </Body>
      </View>
      <View className="gap-2">
        <Heading level={3}>Measure</Heading>
        {plan.liquids.map((liquid) => (
          <Small key={liquid.id} className="text-ink">
            <Small className="font-semibold text-ink">
              {liquid.name}
              {liquid.forGuests ? `, for ${liquid.forGuests.join(' and ')}` : ''}:{' '}
            </Small>
            {toMeasure(liquid, evening.units).join(', ')}.
          </Small>
        ))}
      </View>
      <View>
        <Heading level={3}>Then, in order</Heading>
        {groups.map(({ tasks }) => (
          <View key={tasks[0]!.id} className="flex-row gap-3 border-b border-line py-1">
            <Body className="w-14 font-semibold">{clock(tasks[0]!.startsAt)}</Body>
            <View className="h-4 w-4 self-center border border-ink" />
            <View className="min-w-0 flex-1">
              <Small className="text-ink">
                <Small className="font-semibold text-ink">{dark(tasks[0])}: </Small>
                {tasks.map((task) => task.how).join('; ')}
              </Small>
            </View>
            <Small>{lasting(tasks.reduce((total, task) => total + lengthS(task), 0))}</Small>
          </View>
        ))}
      </View>
      <View>
        <Heading level={3}>On the counter</Heading>
        <Small className="text-ink">
          {counterList(plan)
            .map((item) => (item.amountText ? `${item.name} (${item.amountText})` : item.name))
            .join(' · ')}
        </Small>
      </View>
      <Small>
        {plan.cautions
          .filter((caution) => caution.severity === 'danger')
          .map((caution) => caution.text)
          .join(' ')}
      </Small>
    </ScrollView>
  );
}
