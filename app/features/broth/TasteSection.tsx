import type { Liquid, Taste } from '@elixa/contract';
import { View } from 'react-native';
import { useEvening } from '@/features/evening/EveningContext';
import { IconButton } from '@/ui/Button';
import { Minus, Plus } from '@/ui/icons';
import { Section } from '@/ui/Page';
import { Body, Small } from '@/ui/Text';
import { BandBar } from './BandBar';
import { stepWords } from './liquidWords';
import { bandOf, type Key, nowWords, turnable } from './tasteNow';

const MOST = 3;

/** Milder or stronger, sweeter, sharper, hotter, more savoury: the amounts follow at once. */
export function TasteSection({ liquid }: { liquid: Liquid }) {
  const { evening, edit } = useEvening();
  const taste: Taste = evening.choices.taste?.[liquid.formulaId] ?? {};
  const turn = (key: Key, step: number) => {
    edit({ kind: 'tasteTurned', formulaId: liquid.formulaId, taste: { ...taste, [key]: step } });
  };
  return (
    <Section title="To your taste">
      <View className="border-t border-line">
        {turnable(liquid).map(({ key, label, less, more }) => {
          const step = taste[key] ?? 0;
          return (
            <View key={key} className="flex-row flex-wrap items-center gap-2 border-b border-line py-2">
              <View className="words">
                <Body className="font-semibold">
                  {label}: {stepWords(step)}
                </Body>
                <Small>{nowWords(liquid, key)}</Small>
                <BandBar {...bandOf(liquid, key)} />
              </View>
              <IconButton
                label={less}
                disabled={step <= -MOST}
                onPress={() => turn(key, step - 1)}
                className="border border-edge bg-sheet"
                icon={<Minus size={22} color="rgb(var(--ink))" />}
              />
              <IconButton
                label={more}
                disabled={step >= MOST}
                onPress={() => turn(key, step + 1)}
                className="border border-edge bg-sheet"
                icon={<Plus size={22} color="rgb(var(--ink))" />}
              />
            </View>
          );
        })}
      </View>
    </Section>
  );
}
