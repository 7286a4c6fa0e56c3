import { router } from 'expo-router';
import { useEvening } from '@/features/evening/EveningContext';
import { Segmented } from '@/ui/Choice';

/** The two sides of a pot: what goes into it, and where it lies. */
export function PotTabs({ at }: { at: 'pot' | 'build' }) {
  const { evening } = useEvening();
  return (
    <Segmented
      label="The pot"
      options={[
        { value: 'pot', label: 'What goes in' },
        { value: 'build', label: 'How it is built' },
      ]}
      value={at}
      onChange={(page) => router.replace(`/evening/${evening.id}/${page}`)}
    />
  );
}
