import { lockedOf, turned } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, IconButton } from '@/ui/Button';
import { ToggleChip } from '@/ui/Choice';
import { Download, RotateCcw, RotateCw } from '@/ui/icons';
import { Small } from '@/ui/Text';
import type { Laying } from './useLaying';

const TURN_DEG = 15;

interface ToolProps {
  laying: Laying;
  moving: boolean;
  onMoving(moving: boolean): void;
  onSteps(): void;
  /** The page to print. */
  onCard(): void;
  /** Saves the drawing. @returns what to tell the cook, or nothing */
  onSave(type: 'svg' | 'png'): Promise<string>;
}

/** What is done with the whole pot: move, turn, arrange anew, build step by step, keep its picture. */
export function Tools({ laying, moving, onMoving, onSteps, onCard, onSave }: ToolProps) {
  const [told, setTold] = useState('');
  const { laid, isByHand, keep } = laying;
  const turn = (byDeg: number) => keep(turned(laid, byDeg));
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <ToggleChip label="Move things" on={moving} onChange={onMoving} />
        <IconButton
          label="Turn everything to the left"
          className="border border-edge bg-sheet"
          icon={<RotateCcw size={22} color="rgb(var(--ink))" />}
          onPress={() => turn(-TURN_DEG)}
        />
        <IconButton
          label="Turn everything to the right"
          className="border border-edge bg-sheet"
          icon={<RotateCw size={22} color="rgb(var(--ink))" />}
          onPress={() => turn(TURN_DEG)}
        />
        {isByHand ? <Button label="Arrange it anew" onPress={() => keep(lockedOf(laid))} /> : null}
      </View>
      <Small>
        {moving
          ? 'Carry a bunch to where it should lie. What is locked stays.'
          : 'Tap a bunch to see why it lies there, and to move it by buttons.'}
      </Small>
      <View className="flex-row flex-wrap gap-2">
        <Button className="grow" label="Step by step" onPress={onSteps} />
        <Button className="grow" label="Print a card" onPress={onCard} />
      </View>
      <View className="flex-row flex-wrap gap-x-2">
        {(['png', 'svg'] as const).map((type) => (
          <Button
            key={type}
            look="quiet"
            label={type.toUpperCase()}
            aria-label={`Save as ${type.toUpperCase()}`}
            icon={<Download size={20} color="rgb(var(--iron))" />}
            onPress={() => void onSave(type).then(setTold)}
          />
        ))}
      </View>
      {told ? <Small aria-live="polite">{told}</Small> : null}
    </View>
  );
}
