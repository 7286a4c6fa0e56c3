import { View } from 'react-native';
import { useAppSelector } from '@/state';
import { reloadPages } from '@/state/pages';
import { Button } from '@/ui/Button';
import { Body, Small } from '@/ui/Text';

/**
 * Asks for a reload where the page is older than what the server or another phone speaks. Never while a pot is lit: what is
 * on the fire goes on as it is.
 */
export function OldPage({ isLit }: { isLit: boolean }) {
  const isOld = useAppSelector((state) => state.connection.isOld ?? false);
  if (!isOld || isLit) return null;
  return (
    <View role="status" className="gap-3 rounded-2xl bg-well p-4">
      <View className="gap-1">
        <Body className="font-semibold">There is a newer Elixa in this house.</Body>
        <Small>This page may not understand all that other phones say. Nothing is lost by reloading it.</Small>
      </View>
      <Button className="self-start" label="Reload this page" onPress={() => void reloadPages()} />
    </View>
  );
}
