import { CATALOGUE, nameOf } from '@elixa/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Body, Figure, Small } from '@/ui/Text';

/** What something in the pantry is called: an ingredient, or a jar of a sauce or base. */
export const pantryName = (itemId: string) => nameOf(CATALOGUE, itemId);

interface Props {
  itemId: string;
  says: string;
  /** What it says is bad news. */
  warns?: boolean;
  figure: string;
  /** What can be done with it. */
  children?: ReactNode;
}

/** Something in the pantry, in a list. */
export function PantryRow({ itemId, says, warns, figure, children }: Props) {
  return (
    <View role="listitem" className="min-h-target flex-row flex-wrap items-center gap-x-3 border-b border-line py-1">
      <View className="words">
        <Body className="font-semibold">{pantryName(itemId)}</Body>
        {says ? <Small className={warns ? 'text-ember' : ''}>{says}</Small> : null}
      </View>
      <Figure size="small">{figure}</Figure>
      {children}
    </View>
  );
}
