import { changesSince, counterList, factsOf, liveSteps, liveView, onCounterByPrep, whatMoved } from '@elixa/core';
import { Redirect } from 'expo-router';
import { useKeepAwake } from 'expo-keep-awake';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { nowMs } from '@/state/clock';
import { ChangedSince } from '@/features/live/ChangedSince';
import { Cooking } from './Cooking';
import { ReadyToLight } from './ReadyToLight';
import { useLiveLog, type LiveLogAccess } from '@/features/live/useLiveLog';
import { useSecond } from '@/state/useNow';
import { useCatalogue } from '@/ui/catalogue';
import { Small } from '@/ui/Text';
import { useTop } from '@/ui/useTop';
import { useLook } from './useLook';

/** At the stove: before it is lit, while it cooks, until it is finished. */
export function StoveScreen() {
  const catalogue = useCatalogue();
  const { evening, plan, prep, pending } = useEvening();
  const log = useLiveLog(evening.id);
  const { started } = log.state;
  if (log.state.status === 'finished') return <Redirect href={`/evening/${evening.id}/after`} />;
  if (started && log.state.status !== 'waiting') {
    return <OnTheStove started={started} log={log} changes={changesSince(started.evening, evening)} />;
  }
  if (!plan) return <Faults />;
  return (
    <ReadyToLight
      evening={evening}
      plan={plan}
      onCounter={log.state.ticks.counter}
      prepared={onCounterByPrep(counterList(catalogue, plan), prep)}
      pending={pending}
      onStart={() => {
        const [first] = liveSteps(catalogue, plan.simmer);
        const planId = log.adopt(evening, plan);
        if (first) log.record({ type: 'happened', facts: factsOf(first, plan, planId) });
      }}
    />
  );
}

interface OnTheStoveProps {
  started: NonNullable<LiveLogAccess['state']['started']>;
  log: LiveLogAccess;
  changes: string[];
}

/** Cooks by the plan that was adopted when the burner was lit, whatever is changed in the document or the planner since. */
function OnTheStove({ started, log, changes }: OnTheStoveProps) {
  const catalogue = useCatalogue();
  useKeepAwake();
  const top = useTop();
  const { evening, plan } = started;
  // Once a second while it runs; the time itself is asked for anew.
  useSecond(log.state.status === 'running');
  const steps = useMemo(() => liveSteps(catalogue, plan.simmer), [catalogue, plan]);
  const { look, failure } = useLook(log);
  const view = liveView(plan, steps, log.state, nowMs(), look);
  const moved = useMemo(() => whatMoved(catalogue, log.state), [catalogue, log.state]);
  return (
    <View ref={top} className="scroll-mt-5 gap-8">
      <ChangedSince changes={changes} />
      {failure ? (
        <Small>
          The pot cannot be worked out on this phone just now. Times move with what you tap; the signs hold.
        </Small>
      ) : null}
      <Cooking evening={evening} plan={plan} view={view} moved={moved} look={look} log={log} />
    </View>
  );
}
