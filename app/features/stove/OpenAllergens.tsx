import { memo } from 'react';
import type { Caution } from '@elixa/contract';
import { View } from 'react-native';
import { OctagonAlert } from '@/ui/icons';
import { Body, Small } from '@/ui/Text';

interface Props {
  cautions: readonly Caution[];
  /** What went in beside the plan and harms a guest, in words. */
  beside: readonly string[];
}

/** Something in the pot that a guest must not have: it stays on the screen for as long as it is so. */
export const OpenAllergens = memo(function OpenAllergens({ cautions, beside }: Props) {
  const open = cautions.find((caution) => caution.id === 'unsettledAllergen');
  const because = [...(open?.because ?? []), ...beside];
  if (because.length === 0) return null;
  return (
    <View role="alert" className="flex-row gap-3 rounded-2xl border-2 border-ember bg-sheet p-4">
      <OctagonAlert size={28} color="rgb(var(--ember))" aria-hidden />
      <View className="min-w-0 flex-1 gap-1">
        {because.map((words) => (
          <Body key={words} className="text-lg font-semibold">
            {words}
          </Body>
        ))}
        <Small>
          {open?.text ?? 'Nothing out of this pot is for them: lifted out again, it leaves enough in the broth.'}
        </Small>
      </View>
    </View>
  );
});
