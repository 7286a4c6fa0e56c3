import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Button } from '@/ui/Button';
import { Tabs } from '@/ui/Choice';
import { CookingPot } from '@/ui/icons';
import { ChooseLiquids } from './ChooseLiquids';
import { LiquidCard } from './LiquidCard';
import { SchoolChoices } from './SchoolChoices';

/** One liquid at a time, the others a tap away. */
export function BrothScreen() {
  const { plan } = useEvening();
  const [shown, setShown] = useState<string | undefined>(undefined);
  const [choosing, setChoosing] = useState(false);
  if (!plan) return <Faults />;
  const liquid = plan.liquids.find((one) => one.id === shown) ?? plan.liquids[0];
  if (!liquid) return null;
  return (
    <>
      <Faults />
      <View className="gap-3">
        <Tabs
          label="Liquid"
          options={plan.liquids.map((one) => ({ value: one.id, label: one.kind === 'broth' ? 'Broth' : one.name }))}
          value={liquid.id}
          onChange={setShown}
        />
        <Button
          className="self-start"
          label="Other broths and sauces"
          icon={<CookingPot size={20} color="rgb(var(--ink))" />}
          onPress={() => setChoosing(true)}
        />
      </View>
      <LiquidCard liquid={liquid} key={liquid.id} />
      <SchoolChoices formulaId={liquid.id} />
      <ChooseLiquids open={choosing} onClose={() => setChoosing(false)} />
    </>
  );
}
