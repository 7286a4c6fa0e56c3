import { useState } from 'react';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Button } from '@/ui/Button';
import { Tabs } from '@/ui/Choice';
import { CookingPot } from '@/ui/icons';
import { classes } from '@/ui/classes';
import { useScreen } from '@/ui/useScreen';
import { ChooseLiquids } from './ChooseLiquids';
import { tabName } from './liquidWords';
import { LabelSection } from './LabelSection';
import { LiquidFormula, LiquidMaking } from './LiquidParts';
import { SchoolChoices } from './SchoolChoices';

/** One liquid at a time, the others a tap away. */
export function BrothScreen() {
  const { plan } = useEvening();
  const { wide } = useScreen();
  const [shown, setShown] = useState<string | undefined>(undefined);
  const [choosing, setChoosing] = useState(false);
  if (!plan) return <Faults />;
  const liquid = plan.liquids.find((one) => one.id === shown) ?? plan.liquids[0];
  if (!liquid) return null;
  return (
    <>
      <Faults />
      <View className="gap-3 lg:flex-row lg:items-start lg:justify-between">
        <Tabs
          label="Liquid"
          options={plan.liquids.map((one) => ({ value: one.id, label: tabName(one) }))}
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
      <View key={liquid.id} className={classes('gap-8', wide ? 'flex-row gap-12' : '')}>
        <View className={classes('gap-8', wide ? 'min-w-0 flex-1' : '')}>
          <LiquidFormula liquid={liquid} />
          <LabelSection liquid={liquid} />
        </View>
        <View className={classes('gap-8', wide ? 'min-w-0 flex-1' : '')}>
          <LiquidMaking liquid={liquid} />
          <SchoolChoices formulaId={liquid.formulaId} inPot={liquid.place === 'pot'} />
        </View>
      </View>
      <ChooseLiquids open={choosing} onClose={() => setChoosing(false)} />
    </>
  );
}
