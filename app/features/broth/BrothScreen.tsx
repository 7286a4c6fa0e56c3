import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Segmented } from '@/ui/Choice';
import { LiquidCard } from './LiquidCard';
import { SchoolChoices } from './SchoolChoices';

/** One liquid at a time, the others a tap away. */
export function BrothScreen() {
  const { plan } = useEvening();
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  if (!plan) return <Faults />;
  const liquid = plan.liquids.find((one) => one.id === chosen) ?? plan.liquids[0];
  if (!liquid) return null;
  return (
    <>
      <Faults />
      <Segmented
        label="Liquid"
        options={plan.liquids.map((one) => ({ value: one.id, label: one.kind === 'broth' ? 'Broth' : 'Dip' }))}
        value={liquid.id}
        onChange={setChosen}
      />
      <LiquidCard liquid={liquid} key={liquid.id} />
      {liquid.kind === 'broth' ? (
        <View className="gap-8">
          <SchoolChoices />
        </View>
      ) : null}
    </>
  );
}
