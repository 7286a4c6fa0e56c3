import type { Evening, Sighting } from '@elixa/contract';
import type { Unasked } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import type { ProbedAt } from '@/features/devices/useProbe';
import { Button } from '@/ui/Button';
import { Tabs } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Heading, Small } from '@/ui/Text';
import { byName, type Named } from './named';

interface Props {
  evening: Evening;
  things: readonly Named[];
  onTell(said: Unasked): void;
  /** A probe is stuck in there, and tells by itself. */
  onProbe?(at: ProbedAt): void;
  /** It does not taste right: what mends it is worked out. */
  onMend(): void;
}

const BROTH = 'broth';

const nameOf = (things: readonly Named[], id: string) => things.find((one) => one.id === id)?.name ?? id;

/** What the tongue, a thermometer or a ruler says of the pot. */
export function Measured({ evening, things, onTell, onProbe, onMend }: Props) {
  const [tempC, setTempC] = useState(95);
  const [where, setWhere] = useState(BROTH);
  const [depthMm, setDepthMm] = useState(50);
  const saw = (one: Sighting) => onTell({ is: 'saw', saw: one });
  return (
    <View className="gap-6">
      <View className="gap-2">
        <Heading level={3}>It tastes</Heading>
        <View className="flex-row flex-wrap gap-2">
          <Button
            className="min-h-main min-w-[8rem] flex-1"
            label="Right"
            onPress={() => saw({ is: 'tasted', says: 'right' })}
          />
          <Button className="min-h-main min-w-[8rem] flex-1" label="Not right: what mends it?" onPress={onMend} />
        </View>
      </View>
      <View className="gap-2">
        <Heading level={3}>A thermometer</Heading>
        {things.length > 0 ? (
          <Tabs
            label="Where"
            options={[
              { value: BROTH, label: 'in the broth' },
              ...byName(things).map(({ name, ids }) => ({ value: ids[0]!, label: name })),
            ]}
            value={where}
            onChange={setWhere}
          />
        ) : null}
        <View className="flex-row items-end gap-3">
          <NumberField label="It shows" unit="°C" value={tempC} min={0} max={250} onChange={setTempC} />
          <Button
            className="min-h-target"
            label="Tell it"
            onPress={() => saw({ is: 'probe', tempC, ...(where === BROTH ? {} : { pieceId: where }) })}
          />
        </View>
        {onProbe ? (
          <Button
            label="A probe reads it by itself"
            onPress={() => onProbe(where === BROTH ? { name: BROTH } : { name: nameOf(things, where), pieceId: where })}
          />
        ) : null}
        <Small>
          In the middle of the thickest piece of it, touching neither bone nor pot: as hot there as is advised, it need
          not wait for the clock.
        </Small>
      </View>
      <View className="gap-2">
        <Heading level={3}>A ruler</Heading>
        <View className="flex-row items-end gap-3">
          <NumberField
            label="How deep it stands"
            unit="mm"
            value={depthMm}
            min={1}
            max={evening.vessel.innerDepthMm}
            onChange={setDepthMm}
          />
          <Button className="min-h-target" label="Tell it" onPress={() => saw({ is: 'ruler', depthMm })} />
        </View>
        <Small>From the bottom to the surface, food and all, in the middle of the pot.</Small>
      </View>
    </View>
  );
}
