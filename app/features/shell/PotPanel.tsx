import { showVolume, saucesOf } from '@elixa/core';
import { usePathname } from 'expo-router';
import { View } from 'react-native';
import { useMoment } from '@/features/simmer/MomentContext';
import { MomentPot } from '@/features/simmer/MomentPot';
import { SimmerTimeline } from '@/features/simmer/SimmerTimeline';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { PotFromSide } from '@/ui/pot/PotFromSide';
import { Figure, Small } from '@/ui/Text';
import { clock } from '@/ui/time';
import { useEvening } from '@/features/evening/EveningContext';

/** The pot and its timeline, beside whatever is worked on. */
export function PotPanel() {
  const { evening, plan } = useEvening();
  // There the timeline is the page itself.
  const atSimmer = usePathname().endsWith('/simmer');
  const { shown } = useMoment();
  if (!plan) return null;
  const { build, simmer } = plan;
  return (
    <View className="gap-6">
      {atSimmer && shown ? (
        <MomentPot vessel={evening.vessel} moment={shown} />
      ) : (
        <PotFromAbove vessel={evening.vessel} build={build} {...saucesOf(plan)} />
      )}
      <PotFromSide vessel={evening.vessel} build={build} units={evening.units} {...saucesOf(plan)} measured />
      <View className="flex-row flex-wrap justify-between gap-x-5 gap-y-3">
        <View>
          <Figure>{clock(simmer.litAt)}</Figure>
          <Small>light the burner</Small>
        </View>
        <View>
          <Figure>{clock(evening.sitDownAt)}</Figure>
          <Small>sit down</Small>
        </View>
        <View>
          <Figure>{showVolume(build.pourMl, evening.units)}</Figure>
          <Small>broth in first</Small>
        </View>
      </View>
      {atSimmer ? null : <SimmerTimeline simmer={simmer} round={1} />}
    </View>
  );
}
