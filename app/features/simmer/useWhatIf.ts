import type { Edit, Evening, PotPlan } from '@elixa/contract';
import type { Difference } from '@elixa/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { askPlanner, stopPlanner } from '@/workers/planner';

const KEY = 'whatIf';

/** What somebody wonders about. */
export interface Wondered {
  label: string;
  edits: Edit[];
  /** It is asked where its answer shows: a hand holds the thing. */
  inHand?: true;
}

export interface WhatIfState {
  wondered?: Wondered;
  /** The pot as it would be, and what is otherwise then; while nothing is found yet, of what was asked before. */
  plan?: PotPlan;
  differences?: readonly Difference[];
  /** What of it belongs to what is asked now. */
  isFound: boolean;
  /** Plans that have been gone through for it. */
  gone: number;
  fault?: string;
  ask(wondered: Wondered): void;
  leave(): void;
}

interface Answered {
  of: Wondered;
  evening: Evening;
  plan?: PotPlan;
  differences?: readonly Difference[];
  fault?: string;
}

/** Asks the planner what a change would do to the pot, and keeps the answer until it is kept or put back. */
export function useWhatIf(evening: Evening): WhatIfState {
  const [asked, setAsked] = useState<{ wondered: Wondered; evening: Evening } | undefined>(undefined);
  const [gone, setGone] = useState(0);
  const [answered, setAnswered] = useState<Answered | undefined>(undefined);
  // What was asked of an evening that has changed since is no question any more.
  const wondered = asked?.evening === evening ? asked.wondered : undefined;
  useEffect(() => {
    if (!wondered) return undefined;
    setGone(0);
    askPlanner(
      KEY,
      { evening, whatIf: wondered.edits },
      {
        found: (found) => {
          if (found.kind === 'wondering') setGone(found.gone);
          else if (found.kind === 'whatIf') {
            setAnswered({ of: wondered, evening, plan: found.plan, differences: found.differences });
          } else if (found.kind === 'faults') {
            const [first] = found.faults;
            setAnswered({ of: wondered, evening, fault: first ? `${first.message}. ${first.fix}` : undefined });
          }
        },
        failed: (message) => setAnswered({ of: wondered, evening, fault: message }),
      },
    );
    return () => stopPlanner(KEY);
  }, [wondered, evening]);
  const ask = useCallback((next: Wondered) => setAsked({ wondered: next, evening }), [evening]);
  const leave = useCallback(() => setAsked(undefined), []);
  return useMemo(() => {
    const mine = wondered && answered?.evening === evening ? answered : undefined;
    const isFound = mine !== undefined && mine.of === wondered;
    return {
      wondered,
      plan: mine?.plan,
      differences: mine?.differences,
      fault: isFound ? mine.fault : undefined,
      isFound,
      gone,
      ask,
      leave,
    };
  }, [wondered, answered, gone, evening, ask, leave]);
}
