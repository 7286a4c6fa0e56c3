import type { Prep } from '@elixa/contract';
import { View } from 'react-native';
import { useNow } from '@/features/stove/useNow';
import { Section } from '@/ui/Page';
import { Body, Figure, Small } from '@/ui/Text';
import { clock, countdown } from '@/ui/time';

interface Props {
  prep: Prep;
  ticks: Readonly<Record<string, number>>;
}

/** What works by itself now, each with a clock of its own. */
export function WorkingAlone({ prep, ticks }: Props) {
  const now = useNow(true, 500);
  const running = prep.tasks.filter(
    (task) =>
      !task.attended &&
      task.kind !== 'pot' &&
      // A plan counts in whole minutes, so what was just begun may start within the next.
      Date.parse(task.startsAt) <= now + 60_000 &&
      Date.parse(task.endsAt) > now &&
      Object.keys(ticks).some((id) => id.startsWith(`${task.blockId}.`)),
  );
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
