import type { Prep, PrepTask } from '@elixa/contract';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { GOES_ON_ID } from '@/ui/focusKept';
import { Check, Play } from '@/ui/icons';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';
import { lengthS, nowTasks } from './prepWords';

interface Props {
  prep: Prep;
  now: number;
  /** When each piece of work was begun. */
  begun: Readonly<Record<string, number>>;
  onBegin(taskId: string, on: boolean): void;
  onDone(taskId: string): void;
}

/** The piece of work at hand: what, how much, how, why now, and one button. */
export function NowCard({ prep, now, begun, onBegin, onDone }: Props) {
  return (
    <>
      {nowTasks(prep, now, begun).map((task, index) => (
        <OneTask
          key={task.id}
          goesOn={index === 0}
          task={task}
          now={now}
          begunMs={begun[task.id]}
          onBegin={(on) => onBegin(task.id, on)}
          onDone={() => onDone(task.id)}
        />
      ))}
    </>
  );
}

interface TaskProps {
  task: PrepTask;
  /** The focus goes here when what had it is done. */
  goesOn: boolean;
  now: number;
  begunMs?: number;
  onBegin(on: boolean): void;
  onDone(): void;
}

function whenWords(task: PrepTask, now: number, begunMs: number | undefined): string {
  if (begunMs !== undefined) return `In hand since ${clock(begunMs)}`;
  return Date.parse(task.startsAt) <= now + 30_000 ? 'Now' : `Next, at ${clock(task.startsAt)}`;
}

function OneTask({ task, goesOn, now, begunMs, onBegin, onDone }: TaskProps) {
  const nativeID = goesOn ? GOES_ON_ID : undefined;
  const isBegun = begunMs !== undefined;
  return (
    <View className="gap-3 rounded-3xl border-2 border-iron bg-sheet p-5">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Small className="font-semibold text-iron">{whenWords(task, now, begunMs)}</Small>
        <Small>{lasting(lengthS(task))}</Small>
      </View>
      <Heading level={2}>{task.how}</Heading>
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <Body className="text-lg">{task.label}</Body>
        {task.amountText ? <Figure size="small">{task.amountText}</Figure> : null}
      </View>
      <Small>{task.why}.</Small>
      {isBegun ? (
        <>
          <Button
            nativeID={nativeID}
            look="main"
            label="Done"
            aria-label={`Done: ${task.label}, ${task.how}`}
            icon={<Check size={22} color="rgb(var(--on-iron))" />}
            onPress={onDone}
          />
          <Button
            look="quiet"
            className="self-start"
            label="Not begun yet"
            aria-label={`Not begun yet: ${task.label}`}
            onPress={() => onBegin(false)}
          />
        </>
      ) : (
        <View className="flex-row flex-wrap gap-2">
          <Button
            nativeID={nativeID}
            look="main"
            className="grow"
            label="Begin"
            aria-label={`Begin: ${task.label}, ${task.how}`}
            icon={<Play size={22} color="rgb(var(--on-iron))" />}
            onPress={() => onBegin(true)}
          />
          <Button
            className="min-h-main"
            label="Done already"
            aria-label={`Done: ${task.label}, ${task.how}`}
            onPress={onDone}
          />
        </View>
      )}
    </View>
  );
}
