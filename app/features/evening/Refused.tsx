import type { PotPlan } from '@elixa/contract';
import { TriangleAlert } from '@/ui/icons';
import { View } from 'react-native';
import { Body, Heading } from '@/ui/Text';
import { AdviceList } from './AdviceList';

/** What makes an evening impossible as it is planned. */
export const refusedOf = ({ simmer }: Pick<PotPlan, 'simmer'>) => simmer.unsatisfied.filter((one) => one.refused);

/** That an evening does not work so, with the ways out, each a tap. */
export const Refused = ({ plan }: { plan: Pick<PotPlan, 'simmer'> }) =>
  refusedOf(plan).map((one) => (
    <View key={one.id} role="alert" className="gap-3 rounded-2xl border-2 border-ember bg-sheet p-4">
      <View className="flex-row items-start gap-3">
        <TriangleAlert size={24} color="rgb(var(--ember))" aria-hidden />
        <Heading level={3} className="min-w-0 flex-1">
          {one.text}
        </Heading>
      </View>
      <Body>{one.because}</Body>
      <AdviceList advice={one.remedies} />
    </View>
  ));
