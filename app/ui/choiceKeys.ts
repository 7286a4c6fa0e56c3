import { useRef } from 'react';
import type { View } from 'react-native';

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** The place that a key moves to within a group, round its ends; undefined where the key moves nothing. */
export function movedTo(key: string, at: number, count: number): number | undefined {
  if (key === 'Home') return 0;
  if (key === 'End') return count - 1;
  const step = STEPS[key];
  return step === undefined || count === 0 ? undefined : (Math.max(0, at) + step + count) % count;
}

interface KeyPress {
  key: string;
  preventDefault(): void;
}

/**
 * The space bar on what is ticked: the keyboard's own way, which the press of a button does not bring along.
 * @returns what the box gets as properties
 */
export const tickedBySpace = (onPress: () => void): object => ({
  onKeyDown: (press: KeyPress) => {
    if (press.key !== ' ') return;
    press.preventDefault();
    onPress();
  },
});

/**
 * A group of choices as a keyboard expects it: one stop for the whole group, at what is chosen, and arrows within it, which
 * choose as they move.
 * @returns what each choice gets as properties, by its value
 */
export function useRadioKeys<Value extends string>(
  values: readonly Value[],
  value: Value,
  onChange: (value: Value) => void,
) {
  const places = useRef(new Map<Value, View>());
  const chosen = values.indexOf(value);
  return (one: Value): object => ({
    ref: (place: View | null) => {
      if (place) places.current.set(one, place);
      else places.current.delete(one);
    },
    tabIndex: one === value || (chosen === -1 && one === values[0]) ? 0 : -1,
    onKeyDown: (press: KeyPress) => {
      const at = values.indexOf(one);
      const next = press.key === ' ' ? one : values[movedTo(press.key, at, values.length) ?? -1];
      if (next === undefined) return;
      press.preventDefault();
      onChange(next);
      places.current.get(next)?.focus();
    },
  });
}
