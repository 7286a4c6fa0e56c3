import { View } from 'react-native';
import { Body, Small } from '@/ui/Text';

/** Something was changed while the pot is on the fire, and why it does not change the pot. */
export function ChangedSince({ changes }: { changes: readonly string[] }) {
  if (changes.length === 0) return null;
  return (
    <View role="status" className="gap-1 rounded-2xl bg-well p-4">
      <Body className="font-semibold">Changed since it was lit: {changes.join('; ')}.</Body>
      <Small>
        The pot goes on as it was planned, since what is in it is weighed and timed for that. To cook by the change,
        stop it and light it again.
      </Small>
    </View>
  );
}
