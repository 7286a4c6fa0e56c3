import type { Evening } from '@elixa/contract';
import type { EveningToldAgain, Mishap, Truth } from '@elixa/core';
import { useEffect, useRef, useState } from 'react';
import type { LiveLogAccess } from '@/features/live/useLiveLog';
import { askRehearsal, stopRehearsal } from '@/workers/planner';

export interface Setting {
  seed: number;
  mishaps: readonly Mishap[];
}

const KEY = 'rehearsal';
const TRUTH_KEY = 'truth';

/** A rehearsal of an evening from beginning to end, worked out off the page. */
export function useRehearsal(evening: Evening, setting: Setting | undefined) {
  const [found, setFound] = useState<{ of: Setting; rehearsed?: EveningToldAgain; failure?: string }>();
  useEffect(() => {
    if (!setting) return undefined;
    askRehearsal(
      KEY,
      { evening, ...setting },
      {
        found: ({ rehearsed }) =>
          setFound(
            rehearsed
              ? { of: setting, rehearsed }
              : { of: setting, failure: 'This evening cannot be planned yet: see what is said on its other pages.' },
          ),
        failed: () => setFound({ of: setting, failure: 'The rehearsal stopped. Try another kitchen.' }),
      },
    );
    return () => stopRehearsal(KEY);
  }, [evening, setting]);
  return found && found.of === setting ? found : undefined;
}

/** What is seen at the stove of a rehearsal by hand is looked at so often, in seconds of its own. */
const LOOKS_EVERY_S = 10;

/**
 * What is true of the stove of a rehearsal that is tapped by hand.
 * @param state what was told so far; none where it goes by itself
 */
export function useTruth(
  evening: Evening,
  setting: Setting | undefined,
  state: LiveLogAccess['state'] | undefined,
  atS: number,
): Truth | undefined {
  const [truth, setTruth] = useState<Truth>();
  const slot = Math.floor(atS / LOOKS_EVERY_S);
  const now = useRef(atS);
  now.current = atS;
  const taps = state?.taps;
  useEffect(() => {
    if (!setting || !state) return;
    askRehearsal(
      TRUTH_KEY,
      { evening, ...setting, state, atS: now.current },
      { found: ({ truth: seen }) => setTruth(seen), failed: () => setTruth(undefined) },
    );
    // The state says the same as its taps.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [evening, setting, taps?.length, slot]);
  return state ? truth : undefined;
}
