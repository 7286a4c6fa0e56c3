import type { Kitchen, Pace, Prep } from '@elixa/contract';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Segmented } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { fromFields, lasting, toDateField, toTimeField } from '@/ui/time';

const PACES: ReadonlyArray<{ value: Pace; label: string }> = [
  { value: 'unhurried', label: 'Unhurried' },
  { value: 'steady', label: 'Steady' },
  { value: 'quick', label: 'Quick' },
];

const count = (number: number, one: string, more: string) => `${number} ${number === 1 ? one : more}`;

/** Whose hands there are, how fast, and how many burners; what that comes to. */
export function Hands({ prep }: { prep: Prep }) {
  const { evening, edit } = useEvening();
  const startAt = evening.kitchen?.startAt;
  const kitchen = (more: Kitchen) => edit({ kind: 'kitchenSet', kitchen: more });
  return (
    <Section title="Hands and burners">
      <Segmented
        label="Cooks"
        options={[1, 2, 3].map((number) => ({ value: String(number), label: count(number, 'cook', 'cooks') }))}
        value={String(Math.min(3, evening.cooks))}
        onChange={(value) => edit({ kind: 'handsSet', cooks: Number(value) })}
      />
      <Segmented
        label="Pace"
        options={PACES}
        value={evening.kitchen?.pace ?? 'steady'}
        onChange={(pace) => kitchen({ pace })}
      />
      <Segmented
        label="Burners in the kitchen"
        options={[1, 2].map((number) => ({ value: String(number), label: count(number, 'burner', 'burners') }))}
        value={String(Math.min(2, evening.kitchen?.burners ?? 2))}
        onChange={(value) => kitchen({ burners: Number(value) })}
      />
      <View className="flex-row">
        <Field
          label="Nobody can start before"
          type="time"
          value={startAt ? toTimeField(startAt) : ''}
          onChange={(time) =>
            kitchen({ startAt: time === '' ? undefined : fromFields(toDateField(evening.sitDownAt), time) })
          }
          hint="Leave it empty when somebody is at home."
          error={
            startAt && Date.parse(startAt) >= Date.parse(evening.sitDownAt)
              ? 'Nobody can start before: choose a time before people sit down.'
              : undefined
          }
        />
      </View>
      <View>
        <Body>
          {lasting(prep.spanS)} from the first cut to sitting down, {lasting(prep.attendedS)} of it work
          {evening.cooks > 1 ? ' for all together' : ''}.
        </Body>
        <Small>
          {prep.proven && prep.spanS <= prep.lowerBoundS
            ? 'No plan can be shorter.'
            : `No plan can be shorter than ${lasting(prep.lowerBoundS)}.`}
        </Small>
      </View>
    </Section>
  );
}
