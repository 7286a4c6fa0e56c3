import { memo } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Body, Small } from '@/ui/Text';
import type { Hob } from './useHob';
import type { Probe } from './useProbe';
import type { DeviceStatus } from './useReadings';

const STATUS: Partial<Record<DeviceStatus, string>> = {
  waiting: 'waits for its first reading',
  lost: 'does not answer: the times go by the clock meanwhile',
  taken: 'is read on another screen',
};

interface LineProps {
  name: string;
  status: DeviceStatus;
  says?: string;
  leaveLabel: string;
  onLeave(): void;
  onTake(): void;
}

function DeviceLine({ name, status, says, leaveLabel, onLeave, onTake }: LineProps) {
  return (
    <View
      role="group"
      aria-label={name}
      className="flex-row flex-wrap items-center gap-x-3 rounded-2xl bg-well py-1 pl-4 pr-1"
    >
      <Body className="words flex-1">
        {name} {STATUS[status] ?? says}
      </Body>
      {status === 'taken' ? <Button look="quiet" label="Read it here" onPress={onTake} /> : null}
      <Button look="quiet" label={leaveLabel} aria-label={`${leaveLabel}: ${name}`} onPress={onLeave} />
    </View>
  );
}

const SHARES = [
  { share: 0, label: 'off' },
  { share: 0.3, label: 'low' },
  { share: 0.6, label: 'middle' },
  { share: 1, label: 'full' },
] as const;

/** What reads the pot by itself now, and what it reads. */
export const DeviceLines = memo(function DeviceLines({ probe, hob }: { probe: Probe; hob: Hob }) {
  if (!probe.at && !hob.isOn) return null;
  return (
    <View className="gap-2">
      {probe.at ? (
        <DeviceLine
          name={`Probe in the ${probe.at.name}`}
          status={probe.status}
          says={`${probe.tempC?.toFixed(1)} °C`}
          leaveLabel="Take it out"
          onLeave={probe.takeOut}
          onTake={probe.take}
        />
      ) : null}
      {hob.isOn ? (
        <>
          <DeviceLine
            name="Hob"
            status={hob.status}
            says={hob.share === 0 ? 'is off' : `at ${Math.round((hob.share ?? 0) * 100)} % of its power`}
            leaveLabel="Leave it"
            onLeave={hob.leave}
            onTake={hob.take}
          />
          {hob.isPractice ? (
            <View className="gap-2">
              <Small>A practice hob stands in. Turn its knob:</Small>
              <View className="flex-row gap-2">
                {SHARES.map(({ share, label }) => (
                  <Button
                    key={label}
                    className="flex-1 px-1"
                    label={label}
                    aria-label={`Turn the hob: ${label}`}
                    onPress={() => hob.turn(share)}
                  />
                ))}
              </View>
            </View>
          ) : null}
        </>
      ) : null}
    </View>
  );
});
