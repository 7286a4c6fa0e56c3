import equal from 'fast-deep-equal';
import { useRef } from 'react';

/** A value that stays the very same as long as it says the same, so that what is drawn from it is not drawn again. */
export function useSame<Value>(value: Value): Value {
  const kept = useRef(value);
  if (!equal(kept.current, value)) kept.current = value;
  return kept.current;
}
