import type { Evening } from '@elixa/contract';
import { changesSince, counterList, liveSteps, liveView, onCounterByPrep } from '@elixa/core';
import { Redirect } from 'expo-router';
import { useKeepAwake } from 'expo-keep-awake';
import { useMemo } from 'react';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { usePlan } from '@/features/evening/usePlan';
import { Instead } from '@/ui/Page';
import { ChangedSince } from './ChangedSince';
import { Cooking } from './Cooking';
import { ReadyToLight } from './ReadyToLight';
import { useLiveLog, type LiveLogAccess } from './useLiveLog';
import { useNow } from './useNow';

/** At the stove: before it is lit, while it cooks, until it is finished. */
export function StoveScreen() {
  const { evening, plan, prepState } = useEvening();
  const log = useLiveLog(evening.id);
  const { started } = log.state;
  if (log.state.status === 'finished') return <Redirect href={`/evening/${evening.id}/after`} />;
  if (started && log.state.status !== 'waiting') {
    return <OnTheStove evening={started.evening} log={log} changes={changesSince(started.evening, evening)} />;
  }
  if (!plan) return <Faults />;
  return (
    <ReadyToLight
      evening={evening}
      plan={plan}
      onCounter={log.state.ticks.counter}
      prepared={onCounterByPrep(counterList(plan), prepState.prep, log.state.ticks.prep)}
      onStart={() => {
        log.record({ type: 'started', evening });
        log.record({ type: 'stepDone', step: 0 });
      }}
    />
  );
}

/** Cooks by the evening as it was when the burner was lit, whatever is changed in the document since. */
function OnTheStove({ evening, log, changes }: { evening: Evening; log: LiveLogAccess; changes: string[] }) {
  useKeepAwake();
  const { plan } = usePlan(evening);
  const now = useNow(log.state.status === 'running');
  const steps = useMemo(() => (plan ? liveSteps(plan.simmer) : []), [plan]);
  if (!plan) return <Instead title="Laying out the steps" busy />;
  const view = liveView(plan.simmer, steps, log.state, Math.max(now, Date.now()));
  return (
    <>
      <ChangedSince changes={changes} />
      <Cooking evening={evening} plan={plan} view={view} log={log} />
    </>
  );
}
