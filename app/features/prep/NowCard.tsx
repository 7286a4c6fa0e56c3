import type { Prep, PrepTask } from '@elixa/contract';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Check } from '@/ui/icons';
import { Body, Figure, Heading, Small } from '@/ui/Text';
import { clock, lasting } from '@/ui/time';
import { lengthS, nowTasks } from './prepWords';

interface Props {
  prep: Prep;
  now: number;
  onDone(taskId: string): void;
}

/** The piece of work at hand: what, how much, how, why now, and one button. */
export function NowCard({ prep, now, onDone }: Props) {
  return (
    <>
      {nowTasks(prep, now).map((task) => (
        <OneTask key={task.id} task={task} now={now} onDone={() => onDone(task.id)} />
      ))}
    </>
  );
}

function OneTask({ task, now, onDone }: { task: PrepTask; now: number; onDone(): void }) {
  const begun = Date.parse(task.startsAt) <= now + 30_000;
  return (
    <View className="gap-3 rounded-3xl border-2 border-iron bg-sheet p-5">
      <View className="flex-row items-baseline justify-between gap-3">
        <Small className="font-semibold text-iron">{begun ? 'Now' : `Next, at ${clock(task.startsAt)}`}</Small>
        <Small>{lasting(lengthS(task))}</Small>
      </View>
      <Heading level={2}>{task.how}</Heading>
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <Body className="text-lg">{task.label}</Body>
        {task.amountText ? <Figure size="small">{task.amountText}</Figure> : null}
      </View>
      <Small>{task.why}.</Small>
      <Button
        look="main"
        label="Done"
        aria-label={`Done: ${task.label}, ${task.how}`}
        icon={<Check size={22} color="rgb(var(--on-iron))" />}
        onPress={onDone}
      />
    </View>
  );
}
