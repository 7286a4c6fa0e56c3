import type { Evening, PotPlan } from '@elixa/contract';
import { liveSteps, liveView, rehearsalAt, seenOf, whatMoved, type EveningToldAgain } from '@elixa/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Cooking } from '@/features/stove/Cooking';
import { useLook } from '@/features/stove/useLook';
import { useCatalogue } from '@/ui/catalogue';
import { Outcome } from './Outcome';
import { PlayerBar } from './PlayerBar';
import { GoingThrough, SetUp } from './SetUp';
import { useHand } from './useHand';
import { usePlaying } from './usePlaying';
import { useRehearsal, useTruth, type Setting } from './useRehearsal';

/** An evening rehearsed before it comes: what goes wrong is chosen, then the stove is gone through on a simulated kitchen. */
export function RehearsalScreen() {
  const { evening, plan } = useEvening();
  const [setting, setSetting] = useState<Setting>();
  const found = useRehearsal(evening, setting);
  if (!plan) return <Faults />;
  if (setting && !found) return <GoingThrough onLeave={() => setSetting(undefined)} />;
  if (!setting || !found?.rehearsed) {
    return <SetUp seed={setting?.seed ?? 1} failure={found?.failure} onStart={setSetting} />;
  }
  return (
    <Player
      key={`${setting.seed} ${setting.mishaps.join(' ')}`}
      evening={evening}
      plan={plan}
      setting={setting}
      rehearsed={found.rehearsed}
      onAgain={() => setSetting(undefined)}
    />
  );
}

interface PlayerProps {
  evening: Evening;
  plan: PotPlan;
  setting: Setting;
  rehearsed: EveningToldAgain;
  onAgain(): void;
}

/** Longer than any evening, in s: by hand it goes on until it is finished. */
const NO_END_S = 6 * 3600;
/** Nobody can listen to more than this. */
const LOUD_RATE = 10;

function Player({ evening, plan, setting, rehearsed, onAgain }: PlayerProps) {
  const catalogue = useCatalogue();
  const [isOver, setOver] = useState(false);
  const [endsAtS, setEndsAtS] = useState(rehearsed.endsAtS);
  const playing = usePlaying(endsAtS);
  const { atS, isOn, rate } = playing;
  const atMs = rehearsed.startsMs + atS * 1000;
  // What has happened changes with the events and not with the clock.
  const count = rehearsed.log.events.filter(({ at }) => Date.parse(at) <= atMs).length;
  const shown = useMemo(
    () => rehearsalAt(rehearsed, atS),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [rehearsed, count],
  );
  const { log: own, isByHand } = useHand(rehearsed, shown, atMs);
  const log = {
    ...own,
    record: (news: Parameters<typeof own.record>[0]) => {
      setEndsAtS(NO_END_S);
      return own.record(news);
    },
  };
  const { look: byHand } = useLook(log, { key: 'rehearsal', isOn: isByHand && isOn, rate, nowMs: () => atMs });
  const truth = useTruth(evening, setting, isByHand ? log.state : undefined, atS);
  const look = isByHand ? byHand : shown.look;
  const { started } = log.state;
  const steps = useMemo(() => (started ? liveSteps(catalogue, started.plan.simmer) : []), [catalogue, started]);
  const moved = useMemo(() => whatMoved(catalogue, log.state), [catalogue, log.state]);
  const isFinished = log.state.status === 'finished' || log.state.status === 'waiting';
  if (isOver || isFinished || !started || (!isByHand && atS >= rehearsed.endsAtS)) {
    return <Outcome plan={plan} rehearsed={rehearsed} truth={isByHand ? truth : undefined} onAgain={onAgain} />;
  }
  const view = liveView(started.plan, steps, log.state, atMs, look);
  return (
    <View className="gap-6">
      <PlayerBar
        playing={playing}
        endsAtS={rehearsed.endsAtS}
        isByHand={isByHand}
        seen={truth ? seenOf(truth) : undefined}
        onEnd={() => setOver(true)}
      />
      <Cooking
        evening={started.evening}
        plan={started.plan}
        view={view}
        moved={moved}
        look={look}
        log={log}
        rehearsal={{ nowMs: () => atMs, isQuiet: !isOn || rate > LOUD_RATE }}
      />
    </View>
  );
}
