import type { Prep } from '@elixa/contract';
import { View } from 'react-native';
import { useNow } from '@/state/useNow';
import { Section } from '@/ui/Page';
import { Body, Figure, Small } from '@/ui/Text';
import { clock, countdown } from '@/ui/time';

interface Props {
  prep: Prep;
}

/** What works by itself now, each with a clock of its own. */
export function WorkingAlone({ prep }: Props) {
  const now = useNow(true, 500);
  const running = prep.tasks.filter((task) => task.running && task.kind !== 'pot' && Date.parse(task.endsAt) > now);
  if (running.length === 0) return null;
  return (
    <Section title="Working by itself">
      <View role="list" className="border-t border-line">
        {running.map((task) => (
          <View
            role="listitem"
            key={task.id}
            className="min-h-target flex-row flex-wrap items-center gap-x-4 border-b border-line py-2"
          >
            <View className="words">
              <Body className="font-semibold">{task.label}</Body>
              <Small>
                {task.how}, until {clock(task.endsAt)}
              </Small>
            </View>
            <Figure size="small" running>
              {countdown((Date.parse(task.endsAt) - now) / 1000)}
            </Figure>
          </View>
        ))}
      </View>
    </Section>
  );
}
