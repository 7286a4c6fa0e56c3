import type { Build } from '@elixa/contract';
import { View } from 'react-native';
import { TriangleAlert } from '@/ui/icons';
import { Body, Small } from '@/ui/Text';

/** What the cook has to mind of how it lies, as soon as it lies so. */
export function Told({ build }: { build: Build }) {
  if (build.warnings.length === 0) return null;
  return (
    <View aria-live="polite" className="gap-2">
      {build.warnings.map(({ id, text, because }) => (
        <View key={id} className="flex-row gap-2">
          <View className="pt-0.5">
            <TriangleAlert size={18} color="rgb(var(--ember))" aria-hidden />
          </View>
          <View className="words">
            <Body className="font-semibold">{text}</Body>
            <Small>{because}</Small>
          </View>
        </View>
      ))}
    </View>
  );
}
