import type { ReactNode } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { Gesture, GestureDetector, GestureHandlerRootView } from 'react-native-gesture-handler';

/** A place on the board, in pixels from its corner. */
export interface Touch {
  x: number;
  y: number;
}

export interface HandProps {
  /** A finger carries what it lies on; or else it moves the page. */
  carries: boolean;
  onTap(at: Touch): void;
  onTake(at: Touch): void;
  onCarry(at: Touch): void;
  /** It is let go of; nothing of it counts where the finger slipped off. */
  onDrop(at: Touch, counts: boolean): void;
  onLayout(event: LayoutChangeEvent): void;
  className?: string;
  children: ReactNode;
}

/** A finger that has gone so far carries something, in pixels. */
const STARTS_PX = 8;

/**
 * A board that feels a finger, a pen or a mouse. It stands in a script of its own, which is fetched by who builds a pot, and
 * knows nothing of pots.
 */
export function Hand({ carries, onTap, onTake, onCarry, onDrop, onLayout, className, children }: HandProps) {
  const tap = Gesture.Tap()
    .runOnJS(true)
    .onEnd((event, success) => {
      if (success) onTap(event);
    });
  const carry = Gesture.Pan()
    .runOnJS(true)
    .enabled(carries)
    .minDistance(STARTS_PX)
    .onBegin(onTake)
    .onUpdate(onCarry)
    .onEnd(onDrop);
  return (
    <GestureHandlerRootView style={{ width: '100%' }}>
      <GestureDetector gesture={Gesture.Race(carry, tap)} touchAction={carries ? 'none' : 'pan-y'} userSelect="none">
        <View onLayout={onLayout} className={className}>
          {children}
        </View>
      </GestureDetector>
    </GestureHandlerRootView>
  );
}
