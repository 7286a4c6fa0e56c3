import type { VesselMaterial } from '@elixa/contract';
import { MATERIALS } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Body, Small } from '@/ui/Text';

/** How a pot of a material is looked after, from the first day to the last; opened by who wants to know. */
export function PotCare({ material }: { material: VesselMaterial }) {
  const [open, setOpen] = useState(false);
  const { name, care } = MATERIALS[material];
  return (
    <View className="gap-2">
      <Button
        look="quiet"
        left
        className="self-start"
        label={`Looking after ${name.toLowerCase()}`}
        aria-expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <View className="rounded-2xl bg-well px-4">
          {care.map(({ when, says }) => (
            <View key={when} className="gap-1 border-t border-line py-3 first:border-t-0">
              <Body className="font-semibold">{when}</Body>
              <Small>{says}</Small>
            </View>
          ))}
          <Small className="border-t border-line py-3">What its maker says comes first.</Small>
        </View>
      ) : null}
    </View>
  );
}
