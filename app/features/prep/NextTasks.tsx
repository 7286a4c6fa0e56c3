import { router } from 'expo-router';
import { memo } from 'react';
import type { Prep, PrepTask } from '@elixa/contract';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { TickRow } from '@/ui/TickRow';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, clockColumn, Figure, Small } from '@/ui/Text';
import { clock, dayShort, lasting, toDateField } from '@/ui/time';
import { handTasks, howsOf, inGoes, lengthS, nowTasks, type PrepGroup } from './prepWords';

interface Props {
  prep: Prep;
  now: number;
  begun: Readonly<Record<string, number>>;
  /** When the burner is lit, which is the last thing. */
  litAt: string;
  onTick(taskId: string, on: boolean): void;
}

/** From so long before sitting down, what can be done ahead is told apart; on the day itself one order is enough. */
const AHEAD_MS = 8 * 3_600_000;

function saysOf({ tasks }: PrepGroup): string {
  const seconds = tasks.reduce((total, task) => total + lengthS(task), 0);
  return `${howsOf(tasks)} · ${lasting(seconds)}`;
}

const nameOf = (task: PrepTask) => [task.label, task.amountText].filter(Boolean).join(', ');

/** Whole pieces of work that keep from the day before, one row each. */
function aheadOf(tasks: readonly PrepTask[]): PrepGroup[] {
  const ids = [...new Set(tasks.filter((task) => task.dayBefore).map((task) => task.blockId))];
  return ids.map((blockId) => ({ blockId, tasks: tasks.filter((task) => task.blockId === blockId) }));
}

/** What comes after that, in order; what can be done the day before stands apart as long as there is a day before. */
export const NextTasks = memo(function NextTasks({ prep, now, begun, litAt, onTick }: Props) {
  const { evening } = useEvening();
  const hands = handTasks(prep);
  const atHand = new Set(nowTasks(prep, now, begun).map((task) => task.id));
  const isAhead = Date.parse(evening.sitDownAt) - now > AHEAD_MS;
  const ahead = isAhead ? aheadOf(hands) : [];
  const tickAll = ({ tasks }: PrepGroup) => tasks.forEach((task) => onTick(task.id, true));
  return (
    <>
      {ahead.length > 0 ? (
        <Section title="Could be done the day before">
          <View role="list" className="border-t border-line">
            {ahead.map((group) => (
              <TickRow
                key={group.blockId}
                name={nameOf(group.tasks[0]!)}
                says={`${lasting(group.tasks.reduce((total, task) => total + lengthS(task), 0))} of work; it keeps until then`}
                on={false}
                onChange={() => tickAll(group)}
              />
            ))}
          </View>
          <Small>Ticked early, it is gone from the evening, and the rest is planned again.</Small>
        </Section>
      ) : null}
      <Section title="After that, in order">
        <View role="list" className="border-t border-line">
          {inGoes(hands.filter((task) => !atHand.has(task.id))).map((group) => {
            const first = group.tasks[0]!;
            const isOtherDay = toDateField(first.startsAt) !== toDateField(evening.sitDownAt);
            return (
              <TickRow
                key={first.id}
                lead={clock(first.startsAt)}
                name={nameOf(first)}
                says={(isOtherDay ? `${dayShort(first.startsAt)} · ` : '') + saysOf(group)}
                on={false}
                onChange={() => tickAll(group)}
              />
            );
          })}
          <View
            role="listitem"
            className="min-h-target flex-row flex-wrap items-center gap-3 border-b border-line py-2"
          >
            <Figure size="small" className={clockColumn()}>
              {clock(litAt)}
            </Figure>
            <Body className="words font-semibold">Light the burner</Body>
            <Button label="To the stove" onPress={() => router.push(`/evening/${evening.id}/stove`)} />
          </View>
        </View>
      </Section>
    </>
  );
});
