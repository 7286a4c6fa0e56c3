import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { day } from '@/ui/time';

/** What was noted when this was cooked before; nothing where it is cooked for the first time. */
export function LastTime() {
  const { lastTime } = useEvening().evening;
  if (!lastTime || lastTime.notes.length === 0) return null;
  return (
    <Section title="Last time" aside={<Small>{day(lastTime.on)}</Small>}>
      {lastTime.notes.map((note) => (
        <View key={note} className="border-l-4 border-iron pl-4">
          <Body className="text-lg">{note}</Body>
        </View>
      ))}
    </Section>
  );
}
