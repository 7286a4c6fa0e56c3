import type { Prep } from '@elixa/contract';
import { router } from 'expo-router';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Page';
import { Body, Heading } from '@/ui/Text';
import { TickRow } from '@/ui/TickRow';
import { handTasks, howsOf, inGoes } from './prepWords';

interface Props {
  prep: Prep;
  log: LiveLogAccess;
  onTick(taskId: string, on: boolean): void;
}

/** The burner is lit: what is still to be done beside the pot, and nothing of the clock that is over. */
export function LeftBeside({ prep, log, onTick }: Props) {
  const { evening } = useEvening();
  const done = log.state.ticks.prep;
  const left = inGoes(handTasks(prep).filter((task) => done[task.id] === undefined));
  const isFinished = log.state.status === 'finished';
  return (
    <View className="gap-6">
      <View className="gap-3">
        <Heading level={2}>{isFinished ? 'This evening is over' : 'The burner is lit'}</Heading>
        <Body className="text-soft">
          {isFinished ? 'How it went stands under after.' : 'The stove says what goes in when.'}
        </Body>
        <Button
          look="main"
          className="self-start"
          label={isFinished ? 'How it went' : 'To the stove'}
          onPress={() => router.push(`/evening/${evening.id}/${isFinished ? 'after' : 'stove'}`)}
        />
      </View>
      {isFinished || left.length === 0 ? null : (
        <Section title="Not ticked as prepared">
          <View role="list" className="border-t border-line">
            {left.map(({ tasks }) => (
              <TickRow
                key={tasks[0]!.id}
                name={[tasks[0]!.label, tasks[0]!.amountText].filter(Boolean).join(', ')}
                says={howsOf(tasks)}
                on={false}
                onChange={() => tasks.forEach((task) => onTick(task.id, true))}
              />
            ))}
          </View>
        </Section>
      )}
    </View>
  );
}
