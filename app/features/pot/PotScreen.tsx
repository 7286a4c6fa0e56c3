import type { Amount } from '@elixa/contract';
import { showVolume, saucesOf } from '@elixa/core';
import { View } from 'react-native';
import { EachPot } from '@/features/evening/EachPot';
import { Refused } from '@/features/evening/Refused';
import { useEvening } from '@/features/evening/EveningContext';
import { Faults } from '@/features/evening/Faults';
import { Cautions } from '@/features/evening/Cautions';
import { Section } from '@/ui/Page';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { Figures } from '@/ui/Text';
import { useScreen } from '@/ui/useScreen';
import { AmountRow, FoodList } from '@/features/food/FoodList';
import { KeepPot } from '@/features/housePots/KeepPot';
import { PotTabs } from '@/features/build/PotTabs';
import { pourWords } from '@/features/build/pourWords';
import { PotRow } from '@/features/choose/PotRow';
import { BrothBecomes } from './BrothBecomes';
import { FinishChoice } from './FinishChoice';
import { ServiceChoice } from './ServiceChoice';
import { SidesChoice } from './SidesChoice';

const PARTS: ReadonlyArray<{ purpose: Amount['purpose']; title: string }> = [
  { purpose: 'aside', title: 'Into the small pan' },
  { purpose: 'beside', title: 'Beside the pot' },
  { purpose: 'finish', title: 'For the finish' },
];

/** What goes into the pot, how much of it, and how it fits. */
export function PotScreen() {
  const { evening, plan } = useEvening();
  const { wide } = useScreen();
  if (!plan) return <Faults />;
  const { build } = plan;
  return (
    <>
      <PotTabs at="pot" />
      <Faults />
      <Refused plan={plan} />
      <EachPot plan={plan} />
      {wide ? null : <PotFromAbove vessel={evening.vessel} build={build} {...saucesOf(plan)} />}
      <Figures
        items={[
          {
            value: String(build.rounds.length),
            unit: build.rounds.length === 1 ? 'round' : 'rounds',
            says: build.rounds.length === 1 ? 'it all fits at once' : 'it does not fit at once',
          },
          {
            value: pourWords(build, evening.units).much,
            says: `${build.liquid ?? 'broth'} poured, ${pourWords(build, evening.units).deep}`,
          },
          ...(build.reserveMl >= 25
            ? [
                {
                  value: showVolume(build.reserveMl, evening.units),
                  says: build.liquid === 'sauce' ? 'kept for topping up' : 'kept hot for topping up',
                },
              ]
            : []),
        ]}
      />
      <PotRow />
      <FoodList />
      <BrothBecomes />
      <SidesChoice />
      <ServiceChoice />
      <FinishChoice />
      {PARTS.map(({ purpose, title }) => {
        const amounts = plan.amounts.filter((one) => one.purpose === purpose);
        return amounts.length === 0 ? null : (
          <Section key={purpose} title={title}>
            <View className="border-t border-line">
              {amounts.map((amount) => (
                <AmountRow key={amount.ingredientId} amount={amount} />
              ))}
            </View>
          </Section>
        );
      })}
      <KeepPot />
      <Cautions />
    </>
  );
}
