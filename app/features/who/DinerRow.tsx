import type { Appetite, Diner } from '@elixa/contract';
import { useCatalogue } from '@/ui/catalogue';
import { Pencil } from '@/ui/icons';
import { Pressable, View } from 'react-native';
import { Segmented } from '@/ui/Choice';
import { Body, Small } from '@/ui/Text';
import { APPETITE, dinerNotes } from './words';

interface Props {
  diner: Diner;
  onEdit(): void;
  onAppetite(appetite: Appetite): void;
}

const OPTIONS = [
  { value: 'small', label: 'S' },
  { value: 'regular', label: 'M' },
  { value: 'large', label: 'L' },
] as const;

/** One guest: name, what to remember, how hungry. */
export function DinerRow({ diner, onEdit, onAppetite }: Props) {
  const catalogue = useCatalogue();
  return (
    <View className="min-h-main flex-row flex-wrap items-center gap-x-3 gap-y-2 border-b border-line py-2">
      <Pressable
        role="button"
        aria-label={`Change ${diner.name}`}
        onPress={onEdit}
        className="min-h-target min-w-[7rem] flex-1 flex-row items-center gap-3"
      >
        <View className="min-w-0 flex-1">
          <Body className="text-lg font-semibold">{diner.name}</Body>
          <Small>{dinerNotes(catalogue, diner) || 'eats everything'}</Small>
        </View>
        <Pencil size={18} color="rgb(var(--edge))" aria-hidden />
      </Pressable>
      <View className="w-[9rem]">
        <Segmented
          label={`Appetite of ${diner.name}: ${APPETITE[diner.appetite]}`}
          options={OPTIONS}
          value={diner.appetite}
          onChange={onAppetite}
        />
      </View>
    </View>
  );
}
