import type { Evening, FieldError, PotPlan } from '@elixa/contract';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import { startTransition, useEffect, useState } from 'react';
import { planInWorker } from '@/workers/planner';

export interface PlanState {
  plan?: PotPlan;
  faults: FieldError[];
  /** The plan shown belongs to an earlier state of the evening. */
  pending: boolean;
  failure?: string;
}

/** The plan of an evening, made anew when it changes; the last good one stays until then. */
export function usePlan(evening: Evening | undefined): PlanState {
  const [state, setState] = useState<PlanState & { of?: Evening }>({ faults: [], pending: true });
  useEffect(() => {
    if (!evening) return undefined;
    let current = true;
    planInWorker(evening)
      .then(({ plan, faults }) => {
        if (!current) return;
        // What did not change stays the same object, and what did is drawn in slices: a tap is not kept waiting.
        startTransition(() =>
          setState((last) => ({
            plan: plan ? copyWithStructuralSharing(last.plan, plan) : last.plan,
            faults: faults ?? [],
            pending: false,
            of: evening,
          })),
        );
      })
      .catch((error: Error) => {
        if (current) setState((last) => ({ ...last, pending: false, of: evening, failure: error.message }));
      });
    return () => {
      current = false;
    };
  }, [evening]);
  return { plan: state.plan, faults: state.faults, failure: state.failure, pending: state.of !== evening };
}
