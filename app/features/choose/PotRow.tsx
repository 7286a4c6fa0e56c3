import { styleById } from '@elixa/core';
import { router } from 'expo-router';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Button } from '@/ui/Button';
import { Body, Small } from '@/ui/Text';

/** Which pot it is, and the way to another. */
export function PotRow() {
  const { evening } = useEvening();
  const style = styleById(evening.style.id);
  return (
    <View className="flex-row flex-wrap items-center gap-x-4 gap-y-2 rounded-2xl bg-well px-4 py-3">
      <View className="words">
        <Body className="font-semibold">{evening.housePot?.name ?? style?.name ?? 'No pot chosen'}</Body>
        <Small>
          {evening.housePot && style ? `${style.name}. ` : ''}
          {style?.says ?? 'Choose one of the pots.'}
        </Small>
      </View>
      <Button label="Another pot" className="ml-auto" onPress={() => router.push(`/evening/${evening.id}/choose`)} />
    </View>
  );
}
