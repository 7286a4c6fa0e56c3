import { Pressable, View } from 'react-native';
import { PieceSwatch } from './pot/PieceSwatch';
import { Body, Small } from './Text';

interface Props {
  ingredientId: string;
  name: string;
  /** Under the name. */
  says?: string | undefined;
  /** What a press does, as it is read out. */
  label: string;
  onPress(): void;
}

/** A food to be chosen, in a list, with its picture. */
export function FoodRow({ ingredientId, name, says, label, onPress }: Props) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className="min-h-main flex-row items-center gap-3 border-b border-line py-2 active:bg-well"
    >
      <PieceSwatch ingredientId={ingredientId} />
      <View className="min-w-0 flex-1">
        <Body className="font-semibold">{name}</Body>
        {says ? <Small>{says}</Small> : null}
      </View>
    </Pressable>
  );
}
