import type { Units, Vessel } from '@elixa/contract';
import { brothAtLevel, heightAtMm, showLength, showVolume, volumeBelowMl } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { typedNumber } from '@/ui/typedNumber';

interface Props {
  vessel: Vessel;
  units: Units;
  /** What of the food of one round takes the liquid's room. */
  foodMl: number;
}

/** A number that was typed, where it can be read and the pot is as deep or holds as much. */
function numberUpTo(text: string, most: number): number | undefined {
  const typed = typedNumber(text, most);
  return typed !== undefined && typed >= 0 && typed <= most ? typed : undefined;
}

/** A ruler's depth turned into millilitres, and back. */
export function RulerTool({ vessel, units, foodMl }: Props) {
  const [depth, setDepth] = useState('');
  const [volume, setVolume] = useState('');
  const depthMm = numberUpTo(depth, vessel.innerDepthMm);
  const volumeMl = numberUpTo(volume, vessel.rimVolumeMl);
  return (
    <Section title="With a ruler">
      <Small>Hold it upright in the middle, down to the bottom, and read it at the surface.</Small>
      <View className="flex-row flex-wrap gap-4">
        <View className="min-w-[9rem] flex-1 gap-2">
          <Field
            label="The ruler shows"
            unit="mm"
            value={depth}
            onChange={setDepth}
            error={
              depth !== '' && depthMm === undefined
                ? `Write how deep it is, up to ${Math.round(vessel.innerDepthMm)} mm.`
                : undefined
            }
          />
          {depthMm === undefined ? null : (
            <View aria-live="polite">
              <Body className="font-semibold">{showVolume(volumeBelowMl(vessel, depthMm), units)} of liquid alone</Body>
              <Small>
                or {showVolume(brothAtLevel(vessel, depthMm, foodMl).brothMl, units)} of it between the food of a round
              </Small>
            </View>
          )}
        </View>
        <View className="min-w-[9rem] flex-1 gap-2">
          <Field
            label="The jug pours"
            unit="ml"
            value={volume}
            onChange={setVolume}
            error={
              volume !== '' && volumeMl === undefined
                ? `Write how much it is, up to ${Math.round(vessel.rimVolumeMl)} ml.`
                : undefined
            }
          />
          {volumeMl === undefined ? null : (
            <View aria-live="polite">
              <Body className="font-semibold">{showLength(heightAtMm(vessel, volumeMl), units)} deep alone</Body>
              <Small>
                or {showLength(heightAtMm(vessel, volumeMl + foodMl), units)} with the food of a round in it
              </Small>
            </View>
          )}
        </View>
      </View>
    </Section>
  );
}
