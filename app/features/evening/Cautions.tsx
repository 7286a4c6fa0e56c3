import type { Caution } from '@elixa/contract';
import { Info, OctagonAlert, TriangleAlert } from '@/ui/icons';
import { View } from 'react-native';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { useEvening } from './EveningContext';

const ICON = { danger: OctagonAlert, warning: TriangleAlert, note: Info } as const;
const TONE = { danger: 'rgb(var(--ember))', warning: 'rgb(var(--ember))', note: 'rgb(var(--soft))' } as const;

function CautionRow({ caution }: { caution: Caution }) {
  const Icon = ICON[caution.severity];
  return (
    <View className="flex-row gap-3 border-b border-line py-3">
      <Icon size={22} color={TONE[caution.severity]} aria-hidden />
      <View className="flex-1">
        <Body>{caution.text}</Body>
        <Small>{caution.because.join(' · ')}</Small>
      </View>
    </View>
  );
}

/** The cautions of this evening, gravest first. */
export function Cautions() {
  const { plan } = useEvening();
  if (!plan || plan.cautions.length === 0) return null;
  return (
    <Section title="Take care">
      <View className="border-t border-line">
        {plan.cautions.map((caution) => (
          <CautionRow key={caution.id} caution={caution} />
        ))}
      </View>
    </Section>
  );
}
