import { lookOf } from '@elixa/core';
import { memo } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { PieceGlyph } from './PieceGlyph';
import { useCatalogue } from '@/ui/catalogue';

/** A single piece beside its name, as it is drawn in the pot. */
export const PieceSwatch = memo(function PieceSwatch({
  ingredientId,
  cut,
  size = 40,
}: {
  ingredientId: string;
  cut?: string;
  size?: number;
}) {
  const catalogue = useCatalogue();
  return (
    <View aria-hidden>
      <Svg width={size} height={size} viewBox="-20 -20 40 40">
        <PieceGlyph {...lookOf(catalogue.byId(ingredientId), cut)} x={0} y={0} radius={17} />
      </Svg>
    </View>
  );
});
