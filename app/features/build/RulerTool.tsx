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

interface ReadingProps {
  label: string;
  unit: string;
  /** The pot is as deep, or holds as much. */
  most: number;
  /** What it measures, in the words of a sentence: `how deep it is`. */
  measures: string;
  /** What follows from it: alone, and with the food of a round. */
  says(value: number): readonly [alone: string, withFood: string];
}

/** One reading that is typed, and what follows from it. */
function Reading({ label, unit, most, measures, says }: ReadingProps) {
  const [text, setText] = useState('');
  const value = numberUpTo(text, most);
  const isUnread = text !== '' && value === undefined;
  const told = value === undefined ? undefined : says(value);
  return (
    <View className="min-w-[9rem] flex-1 gap-2">
      <Field
        label={label}
        unit={unit}
        value={text}
        onChange={setText}
        error={isUnread ? `Write ${measures}, up to ${Math.round(most)} ${unit}.` : undefined}
      />
      {told ? (
        <View aria-live="polite">
          <Body className="font-semibold">{told[0]}</Body>
          <Small>{told[1]}</Small>
        </View>
      ) : null}
    </View>
  );
}

/** A ruler's depth turned into millilitres, and back. */
export function RulerTool({ vessel, units, foodMl }: Props) {
  const volume = (ml: number) => showVolume(ml, units);
  const depth = (ml: number) => showLength(heightAtMm(vessel, ml), units);
  return (
    <Section title="With a ruler">
      <Small>Hold it upright in the middle, down to the bottom, and read it at the surface.</Small>
      <View className="flex-row flex-wrap gap-4">
        <Reading
          label="The ruler shows"
          unit="mm"
          most={vessel.innerDepthMm}
          measures="how deep it is"
          says={(mm) => [
            `${volume(volumeBelowMl(vessel, mm))} of liquid alone`,
            `or ${volume(brothAtLevel(vessel, mm, foodMl).brothMl)} of it between the food of a round`,
          ]}
        />
        <Reading
          label="The jug pours"
          unit="ml"
          most={vessel.rimVolumeMl}
          measures="how much it is"
          says={(ml) => [`${depth(ml)} deep alone`, `or ${depth(ml + foodMl)} with the food of a round in it`]}
        />
      </View>
    </Section>
  );
}
